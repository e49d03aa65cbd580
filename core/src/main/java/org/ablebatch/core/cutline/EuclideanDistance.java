package org.ablebatch.core.cutline;

import java.util.Arrays;

/**
 * Squared distances to the nearest pixel of a set, in pixels: Felzenszwalb and Huttenlocher,
 * "Distance transforms of sampled functions", Theory of Computing 8, 2012, algorithm 1.
 */
final class EuclideanDistance {
  private static final double FAR = 1e18;

  private EuclideanDistance() {}

  /** Far beyond any picture where the set is empty. */
  static double[] squared(boolean[] set, int width, int height) {
    double[] out = new double[set.length];
    for (int i = 0; i < set.length; i++) {
      out[i] = set[i] ? 0 : FAR;
    }
    int longest = Math.max(width, height);
    Envelope envelope = new Envelope(longest);
    double[] line = new double[longest];
    for (int x = 0; x < width; x++) {
      for (int y = 0; y < height; y++) {
        line[y] = out[y * width + x];
      }
      envelope.transform(line, height);
      for (int y = 0; y < height; y++) {
        out[y * width + x] = envelope.result[y];
      }
    }
    for (int y = 0; y < height; y++) {
      System.arraycopy(out, y * width, line, 0, width);
      envelope.transform(line, width);
      System.arraycopy(envelope.result, 0, out, y * width, width);
    }
    return out;
  }

  /** The lower envelope of parabolas. */
  private static final class Envelope {
    private final double[] result;
    private final int[] roots;
    private final double[] from;

    Envelope(int longest) {
      result = new double[longest];
      roots = new int[longest];
      from = new double[longest + 1];
    }

    void transform(double[] f, int n) {
      int k = -1;
      for (int q = 0; q < n; q++) {
        if (f[q] >= FAR) {
          continue;
        }
        double s = Double.NEGATIVE_INFINITY;
        while (k >= 0) {
          int r = roots[k];
          s = (f[q] + (double) q * q - f[r] - (double) r * r) / (2.0 * (q - r));
          if (s > from[k]) {
            break;
          }
          k--;
          s = Double.NEGATIVE_INFINITY;
        }
        k++;
        roots[k] = q;
        from[k] = s;
        from[k + 1] = Double.POSITIVE_INFINITY;
      }
      if (k < 0) {
        Arrays.fill(result, 0, n, FAR);
        return;
      }
      int at = 0;
      for (int q = 0; q < n; q++) {
        while (from[at + 1] < q) {
          at++;
        }
        double d = q - roots[at];
        result[q] = d * d + f[roots[at]];
      }
    }
  }
}
