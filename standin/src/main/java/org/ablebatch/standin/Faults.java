package org.ablebatch.standin;

/**
 * What goes wrong on purpose. 0 = never.
 *
 * @param slowMillis that every answer takes longer
 * @param failEvery every so many-th file is answered with 500
 * @param dropEvery at every so many-th file the connection ends in the middle
 * @param loseAnswerEvery every so many-th file is taken, and the connection ends before the answer
 * @param mostBytes a file with more is refused
 */
public record Faults(
    int slowMillis, int failEvery, int dropEvery, int loseAnswerEvery, long mostBytes) {
  public static final Faults NONE = new Faults(0, 0, 0, 0, 0);

  private static final int SLOWEST_MILLIS = 60_000;

  public Faults {
    if (slowMillis < 0 || slowMillis > SLOWEST_MILLIS) {
      throw new IllegalArgumentException("slowMillis goes from 0 to " + SLOWEST_MILLIS);
    }
    if (failEvery < 0 || dropEvery < 0 || loseAnswerEvery < 0 || mostBytes < 0) {
      throw new IllegalArgumentException("0 is never, and less than that is nothing");
    }
  }

  static boolean isTurn(int every, long number) {
    return every > 0 && number % every == 0;
  }
}
