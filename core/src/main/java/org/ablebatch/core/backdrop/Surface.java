package org.ablebatch.core.backdrop;

import java.util.Arrays;
import org.ablebatch.core.raster.ColorPlanes;

/**
 * A polynomial in two variables of total degree {@code degree} over the unit square, one set of
 * coefficients per channel. Evaluation takes grid positions and their grid size, so that the same
 * surface serves every resolution.
 */
public final class Surface {
  private final int degree;
  private final double[][] coefficients;

  Surface(int degree, double[][] coefficients) {
    this.degree = degree;
    this.coefficients = coefficients;
  }

  static int terms(int degree) {
    return (degree + 1) * (degree + 2) / 2;
  }

  /** The surface of every channel on a grid, row by row. */
  public float[][] on(int width, int height) {
    float[][] out = new float[coefficients.length][width * height];
    double[] along = new double[degree + 1];
    double[] us = new double[width];
    for (int x = 0; x < width; x++) {
      us[x] = unit(x, width);
    }
    for (int c = 0; c < coefficients.length; c++) {
      for (int y = 0; y < height; y++) {
        foldRow(coefficients[c], unit(y, height), along);
        row(us, along, out[c], y * width);
      }
    }
    return out;
  }

  /** One power after the other for the whole row, which is Horner's scheme of every pixel. */
  private static void row(double[] us, double[] along, float[] out, int start) {
    double[] sums = new double[us.length];
    Arrays.fill(sums, along[along.length - 1]);
    for (int k = along.length - 2; k >= 0; k--) {
      double next = along[k];
      for (int x = 0; x < us.length; x++) {
        sums[x] = sums[x] * us[x] + next;
      }
    }
    for (int x = 0; x < us.length; x++) {
      out[start + x] = (float) sums[x];
    }
  }

  /** As {@link #on}, for a surface of three channels. */
  ColorPlanes planes(int width, int height) {
    float[][] channels = on(width, height);
    return new ColorPlanes(width, height, channels[0], channels[1], channels[2]);
  }

  /** Adds to each pixel the square of what the surface misses its colour by. */
  void addSquaredMisses(RowSamples samples, int channel, double[] to) {
    double[] along = new double[degree + 1];
    double[] colours = samples.colours()[channel];
    for (int row = 0; row < samples.rows(); row++) {
      foldRow(coefficients[channel], samples.v()[row], along);
      for (int s = samples.starts()[row]; s < samples.starts()[row + 1]; s++) {
        double miss = colours[s] - at(samples.u()[s], along);
        to[s] += miss * miss;
      }
    }
  }

  /** Horner's scheme. */
  private static double at(double u, double[] along) {
    double sum = along[along.length - 1];
    for (int k = along.length - 2; k >= 0; k--) {
      sum = sum * u + along[k];
    }
    return sum;
  }

  /** The row's own polynomial in {@code u}: coefficients by power, with {@code v} put in. */
  private void foldRow(double[] all, double v, double[] along) {
    Arrays.fill(along, 0);
    int k = 0;
    for (int total = 0; total <= degree; total++) {
      double rising = 1;
      for (int j = 0; j <= total; j++) {
        along[total - j] += all[k++] * rising;
        rising *= v;
      }
    }
  }

  static double unit(int position, int size) {
    return size == 1 ? 0 : 2.0 * (position + 0.5) / size - 1;
  }
}
