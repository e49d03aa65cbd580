package org.ablebatch.core.stroke;

/** A place in pixels of the original; the first pixel's centre is (0.5, 0.5). */
public record StrokePoint(double x, double y) {
  public StrokePoint {
    if (!Double.isFinite(x) || !Double.isFinite(y)) {
      throw new IllegalArgumentException("a stroke's points are finite numbers");
    }
  }
}
