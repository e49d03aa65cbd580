package org.ablebatch.codec.read;

import org.ablebatch.core.raster.Picture;

/**
 * A picture with what its file said about it.
 *
 * @param picture upright, sRGB
 * @param kind the file's format
 * @param turned true when the file's orientation tag asked for a turn or a flip
 * @param shownByBrowsers true when a browser decodes the very same pixels from the file itself
 */
public record ReadPicture(
    Picture picture, FileKind kind, boolean turned, boolean shownByBrowsers) {}
