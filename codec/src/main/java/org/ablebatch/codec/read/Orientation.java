package org.ablebatch.codec.read;

import org.ablebatch.core.raster.Picture;

/** The EXIF orientation tag (CIPA DC-008, tag 0x0112): 1 = upright, 2 to 8 = flips and turns. */
final class Orientation {
  static final int UPRIGHT = 1;

  private Orientation() {}

  /** The picture as it is meant to be seen. */
  static Picture apply(Picture in, int orientation) {
    if (orientation == UPRIGHT) {
      return in;
    }
    boolean swap = orientation >= 5;
    int w = swap ? in.height() : in.width();
    int h = swap ? in.width() : in.height();
    int[] out = new int[w * h];
    for (int y = 0; y < h; y++) {
      for (int x = 0; x < w; x++) {
        int sx =
            switch (orientation) {
              case 2 -> in.width() - 1 - x;
              case 3 -> in.width() - 1 - x;
              case 4 -> x;
              case 5 -> y;
              case 6 -> y;
              case 7 -> in.width() - 1 - y;
              default -> in.width() - 1 - y;
            };
        int sy =
            switch (orientation) {
              case 2 -> y;
              case 3 -> in.height() - 1 - y;
              case 4 -> in.height() - 1 - y;
              case 5 -> x;
              case 6 -> in.height() - 1 - x;
              case 7 -> in.height() - 1 - x;
              default -> x;
            };
        out[y * w + x] = in.argb()[sy * in.width() + sx];
      }
    }
    return new Picture(w, h, out);
  }
}
