package org.ablebatch.core.deliver;

import java.util.Locale;

/**
 * The most that a file may weigh, and what may be given up for it.
 *
 * @param mostBytes {@value #LEAST_BYTES} or more
 * @param leastLikeness structural similarity to the picture before it was compressed, below which
 *     no file goes, 0..1
 * @param maySmaller the picture may become smaller when quality is not enough
 */
public record WeightLimit(long mostBytes, double leastLikeness, boolean maySmaller) {
  /** No picture file is smaller; a limit below it is a slip of the pen. */
  public static final long LEAST_BYTES = 1000;

  public static final double DEFAULT_LIKENESS = 0.9;

  public WeightLimit {
    if (mostBytes < LEAST_BYTES) {
      throw new InvalidSpec(
          "mostBytes",
          String.format(
              Locale.ROOT, "A file may weigh %,d bytes or more, not %,d", LEAST_BYTES, mostBytes));
    }
    if (!(leastLikeness >= 0 && leastLikeness < 1)) {
      throw new InvalidSpec(
          "leastLikeness", "The least likeness is 0 to below 1, not " + leastLikeness);
    }
  }
}
