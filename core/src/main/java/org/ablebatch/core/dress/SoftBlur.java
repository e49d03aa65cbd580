package org.ablebatch.core.dress;

import org.ablebatch.core.raster.BoxBlur;

/**
 * A blur close to a Gaussian by three moving averages (Wells, Efficient Synthesis of Gaussian
 * Filters by Cascaded Uniform Filters, 1986); its time does not depend on the radius.
 */
final class SoftBlur {
  /** What people call the radius of a blur is two standard deviations. */
  private static final double SIGMA_PER_RADIUS = 0.5;

  private static final int PASSES = 3;

  /** In widths of the moving average: so far nothing is cut off at the region's border. */
  private static final int REACH = 4;

  private SoftBlur() {}

  /**
   * @param radius of the blur in cells; what is below half a cell changes nothing
   * @return a new array, or the same one when nothing changes
   */
  static float[] of(float[] values, int width, int height, double radius) {
    double sigma = radius * SIGMA_PER_RADIUS;
    // Three boxes of width d have the variance (d² - 1) / 4.
    int box = (int) Math.round((Math.sqrt(4 * sigma * sigma + 1) - 1) / 2);
    Region region = Region.of(values, width, height, REACH * box);
    if (box == 0 || region == null) {
      return values;
    }
    float[] out = region.cut(values, width);
    for (int pass = 0; pass < PASSES; pass++) {
      out = BoxBlur.blur(out, region.width(), region.height(), box);
    }
    return region.putBack(out, width, height);
  }

  /** The part of a grid in which something is, with room for what runs out of it. */
  private record Region(int x, int y, int width, int height) {
    /** Null when all is zero. */
    static Region of(float[] values, int width, int height, int room) {
      int left = width;
      int right = 0;
      int top = height;
      int bottom = 0;
      for (int y = 0; y < height; y++) {
        int low = 0;
        int high = width;
        while (low < high && values[y * width + low] == 0) {
          low++;
        }
        while (high > low && values[y * width + high - 1] == 0) {
          high--;
        }
        if (low < high) {
          left = Math.min(left, low);
          right = Math.max(right, high);
          top = Math.min(top, y);
          bottom = y + 1;
        }
      }
      if (left >= right) {
        return null;
      }
      int x = Math.max(0, left - room);
      int y = Math.max(0, top - room);
      return new Region(
          x, y, Math.min(width, right + room) - x, Math.min(height, bottom + room) - y);
    }

    float[] cut(float[] values, int fullWidth) {
      float[] out = new float[width * height];
      for (int row = 0; row < height; row++) {
        System.arraycopy(values, (y + row) * fullWidth + x, out, row * width, width);
      }
      return out;
    }

    float[] putBack(float[] part, int fullWidth, int fullHeight) {
      float[] out = new float[fullWidth * fullHeight];
      for (int row = 0; row < height; row++) {
        System.arraycopy(part, row * width, out, (y + row) * fullWidth + x, width);
      }
      return out;
    }
  }
}
