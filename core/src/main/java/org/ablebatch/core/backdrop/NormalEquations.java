package org.ablebatch.core.backdrop;

import java.util.Arrays;

/**
 * Weighted least squares for the three channels of a {@link Surface}: one matrix, three right-hand
 * sides. The product of two monomials is a monomial, so the matrix holds few different sums; they
 * are gathered along each row and multiplied by the powers of the row's own place once.
 */
final class NormalEquations {
  private static final double RIDGE = 1e-6;

  private final int degree;

  /** Powers that products of two terms reach, and one more for zero. */
  private final int powers;

  /** Sums over w u^a v^b at {@code a * powers + b}. */
  private final double[] moments;

  /** Per channel, sums over w colour u^a v^b at {@code a * (degree + 1) + b}. */
  private final double[][] sides;

  private NormalEquations(int degree) {
    this.degree = degree;
    this.powers = 2 * degree + 1;
    this.moments = new double[powers * powers];
    this.sides = new double[3][(degree + 1) * (degree + 1)];
  }

  /**
   * @param weights of each pixel, 0..1
   * @return coefficients per channel, in the order of {@link Surface#terms}
   */
  static double[][] solve(RowSamples samples, double[] weights, int degree) {
    NormalEquations sums = new NormalEquations(degree);
    sums.add(samples, weights);
    return eliminate(sums.matrix());
  }

  private void add(RowSamples samples, double[] weights) {
    double[] along = new double[powers];
    double[][] colours = new double[3][degree + 1];
    for (int row = 0; row < samples.rows(); row++) {
      int from = samples.starts()[row];
      int to = samples.starts()[row + 1];
      if (from == to) {
        continue;
      }
      Arrays.fill(along, 0);
      addAlong(samples.u(), weights, from, to, along);
      addRow(along, samples.v()[row], 2 * degree, powers, moments);
      for (int c = 0; c < 3; c++) {
        Arrays.fill(colours[c], 0);
        addAlong(samples.u(), weights, samples.colours()[c], from, to, colours[c]);
        addRow(colours[c], samples.v()[row], degree, degree + 1, sides[c]);
      }
    }
  }

  private static void addAlong(double[] u, double[] weights, int from, int to, double[] along) {
    for (int s = from; s < to; s++) {
      double power = weights[s];
      double at = u[s];
      for (int a = 0; a < along.length; a++) {
        along[a] += power;
        power *= at;
      }
    }
  }

  private static void addAlong(
      double[] u, double[] weights, double[] colour, int from, int to, double[] along) {
    for (int s = from; s < to; s++) {
      double power = weights[s] * colour[s];
      double at = u[s];
      for (int a = 0; a < along.length; a++) {
        along[a] += power;
        power *= at;
      }
    }
  }

  private static void addRow(double[] along, double v, int most, int stride, double[] to) {
    for (int a = 0; a <= most; a++) {
      double sum = along[a];
      for (int b = 0; b <= most - a; b++) {
        to[a * stride + b] += sum;
        sum *= v;
      }
    }
  }

  /** With a small ridge, and the right-hand sides in the last three columns. */
  private double[][] matrix() {
    int n = Surface.terms(degree);
    int[] ofU = new int[n];
    int[] ofV = new int[n];
    int k = 0;
    for (int total = 0; total <= degree; total++) {
      for (int j = 0; j <= total; j++) {
        ofU[k] = total - j;
        ofV[k++] = j;
      }
    }
    double[][] m = new double[n][n + 3];
    for (int i = 0; i < n; i++) {
      for (int j = 0; j < n; j++) {
        m[i][j] = moments[(ofU[i] + ofU[j]) * powers + ofV[i] + ofV[j]];
      }
      for (int c = 0; c < 3; c++) {
        m[i][n + c] = sides[c][ofU[i] * (degree + 1) + ofV[i]];
      }
    }
    double ridge = RIDGE * Math.max(1, m[0][0]);
    for (int i = 0; i < n; i++) {
      m[i][i] += i == 0 ? ridge * 1e-3 : ridge;
    }
    return m;
  }

  /** Gaussian elimination with pivoting, for each of the last three columns. */
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
