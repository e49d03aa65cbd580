package org.ablebatch.core.raster;

import java.util.Objects;

/**
 * A picture of {@code width * height} sRGB pixels, 8 bits a channel, not premultiplied.
 *
 * <p>The array is row by row, each value {@code 0xAARRGGBB}. It is shared and not copied: whoever
 * holds a picture treats it as read-only unless the code that made it says otherwise.
 *
 * @param width pixels, at least 1
 * @param height pixels, at least 1
 * @param argb exactly {@code width * height} values
 */
public record Picture(int width, int height, int[] argb) {
  private static final int OPAQUE = 0xFF;

  public Picture {
    Objects.requireNonNull(argb, "argb");
    Shapes.requireSize("argb", argb.length, width, height);
  }

  public int at(int x, int y) {
    return argb[y * width + x];
  }

  /** True when any pixel is less than fully opaque. */
  public boolean hasTransparency() {
    for (int pixel : argb) {
      if (pixel >>> 24 != OPAQUE) {
        return true;
      }
    }
    return false;
  }

  public Rect bounds() {
    return new Rect(0, 0, width, height);
  }

  /**
   * A copy of the part inside {@code frame}.
   *
   * @param frame wholly inside the picture
   */
  public Picture crop(Rect frame) {
    int[] out = new int[Math.multiplyExact(frame.width(), frame.height())];
    for (int y = 0; y < frame.height(); y++) {
      System.arraycopy(
          argb, (frame.y() + y) * width + frame.x(), out, y * frame.width(), frame.width());
    }
    return new Picture(frame.width(), frame.height(), out);
  }
}
