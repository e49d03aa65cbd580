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

  private SurfaceFitter() {}

  /**
   * @param lab planes in OKLab
   * @param chosen the pixels to fit; at least one true
   * @param leastSigma floor for the residual scale, so that a noiseless picture keeps its pixels
   */
  static Surface fit(ColorPlanes lab, boolean[] chosen, int degree, double leastSigma) {
    RowSamples samples = RowSamples.of(lab, thin(chosen));
    double[] weights = new double[samples.size()];
    Arrays.fill(weights, 1);
    Surface surface = new Surface(degree, NormalEquations.solve(samples, weights, degree));
    for (int round = 1; round < ROUNDS; round++) {
      reweight(samples, surface, weights, leastSigma);
      surface = new Surface(degree, NormalEquations.solve(samples, weights, degree));
    }
    return surface;
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
      RowSamples samples, Surface surface, double[] weights, double leastSigma) {
    double[] distance = new double[weights.length];
    for (int c = 0; c < 3; c++) {
      surface.addSquaredMisses(samples, c, distance);
    }
    for (int s = 0; s < distance.length; s++) {
      distance[s] = Math.sqrt(distance[s]);
    }
    double median = Median.of(distance.clone());
    double sigma = Math.max(leastSigma, MAD_TO_SIGMA * median);
    for (int s = 0; s < distance.length; s++) {
      double t = distance[s] / (TUKEY * sigma);
      weights[s] = t >= 1 ? 0 : (1 - t * t) * (1 - t * t);
    }
  }
}
