package org.ablebatch.core.cutline;

/**
 * How a subject is cut out.
 *
 * @param offsetMm from the subject's edge outwards, below zero inwards, -20..50
 * @param leastMm the least that a blade can cut, 0..50
 * @param holes whether holes are cut, too
 */
public record CutLineRules(double offsetMm, double leastMm, Small small, boolean holes) {

  /** What becomes of parts that are narrower than a blade's least. */
  public enum Small {
    /** A bridge leads to the nearest part. */
    JOIN,
    DROP,
    KEEP
  }

  public CutLineRules {
    require("offsetMm", offsetMm, -20, 50);
    require("leastMm", leastMm, 0, 50);
    if (small == null) {
      throw new IllegalArgumentException("small: expected join, drop or keep");
    }
  }

  private static void require(String field, double value, double low, double high) {
    if (!(value >= low && value <= high)) {
      throw new IllegalArgumentException(
          "%s: expected %s to %s, got %s".formatted(field, low, high, value));
    }
  }
}
