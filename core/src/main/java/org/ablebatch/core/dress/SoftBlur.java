package org.ablebatch.core.dress;

import org.ablebatch.core.raster.BoxBlur;

/**
 * A blur close to a Gaussian by three moving averages (Wells, Efficient Synthesis of Gaussian
 * Filters by Cascaded Uniform Filters, 1986); its time does not depend on the radius.
 */
final class SoftBlur {
  /** What people call the radius of a blur is two standard deviations. */
  private static final double SIGMA_PER_RADIUS = 0.5;

  private SoftBlur() {}

  /**
   * @param radius of the blur in cells; what is below half a cell changes nothing
   * @return a new array, or the same one when nothing changes
   */
  static float[] of(float[] values, int width, int height, double radius) {
    double sigma = radius * SIGMA_PER_RADIUS;
    // Three boxes of width d have the variance (d² - 1) / 4.
    int box = (int) Math.round((Math.sqrt(4 * sigma * sigma + 1) - 1) / 2);
    float[] out = values;
    for (int pass = 0; pass < 3 && box > 0; pass++) {
      out = BoxBlur.blur(out, width, height, box);
    }
    return out;
  }
}
