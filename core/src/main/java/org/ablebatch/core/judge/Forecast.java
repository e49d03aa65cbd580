package org.ablebatch.core.judge;

import org.ablebatch.core.check.Confidence;
import org.ablebatch.core.prior.LearnedTrees;

/**
 * Forecasts whether a finished cutout passes as it is, from what can be seen of its region and of
 * its matte. What it learned, and on which pictures, is in prior/train/NOTES.md.
 */
public final class Forecast {
  private static final int LEAST = 1;
  private static final int MOST = 99;

  private final LearnedTrees trees;

  /**
   * @param trees their sum is the log odds that a cutout passes
   */
  public Forecast(LearnedTrees trees) {
    this.trees = trees;
  }

  /**
   * @param ofRegion as {@link RegionFacts} gives them
   * @param seen the parts of the confidence; its percent does not count
   */
  public static float[] facts(float[] ofRegion, Confidence seen) {
    double[] parts = {
      seen.separation(),
      seen.decided(),
      seen.backdrop(),
      seen.freedom(),
      seen.extent(),
      seen.agreement(),
      seen.outline(),
      seen.ownColours()
    };
    float[] out = java.util.Arrays.copyOf(ofRegion, ofRegion.length + parts.length);
    for (int i = 0; i < parts.length; i++) {
      out[ofRegion.length + i] = (float) parts[i];
    }
    return out;
  }

  /**
   * @param facts as {@link #facts} gives them
   * @return 1..99
   */
  public int percent(float[] facts) {
    double probability = 1 / (1 + Math.exp(-trees.value(facts)));
    return (int) Math.max(LEAST, Math.min(MOST, Math.round(100 * probability)));
  }
}
