/**
 * HEIF pictures (HEIC and AVIF): what their boxes say, and their pixels by Debian's libheif tools,
 * which run as a process of their own. Start from {@link org.ablebatch.codec.heif.HeifTool}.
 */
package org.ablebatch.codec.heif;
