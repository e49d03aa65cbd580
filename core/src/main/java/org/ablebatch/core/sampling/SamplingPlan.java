package org.ablebatch.core.sampling;

/**
 * How many pictures are looked at, and what follows.
 *
 * @param letter after the arrows of the table were followed
 * @param sampleSize pictures; the whole lot where the plan asks for more than there are
 * @param acceptUpTo at most so many faulty ones: the lot is accepted
 * @param rejectFrom from so many on it is not
 */
public record SamplingPlan(CodeLetter letter, int sampleSize, int acceptUpTo, int rejectFrom) {
  /** What is known about a lot so far. */
  public enum Verdict {
    OPEN,
    ACCEPTED,
    NOT_ACCEPTED
  }

  /**
   * @param judged how many of the sample have been looked at
   * @param faulty how many of those were faulty
   */
  public Verdict verdict(int judged, int faulty) {
    if (faulty >= rejectFrom) {
      return Verdict.NOT_ACCEPTED;
    }
    return judged >= sampleSize ? Verdict.ACCEPTED : Verdict.OPEN;
  }
}
