package org.ablebatch.core.dress;

import java.util.Arrays;
import java.util.List;
import org.ablebatch.core.look.PathData;
import org.ablebatch.core.raster.Plane;

/** A path as coverage of a grid, even where it crosses itself. */
final class PathShape {
  private static final int LONG_SIDE = 1024;
  private static final int SUB_ROWS = 4;

  private PathShape() {}

  /**
   * The largest size of the path that fits, in the middle.
   *
   * @param inset distance to the frame's edge, percent of its shorter side
   * @return coverage 0..1 on a grid over the frame
   */
  static Plane coverage(PathData path, Frame frame, double inset) {
    int w = frame.grid(LONG_SIDE).width();
    int h = frame.grid(LONG_SIDE).height();
    double in = inset / 100 * Math.min(w, h);
    List<double[]> rings = fitted(path.rings(), in, w, h);
    Plane out = new Plane(w, h);
    for (int y = 0; y < h; y++) {
      for (int sub = 0; sub < SUB_ROWS; sub++) {
        addRow(rings, y + (sub + 0.5) / SUB_ROWS, out.values(), y * w, w);
      }
    }
    return out;
  }

  private static List<double[]> fitted(List<double[]> rings, double inset, int w, int h) {
    double left = Double.POSITIVE_INFINITY;
    double top = left;
    double right = -left;
    double bottom = -left;
    for (double[] ring : rings) {
      for (int i = 0; i < ring.length; i += 2) {
        left = Math.min(left, ring[i]);
        right = Math.max(right, ring[i]);
        top = Math.min(top, ring[i + 1]);
        bottom = Math.max(bottom, ring[i + 1]);
      }
    }
    double wide = Math.max(1e-9, right - left);
    double high = Math.max(1e-9, bottom - top);
    double scale = Math.min((w - 2 * inset) / wide, (h - 2 * inset) / high);
    double x = (w - scale * wide) / 2 - scale * left;
    double y = (h - scale * high) / 2 - scale * top;
    return rings.stream()
        .map(
            ring -> {
              double[] out = new double[ring.length];
              for (int i = 0; i < ring.length; i += 2) {
                out[i] = x + scale * ring[i];
                out[i + 1] = y + scale * ring[i + 1];
              }
              return out;
            })
        .toList();
  }

  /** Even and odd: what lies in a ring within a ring is a hole. */
  private static void addRow(List<double[]> rings, double y, float[] values, int row, int w) {
    double[] crossings = new double[16];
    int n = 0;
    for (double[] ring : rings) {
      int points = ring.length / 2;
      for (int i = 0; i < points; i++) {
        int j = (i + 1) % points;
        double y0 = ring[2 * i + 1];
        double y1 = ring[2 * j + 1];
        if (y0 <= y != y1 <= y) {
          if (n == crossings.length) {
            crossings = Arrays.copyOf(crossings, 2 * n);
          }
          double share = (y - y0) / (y1 - y0);
          crossings[n++] = ring[2 * i] + share * (ring[2 * j] - ring[2 * i]);
        }
      }
    }
    Arrays.sort(crossings, 0, n);
    for (int i = 0; i + 1 < n; i += 2) {
      addSpan(crossings[i], crossings[i + 1], values, row, w);
    }
  }

  private static void addSpan(double from, double to, float[] values, int row, int w) {
    double left = Math.max(0, from);
    double right = Math.min(w, to);
    for (int x = (int) left; x < right; x++) {
      double part = Math.min(right, x + 1) - Math.max(left, x);
      values[row + x] = (float) Math.min(1, values[row + x] + part / SUB_ROWS);
    }
  }
}
