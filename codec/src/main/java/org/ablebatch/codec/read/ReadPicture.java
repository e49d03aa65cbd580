package org.ablebatch.codec.read;

import org.ablebatch.core.raster.Picture;

/**
 * A picture with what its file said about it.
 *
 * @param picture upright, sRGB
 * @param kind the file's format
 * @param turned true when the file's orientation tag asked for a turn or a flip
 * @param shownByBrowsers true when a browser decodes the very same pixels from the file itself
 * @param bits of each colour in the file: 1 to 16
 * @param profile name of the embedded colour profile; null = none
 * @param hasPlace true when the file says where it was taken
 * @param pictures in the file, of which this is the first, or the main one; frames of a moving one
 *     count
 */
public record ReadPicture(
    Picture picture,
    FileKind kind,
    boolean turned,
    boolean shownByBrowsers,
    int bits,
    String profile,
    boolean hasPlace,
    int pictures) {}
