package org.ablebatch.core.subject;

import org.ablebatch.core.raster.Rect;

/**
 * One thing in the picture that can be kept or left out.
 *
 * @param number 1 for the leftmost kept one, then on to the right, then those left out
 * @param box in pixels of the picture
 * @param share of the picture's area, 0..1
 * @param kept true when it is in the cutout
 */
public record Subject(int number, Rect box, double share, boolean kept) {}
