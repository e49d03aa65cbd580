package org.ablebatch.core.deliver;

import org.ablebatch.core.dress.DeepDressed;
import org.ablebatch.core.raster.Picture;

/**
 * What lies beyond the finished size: the picture mirrored at its edge, so that a cut that is off
 * by a little shows no white, and the look stands in the finished size.
 */
public final class Bleed {
  private static final int CHANNELS = 4;

  private Bleed() {}

  /**
   * @param px at each side; 0 = the picture itself
   */
  public static Picture around(Picture picture, int px) {
    if (px == 0) {
      return picture;
    }
    int w = picture.width() + 2 * px;
    int h = picture.height() + 2 * px;
    int[] argb = new int[Math.multiplyExact(w, h)];
    for (int y = 0; y < h; y++) {
      int row = mirrored(y - px, picture.height()) * picture.width();
      for (int x = 0; x < w; x++) {
        argb[y * w + x] = picture.argb()[row + mirrored(x - px, picture.width())];
      }
    }
    return new Picture(w, h, argb);
  }

  /** As the other, with 16 bits a channel. */
  public static DeepDressed around(DeepDressed picture, int px) {
    if (px == 0) {
      return picture;
    }
    int w = picture.width() + 2 * px;
    int h = picture.height() + 2 * px;
    short[] rgba = new short[Math.multiplyExact(Math.multiplyExact(w, h), CHANNELS)];
    for (int y = 0; y < h; y++) {
      int row = mirrored(y - px, picture.height()) * picture.width();
      for (int x = 0; x < w; x++) {
        int from = (row + mirrored(x - px, picture.width())) * CHANNELS;
        System.arraycopy(picture.rgba(), from, rgba, (y * w + x) * CHANNELS, CHANNELS);
      }
    }
    return new DeepDressed(w, h, rgba);
  }

  /** The edge's own pixel comes twice, once at each side of the edge. */
  private static int mirrored(int i, int side) {
    int period = 2 * side;
    int at = Math.floorMod(i, period);
    return at < side ? at : period - 1 - at;
  }
}
