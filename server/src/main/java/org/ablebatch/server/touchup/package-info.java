/**
 * Hand edits: kept as they are made, rendered by core. Start from {@link
 * org.ablebatch.server.touchup.TouchUpService}.
 */
package org.ablebatch.server.touchup;
