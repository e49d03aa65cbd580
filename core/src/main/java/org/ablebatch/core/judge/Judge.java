package org.ablebatch.core.judge;

import org.ablebatch.core.prior.LearnedTrees;

/**
 * Expects how wrong a region is from what can be seen of it. What it learned, and on which
 * pictures, is in prior/train/NOTES.md.
 */
public final class Judge {
  /** What is learned is the logarithm of the error and this. */
  private static final double LEAST = 0.01;

  private final LearnedTrees trees;

  public Judge(LearnedTrees trees) {
    this.trees = trees;
  }

  /**
   * @param facts as {@link RegionFacts} gives them, then the overlaps
   * @return what is expected to be wrong, as a share of the subject; above 1 where much too much is
   *     kept
   */
  public double expectedError(float[] facts) {
    return Math.max(0, Math.exp(trees.value(facts)) - LEAST);
  }
}
