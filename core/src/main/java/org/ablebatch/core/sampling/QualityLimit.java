package org.ablebatch.core.sampling;

import java.util.Arrays;

/**
 * Acceptance quality limits (AQL): the worst share of faulty pictures that is still tolerable as an
 * average over many lots. The preferred numbers of the standard from 0.010 % to 10 %.
 */
public enum QualityLimit {
  Q0_010("0.010"),
  Q0_015("0.015"),
  Q0_025("0.025"),
  Q0_040("0.040"),
  Q0_065("0.065"),
  Q0_10("0.10"),
  Q0_15("0.15"),
  Q0_25("0.25"),
  Q0_40("0.40"),
  Q0_65("0.65"),
  Q1_0("1.0"),
  Q1_5("1.5"),
  Q2_5("2.5"),
  Q4_0("4.0"),
  Q6_5("6.5"),
  Q10("10");

  private final String percent;

  QualityLimit(String percent) {
    this.percent = percent;
  }

  /** As the standard writes it, without the sign. */
  public String percent() {
    return percent;
  }

  /**
   * @throws IllegalArgumentException when it is none of the preferred numbers
   */
  public static QualityLimit ofPercent(String percent) {
    return Arrays.stream(values())
        .filter(one -> one.percent.equals(percent))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no such quality limit: " + percent));
  }
}
