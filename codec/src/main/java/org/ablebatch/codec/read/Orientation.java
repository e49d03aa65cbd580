package org.ablebatch.codec.read;

import org.ablebatch.core.raster.DeepPicture;
import org.ablebatch.core.raster.Picture;

/** The EXIF orientation tag (CIPA DC-008, tag 0x0112): 1 = upright, 2 to 8 = flips and turns. */
final class Orientation {
  static final int UPRIGHT = 1;
  private static final int CHANNELS = 3;

  private Orientation() {}

  /** The picture as it is meant to be seen. */
  static Picture apply(Picture in, int orientation) {
    if (orientation == UPRIGHT) {
      return in;
    }
    int[] out = new int[in.argb().length];
    int w = turnedWidth(in.width(), in.height(), orientation);
    for (int i = 0; i < out.length; i++) {
      out[i] = in.argb()[source(i % w, i / w, in.width(), in.height(), orientation)];
    }
    return new Picture(w, out.length / w, out);
  }

  /** The picture as it is meant to be seen. */
  static DeepPicture apply(DeepPicture in, int orientation) {
    if (orientation == UPRIGHT) {
      return in;
    }
    short[] out = new short[in.rgb().length];
    int w = turnedWidth(in.width(), in.height(), orientation);
    for (int i = 0; i < out.length / CHANNELS; i++) {
      int from = source(i % w, i / w, in.width(), in.height(), orientation);
      System.arraycopy(in.rgb(), from * CHANNELS, out, i * CHANNELS, CHANNELS);
    }
    return new DeepPicture(w, out.length / CHANNELS / w, out);
  }

  private static int turnedWidth(int width, int height, int orientation) {
    return orientation >= 5 ? height : width;
  }

  /** The index of the pixel that is to be seen at x, y. */
  private static int source(int x, int y, int width, int height, int orientation) {
    int sx =
        switch (orientation) {
          case 2, 3 -> width - 1 - x;
          case 4 -> x;
          case 5, 6 -> y;
          default -> width - 1 - y;
        };
    int sy =
        switch (orientation) {
          case 2 -> y;
          case 3, 4 -> height - 1 - y;
          case 6, 7 -> height - 1 - x;
          default -> x;
        };
    return sy * width + sx;
  }
}
