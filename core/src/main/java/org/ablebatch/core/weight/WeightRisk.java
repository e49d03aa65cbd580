package org.ablebatch.core.weight;

import java.util.List;

/** Which files may not get below their limit, judged by a few that were tried. */
public final class WeightRisk {
  /** So near to the least likeness a heavier picture may fall below it. */
  private static final double NEAR = 0.02;

  private WeightRisk() {}

  /**
   * A file that was tried.
   *
   * @param load as {@link WeightModel#load} has it
   * @param likeness that it kept within the limit; null = the limit can't be met
   */
  public record Tried(double load, Double likeness) {}

  /**
   * The load from which on files are at risk; infinite = none is.
   *
   * @param leastLikeness that has to be kept, 0..1
   */
  public static double from(List<Tried> tried, double leastLikeness) {
    return tried.stream()
        .filter(file -> file.likeness() == null || file.likeness() < leastLikeness + NEAR)
        .mapToDouble(Tried::load)
        .min()
        .orElse(Double.POSITIVE_INFINITY);
  }
}
