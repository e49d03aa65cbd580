package org.ablebatch.core.send;

import java.time.Duration;

/** How long to wait before the next try: twice as long each time, up to five minutes. */
public final class BackOff {
  /** After so many tries a file waits for a person. */
  public static final int MOST_TRIES = 10;

  private static final Duration LONGEST = Duration.ofMinutes(5);

  private BackOff() {}

  /**
   * @param failures so far, at least 1
   * @param first the wait after the first one
   */
  public static Duration after(int failures, Duration first) {
    Duration wait = first.multipliedBy(1L << Math.min(failures - 1, Integer.SIZE / 2));
    return wait.compareTo(LONGEST) < 0 ? wait : LONGEST;
  }
}
