package org.ablebatch.core.raster;

import java.util.Objects;

/**
 * A picture of {@code width * height} opaque sRGB pixels, 16 bits a channel.
 *
 * @param width pixels, at least 1
 * @param height pixels, at least 1
 * @param rgb red, green and blue in turn, unsigned; exactly {@code 3 * width * height} values
 */
public record DeepPicture(int width, int height, short[] rgb) {
  private static final int CHANNELS = 3;

  public DeepPicture {
    Objects.requireNonNull(rgb, "rgb");
    Shapes.requireSize("rgb", rgb.length / CHANNELS, width, height);
  }

  /**
   * A copy of the part inside {@code frame}.
   *
   * @param frame wholly inside the picture
   */
  public DeepPicture crop(Rect frame) {
    int row = frame.width() * CHANNELS;
    short[] out = new short[Math.multiplyExact(row, frame.height())];
    for (int y = 0; y < frame.height(); y++) {
      int from = ((frame.y() + y) * width + frame.x()) * CHANNELS;
      System.arraycopy(rgb, from, out, y * row, row);
    }
    return new DeepPicture(frame.width(), frame.height(), out);
  }

  /** One of red, green and blue (0, 1, 2) of a pixel, 0..65535. */
  public int at(int x, int y, int channel) {
    return rgb[(y * width + x) * CHANNELS + channel] & 0xFFFF;
  }
}
