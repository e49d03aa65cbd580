package org.ablebatch.core.area;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.ablebatch.core.color.ColourGradient;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.reading.AreaShrink;
import org.ablebatch.core.stroke.StrokePoint;

/**
 * The line between two places that stays on the picture's edges as well as it can (Mortensen &amp;
 * Barrett, Intelligent Scissors for Image Composition, SIGGRAPH 1995): the cheapest way over pixels
 * that cost less the stronger the edge is under them. Costs are whole numbers, so that equal ways
 * are told apart by order alone and the line is always the same.
 */
public final class LiveWire {
  /** A window is read at no more than so many pixels, so that the line follows the hand. */
  private static final int PIXELS = 90_000;

  private static final int LEAST_AROUND_PX = 24;
  private static final double AROUND = 0.35;
  private static final int STRAIGHT = 5;
  private static final int DIAGONAL = 7;
  private static final int FREE_OF_EDGES = 60;
  private static final int LEAST_COST = 1;

  /** A step of colour, OKLab, that counts as a full edge where nothing is stronger. */
  private static final float CLEAR_EDGE = 0.06f;

  private LiveWire() {}

  /**
   * @param from and to, in pixels of the picture; places outside are moved to its border
   * @return from the first to the second place, both included
   */
  public static List<StrokePoint> between(Picture picture, StrokePoint from, StrokePoint to) {
    StrokePoint a = inside(from, picture);
    StrokePoint b = inside(to, picture);
    Rect window = window(a, b).intersect(picture.bounds());
    Rect grid = AreaShrink.readingGrid(window.width(), window.height(), PIXELS);
    ColorPlanes lab =
        AreaShrink.toOkLab(AreaShrink.toLinear(picture.crop(window), grid.width(), grid.height()));
    int[] costs = costs(ColourGradient.lengths(lab));
    double sx = grid.width() / (double) window.width();
    double sy = grid.height() / (double) window.height();
    int start = cell(a, window, grid, sx, sy);
    int[] way = way(costs, grid.width(), grid.height(), start, cell(b, window, grid, sx, sy));
    List<StrokePoint> line = new ArrayList<>();
    line.add(a);
    for (int k = 1; k < way.length - 1; k++) {
      int x = way[k] % grid.width();
      int y = way[k] / grid.width();
      line.add(new StrokePoint(window.x() + (x + 0.5) / sx, window.y() + (y + 0.5) / sy));
    }
    line.add(b);
    return line;
  }

  private static StrokePoint inside(StrokePoint p, Picture picture) {
    return new StrokePoint(
        Math.max(0, Math.min(picture.width(), p.x())),
        Math.max(0, Math.min(picture.height(), p.y())));
  }

  private static Rect window(StrokePoint a, StrokePoint b) {
    int x = (int) Math.floor(Math.min(a.x(), b.x()));
    int y = (int) Math.floor(Math.min(a.y(), b.y()));
    int w = (int) Math.ceil(Math.abs(a.x() - b.x())) + 1;
    int h = (int) Math.ceil(Math.abs(a.y() - b.y())) + 1;
    return new Rect(x, y, w, h)
        .grow((int) Math.max(LEAST_AROUND_PX, Math.round(AROUND * Math.max(w, h))));
  }

  private static int cell(StrokePoint p, Rect window, Rect grid, double sx, double sy) {
    int x = (int) Math.max(0, Math.min(grid.width() - 1.0, (p.x() - window.x()) * sx));
    int y = (int) Math.max(0, Math.min(grid.height() - 1.0, (p.y() - window.y()) * sy));
    return y * grid.width() + x;
  }

  /** Strong edges are cheap; how strong is strong depends on what the window has. */
  private static int[] costs(float[] gradient) {
    float[] sorted = gradient.clone();
    Arrays.sort(sorted);
    float strong = Math.max(CLEAR_EDGE, sorted[(int) (0.98 * (sorted.length - 1))]);
    int[] costs = new int[gradient.length];
    for (int i = 0; i < costs.length; i++) {
      float weak = 1 - Math.min(1, gradient[i] / strong);
      costs[i] = LEAST_COST + Math.round(FREE_OF_EDGES * weak * weak);
    }
    return costs;
  }

  /** Dijkstra with a ring of buckets: no step costs more than the ring is long. */
  private static int[] way(int[] costs, int w, int h, int start, int end) {
    int n = costs.length;
    int[] best = new int[n];
    int[] before = new int[n];
    Arrays.fill(best, Integer.MAX_VALUE);
    Arrays.fill(before, -1);
    Buckets waiting = new Buckets((LEAST_COST + FREE_OF_EDGES) * DIAGONAL + 1, n);
    best[start] = 0;
    waiting.add(start, 0);
    for (int i = waiting.next(best); i >= 0 && i != end; i = waiting.next(best)) {
      int x = i % w;
      int y = i / w;
      for (int v = Math.max(0, y - 1); v <= Math.min(h - 1, y + 1); v++) {
        for (int u = Math.max(0, x - 1); u <= Math.min(w - 1, x + 1); u++) {
          int j = v * w + u;
          int cost = best[i] + costs[j] * (u != x && v != y ? DIAGONAL : STRAIGHT);
          if (j != i && cost < best[j]) {
            best[j] = cost;
            before[j] = i;
            waiting.add(j, cost);
          }
        }
      }
    }
    return traced(before, start, end);
  }

  private static int[] traced(int[] before, int start, int end) {
    int length = 1;
    for (int i = end; i != start && before[i] >= 0; i = before[i]) {
      length++;
    }
    int[] way = new int[length];
    int i = end;
    for (int k = length - 1; k >= 0; k--) {
      way[k] = i;
      i = before[i];
    }
    return way;
  }

  /** Pixels by cost; an entry that has been bettered since is passed over when its turn comes. */
  private static final class Buckets {
    private final int[] first;
    private int[] pixel;
    private int[] cost;
    private int[] then;
    private int size;
    private int now;
    private int count;

    Buckets(int ring, int capacity) {
      first = new int[ring];
      Arrays.fill(first, -1);
      pixel = new int[capacity];
      cost = new int[capacity];
      then = new int[capacity];
    }

    void add(int i, int itsCost) {
      if (size == pixel.length) {
        pixel = Arrays.copyOf(pixel, 2 * size);
        cost = Arrays.copyOf(cost, 2 * size);
        then = Arrays.copyOf(then, 2 * size);
      }
      pixel[size] = i;
      cost[size] = itsCost;
      then[size] = first[itsCost % first.length];
      first[itsCost % first.length] = size++;
      count++;
    }

    /** The cheapest one; -1 when none waits. */
    int next(int[] best) {
      while (count > 0) {
        int entry = first[now % first.length];
        if (entry < 0) {
          now++;
          continue;
        }
        first[now % first.length] = then[entry];
        count--;
        if (cost[entry] == best[pixel[entry]]) {
          return pixel[entry];
        }
      }
      return -1;
    }
  }
}
