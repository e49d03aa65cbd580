package org.ablebatch.core.backdrop;

import java.util.Arrays;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Median;

/**
 * Fits a {@link Surface} to chosen pixels by iteratively reweighted least squares with Tukey's
 * biweight (Beaton &amp; Tukey 1974), so that a subject inside the chosen pixels does not bend it.
 */
final class SurfaceFitter {
  private static final int ROUNDS = 6;
  private static final int MOST_SAMPLES = 6_000;
  private static final double TUKEY = 4.685;
  private static final double MAD_TO_SIGMA = 1.4826;
  private static final double RIDGE = 1e-6;

  private SurfaceFitter() {}

  /**
   * @param lab planes in OKLab
   * @param chosen the pixels to fit; at least one true
   * @param leastSigma floor for the residual scale, so that a noiseless picture keeps its pixels
   */
  static Surface fit(ColorPlanes lab, boolean[] chosen, int degree, double leastSigma) {
    int[] samples = thin(chosen);
    double[][] bases = new double[samples.length][Surface.terms(degree)];
    double[][] colours = new double[3][samples.length];
    for (int s = 0; s < samples.length; s++) {
      int x = samples[s] % lab.width();
      int y = samples[s] / lab.width();
      Surface.basis(Surface.unit(x, lab.width()), Surface.unit(y, lab.height()), degree, bases[s]);
      for (int c = 0; c < 3; c++) {
        colours[c][s] = lab.channel(c)[samples[s]];
      }
    }
    double[] weights = new double[samples.length];
    Arrays.fill(weights, 1);
    double[][] coefficients = new double[3][];
    for (int round = 0; round < ROUNDS; round++) {
      coefficients = solve(bases, colours, weights);
      reweight(bases, colours, coefficients, weights, leastSigma);
    }
    return new Surface(degree, coefficients);
  }

  /** Evenly spread, so few that time does not follow the size of the picture. */
  static int[] thin(boolean[] chosen) {
    int count = 0;
    for (boolean b : chosen) {
      count += b ? 1 : 0;
    }
    int step = Math.max(1, count / MOST_SAMPLES);
    int[] samples = new int[(count + step - 1) / step];
    int seen = 0;
    int used = 0;
    for (int i = 0; i < chosen.length; i++) {
      if (chosen[i] && seen++ % step == 0) {
        samples[used++] = i;
      }
    }
    return samples;
  }

  private static void reweight(
      double[][] bases,
      double[][] colours,
      double[][] coefficients,
      double[] weights,
      double leastSigma) {
    double[] distance = new double[weights.length];
    for (int s = 0; s < distance.length; s++) {
      double sum = 0;
      for (int c = 0; c < 3; c++) {
        double r = colours[c][s] - dot(coefficients[c], bases[s]);
        sum += r * r;
      }
      distance[s] = Math.sqrt(sum);
    }
    double median = Median.of(distance.clone());
    double sigma = Math.max(leastSigma, MAD_TO_SIGMA * median);
    for (int s = 0; s < distance.length; s++) {
      double t = distance[s] / (TUKEY * sigma);
      weights[s] = t >= 1 ? 0 : (1 - t * t) * (1 - t * t);
    }
  }

  private static double dot(double[] a, double[] b) {
    double sum = 0;
    for (int i = 0; i < a.length; i++) {
      sum += a[i] * b[i];
    }
    return sum;
  }

  /**
   * Weighted normal equations with a small ridge, by Gaussian elimination with pivoting; the three
   * channels are three right-hand sides of one matrix.
   */
  private static double[][] solve(double[][] bases, double[][] colours, double[] weights) {
    int n = bases[0].length;
    double[][] m = new double[n][n + 3];
    double[] c0 = colours[0];
    double[] c1 = colours[1];
    double[] c2 = colours[2];
    for (int s = 0; s < weights.length; s++) {
      double w = weights[s];
      if (w == 0) {
        continue;
      }
      double[] basis = bases[s];
      for (int i = 0; i < n; i++) {
        double wi = w * basis[i];
        double[] row = m[i];
        for (int j = i; j < n; j++) {
          row[j] += wi * basis[j];
        }
        row[n] += wi * c0[s];
        row[n + 1] += wi * c1[s];
        row[n + 2] += wi * c2[s];
      }
    }
    double ridge = RIDGE * Math.max(1, m[0][0]);
    for (int i = 0; i < n; i++) {
      for (int j = 0; j < i; j++) {
        m[i][j] = m[j][i];
      }
      m[i][i] += i == 0 ? ridge * 1e-3 : ridge;
    }
    return eliminate(m);
  }

  /** Solves the system in the first columns of {@code m} for each of its last three. */
  private static double[][] eliminate(double[][] m) {
    int n = m.length;
    for (int k = 0; k < n; k++) {
      int pivot = k;
      for (int i = k + 1; i < n; i++) {
        if (Math.abs(m[i][k]) > Math.abs(m[pivot][k])) {
          pivot = i;
        }
      }
      double[] swap = m[k];
      m[k] = m[pivot];
      m[pivot] = swap;
      for (int i = k + 1; i < n; i++) {
        double f = m[i][k] / m[k][k];
        for (int j = k; j < n + 3; j++) {
          m[i][j] -= f * m[k][j];
        }
      }
    }
    double[][] x = new double[3][n];
    for (int c = 0; c < 3; c++) {
      for (int i = n - 1; i >= 0; i--) {
        double sum = m[i][n + c];
        for (int j = i + 1; j < n; j++) {
          sum -= m[i][j] * x[c][j];
        }
        x[c][i] = sum / m[i][i];
      }
    }
    return x;
  }
}
