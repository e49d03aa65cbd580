package org.ablebatch.core.cutline;

/** A place on the sheet; x to the right, y downwards. */
public record Point(double x, double y) {
  Point to(Point other, double share) {
    return new Point(x + share * (other.x - x), y + share * (other.y - y));
  }

  Point times(double scale) {
    return new Point(scale * x, scale * y);
  }

  Point plus(double dx, double dy) {
    return new Point(x + dx, y + dy);
  }
}
