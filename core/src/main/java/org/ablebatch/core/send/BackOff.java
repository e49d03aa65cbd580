package org.ablebatch.core.send;

import java.time.Duration;

/** How long to wait before the next try: twice as long each time, up to five minutes. */
public final class BackOff {
  /** After so many tries a file waits for a person. */
  public static final int MOST_TRIES = 10;

  private static final Duration FIRST = Duration.ofSeconds(1);
  private static final Duration LONGEST = Duration.ofMinutes(5);

  private BackOff() {}

  /**
   * @param failures so far, at least 1
   */
  public static Duration after(int failures) {
    long seconds = FIRST.toSeconds() << Math.min(failures - 1, Integer.SIZE / 2);
    return seconds < LONGEST.toSeconds() ? Duration.ofSeconds(seconds) : LONGEST;
  }
}
