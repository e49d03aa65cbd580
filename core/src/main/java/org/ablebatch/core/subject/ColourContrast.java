package org.ablebatch.core.subject;

import java.util.Arrays;

/**
 * How much more a colour speaks for the subject than for the backdrop, as log odds per colour cell.
 *
 * <p>What is taken for subject usually holds some backdrop: openings, gaps, a guess that is too
 * wide. The share of backdrop in it is estimated from the colours themselves, as the largest
 * multiple of the backdrop's density that still fits under the subject's (mixture proportion
 * estimation; Blanchard, Lee &amp; Scott, Semi-Supervised Novelty Detection, 2010), and taken out.
 */
final class ColourContrast {
  private static final float LARGEST = 4f;
  private static final float RARE = 2e-5f;
  private static final double LEAK_QUANTILE = 0.25;
  private static final double MOST_LEAK = 0.9;

  private ColourContrast() {}

  static float[] logOdds(float[] subject, float[] backdrop) {
    double leak = leak(subject, backdrop);
    float[] out = new float[subject.length];
    for (int c = 0; c < out.length; c++) {
      double s = Math.max(0, subject[c] - leak * backdrop[c]) / (1 - leak);
      double odds = Math.log((s + RARE) / (backdrop[c] + RARE));
      out[c] = (float) Math.max(-LARGEST, Math.min(LARGEST, odds));
    }
    return out;
  }

  /** The ratio of the two densities that a quarter of the backdrop's mass stays below. */
  private static double leak(float[] subject, float[] backdrop) {
    int used = 0;
    double mass = 0;
    long[] order = new long[subject.length];
    for (int c = 0; c < subject.length; c++) {
      if (backdrop[c] > RARE) {
        int ratio = (int) Math.min(1e9, 1e6 * subject[c] / backdrop[c]);
        order[used++] = (long) ratio << 32 | c;
        mass += backdrop[c];
      }
    }
    Arrays.sort(order, 0, used);
    double below = 0;
    for (int k = 0; k < used; k++) {
      below += backdrop[(int) order[k]];
      if (below >= LEAK_QUANTILE * mass) {
        return Math.min(MOST_LEAK, (order[k] >> 32) / 1e6);
      }
    }
    return 0;
  }
}
