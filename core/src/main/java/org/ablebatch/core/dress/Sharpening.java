package org.ablebatch.core.dress;

import org.ablebatch.core.raster.Picture;

/**
 * Makes the edges of an enlarged picture crisp without halos: an unsharp mask on lightness and
 * coverage whose result never leaves the range of values around it, so that an edge becomes steeper
 * but nothing becomes lighter or darker than it was nearby. It is plain arithmetic: it brings back
 * no detail that the photograph does not have.
 */
public final class Sharpening {
  private static final float STRENGTH = 1.2f;

  /** Blur radius in pixels of the result, for each pixel of the original. */
  private static final double RADIUS_PER_SCALE = 0.75;

  private static final int MOST_RADIUS_PX = 6;

  private Sharpening() {}

  /**
   * @param enlarged sRGB with transparency, not premultiplied; unchanged
   * @param scale by which it was enlarged, above 1
   * @return same size
   */
  public static Picture afterEnlarging(Picture enlarged, double scale) {
    int radius = (int) Math.max(1, Math.min(MOST_RADIUS_PX, Math.round(RADIUS_PER_SCALE * scale)));
    int w = enlarged.width();
    int h = enlarged.height();
    int n = w * h;
    float[] alpha = new float[n];
    float[] light = new float[n];
    for (int i = 0; i < n; i++) {
      int p = enlarged.argb()[i];
      alpha[i] = p >>> 24;
      light[i] = 0.299f * (p >> 16 & 0xFF) + 0.587f * (p >> 8 & 0xFF) + 0.114f * (p & 0xFF);
    }
    float[] crispAlpha = crisp(alpha, alpha, w, h, radius, false);
    float[] crispLight = crisp(light, alpha, w, h, radius, true);
    int[] out = new int[n];
    for (int i = 0; i < n; i++) {
      int a = Math.round(crispAlpha[i]);
      if (a > 0 && alpha[i] > 0) {
        float more = crispLight[i] - light[i];
        out[i] = a << 24 | shifted(enlarged.argb()[i], more);
      }
    }
    return new Picture(w, h, out);
  }

  private static int shifted(int pixel, float by) {
    int out = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      int value = Math.round((pixel >> shift & 0xFF) + by);
      out |= Math.max(0, Math.min(255, value)) << shift;
    }
    return out;
  }

  /**
   * @param covered pixels with none of it say nothing about their neighbours' colours
   */
  private static float[] crisp(
      float[] values, float[] covered, int w, int h, int radius, boolean onlyCovered) {
    float[] out = new float[values.length];
    for (int y = 0; y < h; y++) {
      for (int x = 0; x < w; x++) {
        int i = y * w + x;
        float sum = 0;
        int count = 0;
        float low = values[i];
        float high = values[i];
        for (int ny = Math.max(0, y - radius); ny <= Math.min(h - 1, y + radius); ny++) {
          for (int nx = Math.max(0, x - radius); nx <= Math.min(w - 1, x + radius); nx++) {
            int j = ny * w + nx;
            if (!onlyCovered || covered[j] > 0) {
              sum += values[j];
              count++;
              low = Math.min(low, values[j]);
              high = Math.max(high, values[j]);
            }
          }
        }
        float mean = count == 0 ? values[i] : sum / count;
        float wanted = values[i] + STRENGTH * (values[i] - mean);
        out[i] = Math.max(low, Math.min(high, wanted));
      }
    }
    return out;
  }
}
