package org.ablebatch.bench.learning;

import org.ablebatch.core.raster.Matte;

/** A matte on a coarser grid. */
final class Truth {
  private Truth() {}

  /** The mean coverage in every cell of the grid, 0..255. */
  static float[] on(Matte matte, int width, int height) {
    float[] sum = new float[width * height];
    float[] count = new float[sum.length];
    for (int y = 0; y < matte.height(); y++) {
      int v = (int) ((y + 0.5) * height / matte.height());
      for (int x = 0; x < matte.width(); x++) {
        int i = v * width + (int) ((x + 0.5) * width / matte.width());
        sum[i] += matte.at(x, y);
        count[i]++;
      }
    }
    for (int i = 0; i < sum.length; i++) {
      sum[i] /= Math.max(1, count[i]);
    }
    return sum;
  }

  /**
   * What is wrong as a share of the subject; above 1 where much too much is kept.
   *
   * @param kept 0..1
   * @param truth 0..255
   */
  static double error(float[] kept, float[] truth) {
    double wrong = 0;
    double subject = 1;
    for (int i = 0; i < truth.length; i++) {
      float t = truth[i] / 255;
      wrong += Math.abs(kept[i] - t);
      subject += t;
    }
    return wrong / subject;
  }
}
