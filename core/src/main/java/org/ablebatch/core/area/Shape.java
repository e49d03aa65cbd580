package org.ablebatch.core.area;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.stroke.StrokePoint;

/**
 * One closed shape, by the points that a person may move.
 *
 * @param kind how the points are read
 * @param points in pixels of the picture: two opposite corners of a box or of the box around an
 *     ellipse, or the corners of an outline; at most {@value #MOST_POINTS}
 */
public record Shape(Kind kind, List<StrokePoint> points) {
  public static final int MOST_POINTS = 20_000;

  private static final double PX_PER_SIDE = 3;
  private static final int LEAST_SIDES = 24;
  private static final int MOST_SIDES = 720;

  /** How the points are read. */
  public enum Kind {
    BOX,
    ELLIPSE,
    /** Drawn freely, corner by corner, or along an edge: all the same once it is drawn. */
    OUTLINE
  }

  /**
   * @throws IllegalArgumentException with a sentence for a person
   */
  public Shape {
    points = List.copyOf(points);
    boolean enough = kind == Kind.OUTLINE ? points.size() >= 3 : points.size() == 2;
    if (!enough || points.size() > MOST_POINTS) {
      throw new IllegalArgumentException(
          kind == Kind.OUTLINE
              ? "An outline has 3 to " + MOST_POINTS + " points, not " + points.size()
              : "A box or an ellipse has two corners, not " + points.size());
    }
  }

  Shape scaled(double sx, double sy) {
    return new Shape(
        kind, points.stream().map(p -> new StrokePoint(p.x() * sx, p.y() * sy)).toList());
  }

  /** Its corners, in order; an ellipse has many. */
  List<StrokePoint> corners() {
    return switch (kind) {
      case OUTLINE -> points;
      case BOX -> {
        StrokePoint a = points.get(0);
        StrokePoint b = points.get(1);
        yield List.of(a, new StrokePoint(b.x(), a.y()), b, new StrokePoint(a.x(), b.y()));
      }
      case ELLIPSE -> ellipse();
    };
  }

  private List<StrokePoint> ellipse() {
    StrokePoint a = points.get(0);
    StrokePoint b = points.get(1);
    double cx = (a.x() + b.x()) / 2;
    double cy = (a.y() + b.y()) / 2;
    double rx = Math.abs(b.x() - a.x()) / 2;
    double ry = Math.abs(b.y() - a.y()) / 2;
    int sides =
        (int)
            Math.max(
                LEAST_SIDES, Math.min(MOST_SIDES, 2 * Math.PI * Math.max(rx, ry) / PX_PER_SIDE));
    List<StrokePoint> corners = new ArrayList<>(sides);
    for (int k = 0; k < sides; k++) {
      double angle = 2 * Math.PI * k / sides;
      corners.add(new StrokePoint(cx + rx * Math.cos(angle), cy + ry * Math.sin(angle)));
    }
    return corners;
  }
}
