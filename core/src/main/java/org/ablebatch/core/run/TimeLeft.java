package org.ablebatch.core.run;

import java.util.List;

/**
 * When a batch will be done, given that batches of a higher priority go before it and those of its
 * own share the workers evenly with it.
 */
public final class TimeLeft {
  private TimeLeft() {}

  /**
   * What is left of one batch that is not paused.
   *
   * @param workSeconds on one worker
   */
  public record Load(RunPriority priority, double workSeconds) {}

  /**
   * @param mine the batch that is asked about
   * @param others every other batch with work left
   * @param workers that cut at the same time, at least 1
   * @return seconds from now
   */
  public static double seconds(Load mine, List<Load> others, int workers) {
    double before = 0;
    double shared = 0;
    for (Load other : others) {
      if (other.priority.rank() > mine.priority.rank()) {
        before += other.workSeconds;
      } else if (other.priority == mine.priority) {
        // Even shares: until mine is done, another has had no more than mine needs.
        shared += Math.min(other.workSeconds, mine.workSeconds);
      }
    }
    return (before + shared + mine.workSeconds) / workers;
  }
}
