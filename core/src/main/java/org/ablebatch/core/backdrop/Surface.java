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

  /** Fills {@code basis} with the monomials at {@code u, v} in -1..1, low order first. */
  static void basis(double u, double v, int degree, double[] basis) {
    int k = 0;
    for (int total = 0; total <= degree; total++) {
      double rising = 1;
      for (int j = 0; j <= total; j++) {
        basis[k++] = powerOf(u, total - j) * rising;
        rising *= v;
      }
    }
  }

  private static double powerOf(double base, int exponent) {
    return switch (exponent) {
      case 0 -> 1;
      case 1 -> base;
      case 2 -> base * base;
      case 3 -> base * base * base;
      default -> Math.pow(base, exponent);
    };
  }

  /** The surface of every channel on a grid, row by row. */
  public float[][] on(int width, int height) {
    float[][] out = new float[coefficients.length][width * height];
    double[] along = new double[degree + 1];
    for (int c = 0; c < coefficients.length; c++) {
      for (int y = 0; y < height; y++) {
        foldRow(coefficients[c], unit(y, height), along);
        for (int x = 0; x < width; x++) {
          double u = unit(x, width);
          double sum = 0;
          for (int k = degree; k >= 0; k--) {
            sum = sum * u + along[k];
          }
          out[c][y * width + x] = (float) sum;
        }
      }
    }
    return out;
  }

  /** As {@link #on}, for a surface of three channels. */
  ColorPlanes planes(int width, int height) {
    float[][] channels = on(width, height);
    return new ColorPlanes(width, height, channels[0], channels[1], channels[2]);
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
