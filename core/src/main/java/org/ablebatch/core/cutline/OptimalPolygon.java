package org.ablebatch.core.cutline;

import java.util.ArrayList;
import java.util.List;

/**
 * The polygon with the fewest sides that stays within half a pixel of a path, and among those the
 * one that lies nearest: Selinger 2003, section 2.2. Its first vertex is the path's first corner,
 * where a path turns; that may cost one side, and saves looking for the best beginning.
 */
final class OptimalPolygon {
  private final int n;
  private final int[] x;
  private final int[] y;
  private final double[][] sums;

  private OptimalPolygon(Contours.Path path) {
    n = path.length();
    x = path.x();
    y = path.y();
    sums = new double[5][n + 2];
    for (int i = 0; i <= n; i++) {
      double px = px(i) - x[0];
      double py = py(i) - y[0];
      double[] added = {px, py, px * px, px * py, py * py};
      for (int c = 0; c < added.length; c++) {
        sums[c][i + 1] = sums[c][i] + added[c];
      }
    }
  }

  /** Places of the vertices along the path, the first being 0. */
  static List<Integer> of(Contours.Path path) {
    return new OptimalPolygon(path).best();
  }

  private int px(int i) {
    return x[i % n];
  }

  private int py(int i) {
    return y[i % n];
  }

  private List<Integer> best() {
    int[] sides = new int[n + 1];
    double[] penalty = new double[n + 1];
    int[] before = new int[n + 1];
    java.util.Arrays.fill(sides, Integer.MAX_VALUE);
    sides[0] = 0;
    for (int i = 0; i < n; i++) {
      int last = Math.min(n, furthest(i));
      for (int j = i + 1; j <= last; j++) {
        double p = penalty[i] + penalty(i, j);
        if (sides[i] + 1 < sides[j] || sides[i] + 1 == sides[j] && p < penalty[j]) {
          sides[j] = sides[i] + 1;
          penalty[j] = p;
          before[j] = i;
        }
      }
    }
    List<Integer> vertices = new ArrayList<>();
    for (int j = before[n]; j > 0; j = before[j]) {
      vertices.add(0, j);
    }
    vertices.add(0, 0);
    return vertices;
  }

  /** Where a side that begins here may end: what is one corner longer at both ends is straight. */
  private int furthest(int i) {
    return Math.max(i + 1, straightTo(i == 0 ? n - 1 : i - 1, i == 0) - 1);
  }

  /**
   * The last corner up to which all lie within half a pixel of one line from a corner.
   *
   * @param wraps the corner is the path's last and what follows begins at its first
   */
  private int straightTo(int from, boolean wraps) {
    int[] seen = new int[4];
    long c0x = 0;
    long c0y = 0;
    long c1x = 0;
    long c1y = 0;
    int start = wraps ? from - n : from;
    int k = start;
    while (k < start + n - 1) {
      int dx = at(k + 1, true) - at(k, true);
      int dy = at(k + 1, false) - at(k, false);
      seen[(3 + 3 * dx + dy) / 2]++;
      if (seen[0] > 0 && seen[1] > 0 && seen[2] > 0 && seen[3] > 0) {
        return k;
      }
      long curX = at(k + 1, true) - at(start, true);
      long curY = at(k + 1, false) - at(start, false);
      if (c0x * curY - c0y * curX < 0 || c1x * curY - c1y * curX > 0) {
        return k;
      }
      if (Math.abs(curX) > 1 || Math.abs(curY) > 1) {
        long offX = curX + (curY >= 0 && (curY > 0 || curX < 0) ? 1 : -1);
        long offY = curY + (curX <= 0 && (curX < 0 || curY < 0) ? 1 : -1);
        if (c0x * offY - c0y * offX >= 0) {
          c0x = offX;
          c0y = offY;
        }
        offX = curX + (curY <= 0 && (curY < 0 || curX < 0) ? 1 : -1);
        offY = curY + (curX >= 0 && (curX > 0 || curY < 0) ? 1 : -1);
        if (c1x * offY - c1y * offX <= 0) {
          c1x = offX;
          c1y = offY;
        }
      }
      k++;
    }
    return k;
  }

  private int at(int i, boolean across) {
    return (across ? x : y)[Math.floorMod(i, n)];
  }

  /** Standard deviation of the corners from a side, weighted by its length (section 2.2.3). */
  private double penalty(int i, int j) {
    double k = j + 1 - i;
    double sx = sums[0][j + 1] - sums[0][i];
    double sy = sums[1][j + 1] - sums[1][i];
    double sxx = sums[2][j + 1] - sums[2][i];
    double sxy = sums[3][j + 1] - sums[3][i];
    double syy = sums[4][j + 1] - sums[4][i];
    double middleX = (px(i) + px(j)) / 2.0 - x[0];
    double middleY = (py(i) + py(j)) / 2.0 - y[0];
    double ey = px(j) - px(i);
    double ex = -(py(j) - py(i));
    double a = (sxx - 2 * sx * middleX) / k + middleX * middleX;
    double b = (sxy - sx * middleY - sy * middleX) / k + middleX * middleY;
    double c = (syy - 2 * sy * middleY) / k + middleY * middleY;
    return Math.sqrt(Math.max(0, ex * ex * a + 2 * ex * ey * b + ey * ey * c));
  }

  /**
   * Where the vertices lie when each side runs through the middle of its corners (section 2.3.1):
   * never further than half a pixel from the path.
   */
  static List<Point> adjusted(Contours.Path path, List<Integer> vertices) {
    OptimalPolygon polygon = new OptimalPolygon(path);
    int m = vertices.size();
    double[][] lines = new double[m][];
    for (int i = 0; i < m; i++) {
      int to = i + 1 < m ? vertices.get(i + 1) : polygon.n;
      lines[i] = polygon.line(vertices.get(i), to);
    }
    List<Point> points = new ArrayList<>();
    for (int i = 0; i < m; i++) {
      int corner = vertices.get(i);
      points.add(nearest(lines[(i + m - 1) % m], lines[i], polygon.px(corner), polygon.py(corner)));
    }
    return points;
  }

  /** The line of least squares through the corners of a side: a x + b y + c = 0, a² + b² = 1. */
  private double[] line(int i, int j) {
    double k = j - i + 1;
    double sx = sums[0][j + 1] - sums[0][i];
    double sy = sums[1][j + 1] - sums[1][i];
    double meanX = sx / k;
    double meanY = sy / k;
    double a = (sums[2][j + 1] - sums[2][i]) / k - meanX * meanX;
    double b = (sums[3][j + 1] - sums[3][i]) / k - meanX * meanY;
    double c = (sums[4][j + 1] - sums[4][i]) / k - meanY * meanY;
    double angle = Math.atan2(2 * b, a - c) / 2;
    double normalX = -Math.sin(angle);
    double normalY = Math.cos(angle);
    return new double[] {normalX, normalY, -(normalX * (meanX + x[0]) + normalY * (meanY + y[0]))};
  }

  /** Nearest to both lines within half a pixel of the corner. */
  private static Point nearest(double[] one, double[] other, double cornerX, double cornerY) {
    double det = one[0] * other[1] - one[1] * other[0];
    if (Math.abs(det) > 1e-9) {
      double px = (one[1] * other[2] - other[1] * one[2]) / det;
      double py = (other[0] * one[2] - one[0] * other[2]) / det;
      if (Math.abs(px - cornerX) <= 0.5 && Math.abs(py - cornerY) <= 0.5) {
        return new Point(px, py);
      }
    }
    Point best = new Point(cornerX, cornerY);
    double least = off(one, other, best);
    for (int side = 0; side < 4; side++) {
      for (int step = 0; step <= 20; step++) {
        double along = step / 20.0 - 0.5;
        double across = side % 2 == 0 ? -0.5 : 0.5;
        Point p =
            side < 2
                ? new Point(cornerX + along, cornerY + across)
                : new Point(cornerX + across, cornerY + along);
        double off = off(one, other, p);
        if (off < least) {
          least = off;
          best = p;
        }
      }
    }
    return best;
  }

  private static double off(double[] one, double[] other, Point p) {
    double a = one[0] * p.x() + one[1] * p.y() + one[2];
    double b = other[0] * p.x() + other[1] * p.y() + other[2];
    return a * a + b * b;
  }
}
