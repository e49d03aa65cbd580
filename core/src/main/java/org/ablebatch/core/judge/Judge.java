package org.ablebatch.core.judge;

import org.ablebatch.core.prior.LearnedTrees;

/**
 * Expects how wrong a region is from what can be seen of it. What it learned, and on which
 * pictures, is in prior/train/NOTES.md.
 */
public final class Judge {
  /** What is learned is the logarithm of the error and this. */
  private static final double LEAST = 0.01;

  /** So much is usually wrong; a confidence then stays as it is. */
  private static final double USUAL = 0.05;

  /**
   * What is seen of the finished matte weighs more than what was expected of the region. Chosen on
   * the handed-out pictures, so that their order says less about others.
   */
  private static final double WEIGHT = 0.25;

  private static final int MOST = 99;

  private final LearnedTrees trees;

  public Judge(LearnedTrees trees) {
    this.trees = trees;
  }

  /**
   * @param facts as {@link RegionFacts} gives them
   * @return what is expected to be wrong, as a share of the subject, 0..1
   */
  public double expectedError(float[] facts) {
    return Math.max(0, Math.min(1, Math.exp(trees.value(facts)) - LEAST));
  }

  /**
   * What was expected of the region and what is seen of the matte, together.
   *
   * @param seen a confidence from the finished cutout, 0..100
   * @return 0..99
   */
  public static int percent(int seen, double expectedError) {
    double factor = Math.pow(USUAL / (expectedError + LEAST), WEIGHT);
    return (int) Math.min(MOST, Math.round(seen * factor));
  }
}
