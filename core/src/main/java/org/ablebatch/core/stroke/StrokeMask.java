package org.ablebatch.core.stroke;

import java.util.List;
import org.ablebatch.core.raster.Rect;

/**
 * How strongly a stroke acts on each pixel of the rectangle that it can reach.
 *
 * <p>The strength of a pixel depends only on its distance to the stroke's line, so the result is
 * the limit of round stamps set infinitely close, each going no further than the stroke's strength.
 * It is free of beads, does not depend on how often the pointer was sampled along a straight way,
 * and is plain double arithmetic, so that the browser computes the very same bytes.
 *
 * @param box the rectangle, clipped to the picture; may be empty
 * @param strength 0..255 for each of its pixels, row by row
 */
public record StrokeMask(Rect box, byte[] strength) {
  private static final double EDGE = 0.5;

  public static StrokeMask of(Stroke stroke, int width, int height) {
    Rect box = reach(stroke).intersect(new Rect(0, 0, width, height));
    byte[] strength = new byte[box.width() * box.height()];
    List<StrokePoint> points = stroke.points();
    if (points.size() == 1) {
      segment(stroke, points.get(0), points.get(0), box, strength);
    }
    for (int i = 1; i < points.size(); i++) {
      segment(stroke, points.get(i - 1), points.get(i), box, strength);
    }
    return new StrokeMask(box, strength);
  }

  private static void segment(
      Stroke stroke, StrokePoint a, StrokePoint b, Rect box, byte[] strength) {
    double radius = stroke.sizePx() / 2;
    double outer = radius + EDGE;
    double inner = radius * (1 - stroke.softness01()) - EDGE;
    Rect part = Bounds.of(List.of(a, b)).pixels(outer).intersect(box);
    double dx = b.x() - a.x();
    double dy = b.y() - a.y();
    double length2 = dx * dx + dy * dy;
    for (int y = part.y(); y < part.bottom(); y++) {
      for (int x = part.x(); x < part.right(); x++) {
        double px = x + 0.5 - a.x();
        double py = y + 0.5 - a.y();
        double t = length2 == 0 ? 0 : (px * dx + py * dy) / length2;
        t = t < 0 ? 0 : t > 1 ? 1 : t;
        double ex = px - t * dx;
        double ey = py - t * dy;
        double d2 = ex * ex + ey * ey;
        if (d2 < outer * outer) {
          int value = value(Math.sqrt(d2), inner, outer, stroke.strength01());
          int i = (y - box.y()) * box.width() + x - box.x();
          if (value > (strength[i] & 0xFF)) {
            strength[i] = (byte) value;
          }
        }
      }
    }
  }

  private static int value(double distance, double inner, double outer, double strength01) {
    double t = (distance - inner) / (outer - inner);
    double c = t < 0 ? 0 : t > 1 ? 1 : t;
    return (int) Math.floor(255 * strength01 * (1 - c * c * (3 - 2 * c)) + 0.5);
  }

  /** The rectangle outside of which the stroke does nothing; it may lie beside the picture. */
  public static Rect reach(Stroke stroke) {
    return Bounds.of(stroke.points()).pixels(stroke.sizePx() / 2 + EDGE);
  }
}
