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

  /** What the product of the parts is worth beside the trees; learned with them (forecast.py). */
  private static final double WEIGHT_OF_SEEN = 0.405;

  private final LearnedTrees trees;

  /**
   * @param trees their sum is what they add to the log odds that a cutout passes
   */
  public Forecast(LearnedTrees trees) {
    this.trees = trees;
  }

  /**
   * @param ofRegion as {@link RegionFacts} gives them
   * @param seen the parts of the confidence; its percent is no fact
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
   * @param ofRegion as {@link RegionFacts} gives them
   * @param seen from what is seen alone
   * @return the same parts, with how likely the cutout passes, 1..99
   */
  public Confidence of(float[] ofRegion, Confidence seen) {
    double odds = trees.value(facts(ofRegion, seen)) + WEIGHT_OF_SEEN * logOdds(seen.percent());
    return seen.withPercent(within(Math.round(100 / (1 + Math.exp(-odds)))));
  }

  private static double logOdds(int percent) {
    double p = within(percent) / 100.0;
    return Math.log(p / (1 - p));
  }

  private static int within(long percent) {
    return (int) Math.max(LEAST, Math.min(MOST, percent));
  }
}
