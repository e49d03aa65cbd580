package org.ablebatch.core.judge;

import java.util.Arrays;
import org.ablebatch.core.prior.LearnedTrees;

/**
 * Expects what is gained by seeing through a body, where what goes on behind it speaks for glass.
 * What it learned, and on which pictures, is in prior/train/NOTES.md.
 */
public final class GlassJudge {
  /**
   * Less than this, a natural logarithm, may be chance; solid things lose more than glass gains.
   */
  private static final double CLEARLY = -0.15;

  private final LearnedTrees trees;

  /**
   * @param trees their sum is the logarithm of what would be wrong of the subject seen through as a
   *     share of what would be wrong of it as a solid thing
   */
  public GlassJudge(LearnedTrees trees) {
    this.trees = trees;
  }

  /** What {@link #wrongShare} goes by. */
  public static float[] facts(float[] seenThrough, Continuation behind) {
    float[] more = behind.facts();
    float[] all = Arrays.copyOf(seenThrough, seenThrough.length + more.length);
    System.arraycopy(more, 0, all, seenThrough.length, more.length);
    return all;
  }

  /**
   * @param seenThrough what the judge goes by of the region seen through
   * @return what is expected to be wrong of it as a share of what is of a solid thing; 1 where it
   *     is not clearly less
   */
  public double wrongShare(float[] seenThrough, Continuation behind) {
    double expected = trees.value(facts(seenThrough, behind));
    return expected < CLEARLY ? Math.exp(expected) : 1;
  }
}
