package org.ablebatch.core.dress;

/** Signed distances to a box with round corners around the origin. */
final class RoundedBox {
  private RoundedBox() {}

  /** Positive outside. */
  static double distance(double x, double y, double halfWidth, double halfHeight, double round) {
    double dx = Math.abs(x) - halfWidth + round;
    double dy = Math.abs(y) - halfHeight + round;
    double corner = Math.hypot(Math.max(0, dx), Math.max(0, dy));
    return corner + Math.min(0, Math.max(dx, dy)) - round;
  }
}
