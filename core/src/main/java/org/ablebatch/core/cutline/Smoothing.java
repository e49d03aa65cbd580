package org.ablebatch.core.cutline;

import java.util.ArrayList;
import java.util.List;

/** From a polygon to curves and corners: Selinger 2003, section 2.3. */
final class Smoothing {
  /** At and above it a vertex stays a corner. */
  private static final double CORNER_FROM = 1;

  private static final double FLATTEST = 0.55;

  private Smoothing() {}

  static Outline of(List<Point> vertices, boolean hole) {
    int m = vertices.size();
    List<Outline.Piece> pieces = new ArrayList<>();
    for (int j = 0; j < m; j++) {
      Point before = vertices.get((j + m - 1) % m);
      Point here = vertices.get(j);
      Point after = vertices.get((j + 1) % m);
      Point end = here.to(after, 0.5);
      double alpha = alpha(before, here, after);
      if (alpha >= CORNER_FROM) {
        pieces.add(Outline.Piece.straight(here));
        pieces.add(Outline.Piece.straight(end));
      } else {
        double share = 0.5 + 0.5 * Math.max(FLATTEST, alpha);
        pieces.add(new Outline.Piece(before.to(here, share), after.to(here, share), end));
      }
    }
    return new Outline(vertices.get(m - 1).to(vertices.get(0), 0.5), pieces, hole);
  }

  /** How far the vertex stands out of the unit square around it, as section 2.3.3 measures it. */
  private static double alpha(Point before, Point here, Point after) {
    double dx = after.x() - before.x();
    double dy = after.y() - before.y();
    double denominator = Math.abs(dx) + Math.abs(dy);
    if (denominator == 0) {
      return 4 / 3.0;
    }
    double area = (here.x() - before.x()) * dy - (here.y() - before.y()) * dx;
    double d = Math.abs(area / denominator);
    return d > 1 ? (1 - 1 / d) / 0.75 : 0;
  }
}
