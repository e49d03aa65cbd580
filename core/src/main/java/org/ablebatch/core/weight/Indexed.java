package org.ablebatch.core.weight;

import org.ablebatch.core.raster.Picture;

/**
 * A picture with a palette.
 *
 * @param palette ARGB, not premultiplied, 1..256
 * @param index into the palette, row by row
 */
public record Indexed(int width, int height, int[] palette, byte[] index) {

  /** As it will be seen. */
  public Picture picture() {
    int[] argb = new int[index.length];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = palette[index[i] & 0xFF];
    }
    return new Picture(width, height, argb);
  }
}
