/**
 * Telling open browsers what has changed. Start from {@link
 * org.ablebatch.server.progress.BatchEvents}.
 */
package org.ablebatch.server.progress;
