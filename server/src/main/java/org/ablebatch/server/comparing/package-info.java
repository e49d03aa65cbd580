/**
 * Versions of one picture side by side. Start from {@link
 * org.ablebatch.server.comparing.VersionService}.
 */
package org.ablebatch.server.comparing;
