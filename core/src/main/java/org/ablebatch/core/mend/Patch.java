package org.ablebatch.core.mend;

import org.ablebatch.core.raster.Rect;

/**
 * A part of a cutout as it was before an edit.
 *
 * @param box in pixels of the picture; may be empty
 * @param coverage of its pixels, row by row
 * @param colours 0xFFRRGGBB of its pixels
 * @param hints how many hints had been given before
 */
public record Patch(Rect box, byte[] coverage, int[] colours, int hints) {
  private static final int BYTES_PER_PIXEL = 5;

  /** Memory it holds, about. */
  public long bytes() {
    return (long) BYTES_PER_PIXEL * coverage.length;
  }
}
