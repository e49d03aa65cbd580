package org.ablebatch.core.prior;

/** What {@link LearnedTrees} were learned to say. */
public enum Lesson {
  /** How wrong a region is, from {@link org.ablebatch.core.judge.RegionFacts}. */
  JUDGE,
  /** What is gained by seeing through a body that may be glass. */
  GLASS,
  /** How much of a pixel among strands is subject. */
  STRANDS,
  /** Whether a finished cutout will pass; without it the confidence is a product of its parts. */
  FORECAST,
  /** Whether a proposed change makes a cutout better; without it none is proposed. */
  MENDS
}
