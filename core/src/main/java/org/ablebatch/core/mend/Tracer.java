package org.ablebatch.core.mend;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.Bounds;
import org.ablebatch.core.stroke.StrokePoint;

/**
 * Draws traced lines: a curve through all points (Catmull &amp; Rom, A Class of Local Interpolating
 * Splines, 1974), tapered evenly along its length.
 */
final class Tracer {
  private static final int PIECES = 12;
  private static final double EDGE = 0.5;

  private Tracer() {}

  /** A place on the curve and how far along it lies, 0..1. */
  private record Knot(double x, double y, double along) {}

  static Rect reach(TraceEdit trace) {
    List<StrokePoint> places =
        curve(trace.points()).stream().map(knot -> new StrokePoint(knot.x(), knot.y())).toList();
    return Bounds.of(places).pixels(Math.max(trace.fromPx(), trace.toPx()) / 2 + EDGE);
  }

  static void draw(Workpiece piece, TraceEdit trace) {
    Rect box = reach(trace).intersect(piece.bounds());
    if (box.isEmpty()) {
      return;
    }
    byte[] strength = new byte[box.width() * box.height()];
    List<Knot> curve = curve(trace.points());
    for (int k = 1; k < curve.size(); k++) {
      segment(trace, curve.get(k - 1), curve.get(k), box, strength);
    }
    for (int y = 0; y < box.height(); y++) {
      for (int x = 0; x < box.width(); x++) {
        int s = strength[y * box.width() + x] & 0xFF;
        int i = (box.y() + y) * piece.width() + box.x() + x;
        if (s > 0) {
          lay(piece, i, s, trace.rgb());
        }
      }
    }
  }

  /** Lays paint over what is there: where both are thin they add up. */
  private static void lay(Workpiece piece, int i, int share, Integer rgb) {
    int before = piece.cover(i);
    int after = Blend.towards(before, 255, share);
    int colour = 0xFF000000 | (rgb == null ? piece.original().argb()[i] : rgb);
    int ofPaint = after == 0 ? 0 : Math.min(255, share * 255 / after);
    piece.colour(i, Blend.colour(piece.colour(i), colour, ofPaint));
    piece.cover(i, after);
  }

  private static void segment(TraceEdit trace, Knot a, Knot b, Rect box, byte[] strength) {
    double ra = radius(trace, a.along());
    double rb = radius(trace, b.along());
    double reach = Math.max(ra, rb) + EDGE;
    int left = (int) Math.max(box.x(), Math.floor(Math.min(a.x(), b.x()) - reach));
    int top = (int) Math.max(box.y(), Math.floor(Math.min(a.y(), b.y()) - reach));
    int right = (int) Math.min(box.right(), Math.ceil(Math.max(a.x(), b.x()) + reach));
    int bottom = (int) Math.min(box.bottom(), Math.ceil(Math.max(a.y(), b.y()) + reach));
    double dx = b.x() - a.x();
    double dy = b.y() - a.y();
    double length2 = dx * dx + dy * dy;
    for (int y = top; y < bottom; y++) {
      for (int x = left; x < right; x++) {
        double px = x + 0.5 - a.x();
        double py = y + 0.5 - a.y();
        double t = length2 == 0 ? 0 : (px * dx + py * dy) / length2;
        t = t < 0 ? 0 : t > 1 ? 1 : t;
        double ex = px - t * dx;
        double ey = py - t * dy;
        double distance = Math.sqrt(ex * ex + ey * ey);
        int value = value(distance, ra + t * (rb - ra), trace);
        int i = (y - box.y()) * box.width() + x - box.x();
        if (value > (strength[i] & 0xFF)) {
          strength[i] = (byte) value;
        }
      }
    }
  }

  private static double radius(TraceEdit trace, double along) {
    return (trace.fromPx() + along * (trace.toPx() - trace.fromPx())) / 2;
  }

  /** Lines thinner than a pixel cover it in part. */
  private static int value(double distance, double radius, TraceEdit trace) {
    double outer = radius + EDGE;
    double inner = Math.min(outer - 1, radius * (1 - trace.softness01()) - EDGE);
    double t = (distance - inner) / (outer - inner);
    double c = t < 0 ? 0 : t > 1 ? 1 : t;
    double thin = Math.min(1, 2 * radius);
    return (int) Math.floor(255 * trace.opacity01() * thin * (1 - c * c * (3 - 2 * c)) + 0.5);
  }

  private static List<Knot> curve(List<StrokePoint> points) {
    List<StrokePoint> places = new ArrayList<>();
    for (int k = 0; k + 1 < points.size(); k++) {
      StrokePoint before = points.get(Math.max(0, k - 1));
      StrokePoint a = points.get(k);
      StrokePoint b = points.get(k + 1);
      StrokePoint after = points.get(Math.min(points.size() - 1, k + 2));
      for (int piece = 0; piece < PIECES; piece++) {
        double t = piece / (double) PIECES;
        places.add(
            new StrokePoint(
                between(before.x(), a.x(), b.x(), after.x(), t),
                between(before.y(), a.y(), b.y(), after.y(), t)));
      }
    }
    places.add(points.get(points.size() - 1));
    double whole = 0;
    for (int k = 1; k < places.size(); k++) {
      whole += apart(places.get(k - 1), places.get(k));
    }
    List<Knot> curve = new ArrayList<>();
    double so = 0;
    for (int k = 0; k < places.size(); k++) {
      so += k == 0 ? 0 : apart(places.get(k - 1), places.get(k));
      curve.add(
          new Knot(places.get(k).x(), places.get(k).y(), whole == 0 ? 0 : Math.min(1, so / whole)));
    }
    return curve;
  }

  private static double between(double p, double a, double b, double n, double t) {
    return 0.5
        * (2 * a
            + (b - p) * t
            + (2 * p - 5 * a + 4 * b - n) * t * t
            + (3 * a - p - 3 * b + n) * t * t * t);
  }

  private static double apart(StrokePoint a, StrokePoint b) {
    return Math.hypot(a.x() - b.x(), a.y() - b.y());
  }
}
