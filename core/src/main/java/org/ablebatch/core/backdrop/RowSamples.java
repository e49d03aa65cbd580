package org.ablebatch.core.backdrop;

import org.ablebatch.core.raster.ColorPlanes;

/**
 * Chosen pixels of a grid, row by row: those of a row share their place from top to bottom, so that
 * sums over them need the powers of one number only.
 *
 * @param starts where each row's pixels begin; one more than there are rows
 * @param v of each row, in -1..1
 * @param u of each pixel, in -1..1
 * @param colours of each channel and pixel, OKLab
 */
record RowSamples(int[] starts, double[] v, double[] u, double[][] colours) {
  /**
   * @param samples indexes into the planes, ascending
   */
  static RowSamples of(ColorPlanes lab, int[] samples) {
    int[] starts = new int[lab.height() + 1];
    double[] v = new double[lab.height()];
    double[] u = new double[samples.length];
    double[][] colours = new double[3][samples.length];
    int s = 0;
    for (int y = 0; y < lab.height(); y++) {
      starts[y] = s;
      v[y] = Surface.unit(y, lab.height());
      for (int end = (y + 1) * lab.width(); s < samples.length && samples[s] < end; s++) {
        u[s] = Surface.unit(samples[s] - y * lab.width(), lab.width());
        for (int c = 0; c < 3; c++) {
          colours[c][s] = lab.channel(c)[samples[s]];
        }
      }
    }
    starts[lab.height()] = s;
    return new RowSamples(starts, v, u, colours);
  }

  int size() {
    return u.length;
  }

  int rows() {
    return v.length;
  }
}
