package org.ablebatch.core.finding;

/** Severities are put together alike, so that the worst of a picture is the worst. */
final class Severity {
  private Severity() {}

  /** 0 at {@code from}, 1 at {@code to}, linear between and clipped outside; may fall. */
  static double ramp(double value, double from, double to) {
    return Math.max(0, Math.min(1, (value - from) / (to - from)));
  }

  /**
   * @param sure how sure it is that something is wrong, 0..1
   * @param share size of the place as a share of the subject
   */
  static double of(double sure, double share) {
    double size = ramp(Math.log10(Math.max(1e-6, share)), -3.5, -1);
    return sure * (0.45 + 0.55 * size);
  }
}
