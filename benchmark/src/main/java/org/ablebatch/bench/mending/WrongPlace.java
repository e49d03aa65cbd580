package org.ablebatch.bench.mending;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.Shape;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.Stroke;
import org.ablebatch.core.stroke.StrokePoint;

/** The largest connected place of a cutout that is wrong by more than half, as a hand sees it. */
final class WrongPlace {
  private static final int HALF = 128;

  /** A hint is so large, as a share of the longer side, or fits into the place. */
  private static final double SIZE = 0.02;

  private static final double OF_THE_DEPTH = 1.6;
  private static final int STATIONS = 9;

  /** Around a frame, as a share of its longer side. */
  private static final double AIR = 0.06;

  /** Where the place is much narrower than at its middle nobody draws. */
  private static final double LEAST_OF_THE_DEPTH = 0.3;

  private final int width;
  private final int height;
  private final boolean isSubject;
  private final float[] depth;
  private final int middle;

  private WrongPlace(int width, int height, float[] depth, Matte should) {
    this.width = width;
    this.height = height;
    this.depth = depth;
    int deepest = 0;
    for (int i = 0; i < depth.length; i++) {
      deepest = depth[i] > depth[deepest] ? i : deepest;
    }
    this.middle = deepest;
    this.isSubject = (should.coverage()[deepest] & 0xFF) >= HALF;
  }

  static Optional<WrongPlace> of(Matte is, Matte should) {
    int w = is.width();
    int h = is.height();
    boolean[] wrong = new boolean[w * h];
    for (int i = 0; i < wrong.length; i++) {
      wrong[i] = Math.abs((is.coverage()[i] & 0xFF) - (should.coverage()[i] & 0xFF)) >= HALF;
    }
    Components parts = Components.of(wrong, w, h, false);
    int largest = 0;
    for (int k = 0; k < parts.regions().size(); k++) {
      int area = parts.regions().get(k).area();
      largest = largest == 0 || area > parts.regions().get(largest - 1).area() ? k + 1 : largest;
    }
    if (largest == 0) {
      return Optional.empty();
    }
    boolean[] outside = new boolean[w * h];
    for (int i = 0; i < outside.length; i++) {
      outside[i] = parts.labels()[i] != largest;
    }
    return Optional.of(new WrongPlace(w, h, Distance.to(outside, w, h), should));
  }

  /** One click in its middle. */
  Hint click() {
    return hint(List.of(point(middle)));
  }

  /** One stroke from its middle both ways along it, as far as it goes without leaving it. */
  Hint stroke() {
    boolean wide = widest() >= tallest();
    Deque<StrokePoint> way = new ArrayDeque<>();
    way.add(point(middle));
    int at = wide ? middle % width : middle / width;
    int step = Math.max(1, Math.max(widest(), tallest()) / STATIONS);
    for (int to = at + step; extend(way.getLast(), to, wide).map(way::offerLast).isPresent(); ) {
      to += step;
    }
    for (int to = at - step; extend(way.getFirst(), to, wide).map(way::offerFirst).isPresent(); ) {
      to -= step;
    }
    return hint(List.copyOf(way));
  }

  /** A mark with the frame that it is about; empty = it has none. */
  record Marked(Hint hint, Optional<Area> frame) {
    Marked(Hint hint) {
      this(hint, Optional.empty());
    }
  }

  /** A frame drawn around it by hand, with some air, and a mark in the frame's middle. */
  Marked framed() {
    Rect place = Rect.around(i -> depth[i] > 0, width, depth.length);
    int air = (int) Math.max(2, AIR * Math.max(place.width(), place.height()));
    Rect frame = place.grow(air).intersect(new Rect(0, 0, width, height));
    double side = Math.min(frame.width(), frame.height());
    double across = (frame.width() - side) / 4;
    double down = (frame.height() - side) / 4;
    double cx = frame.x() + frame.width() / 2.0;
    double cy = frame.y() + frame.height() / 2.0;
    Hint along =
        new Hint(
            kind(),
            Math.max(1, Math.min(Stroke.LARGEST_PX, side / 5)),
            List.of(
                new StrokePoint(cx - across, cy - down), new StrokePoint(cx + across, cy + down)));
    StrokePoint corner = new StrokePoint(frame.x(), frame.y());
    StrokePoint opposite = new StrokePoint(frame.right(), frame.bottom());
    Shape box = new Shape(Shape.Kind.BOX, List.of(corner, opposite));
    Area area = new Area(List.of(new Area.Part(Area.Joining.ADD, box)), false, 0);
    return new Marked(along, Optional.of(area));
  }

  /** The deepest pixel of a column or row, if the way there stays in the place. */
  private Optional<StrokePoint> extend(StrokePoint from, int line, boolean wide) {
    if (line < 0 || line >= (wide ? width : height)) {
      return Optional.empty();
    }
    int best = -1;
    for (int k = 0; k < (wide ? height : width); k++) {
      int i = wide ? k * width + line : line * width + k;
      best = best < 0 || depth[i] > depth[best] ? i : best;
    }
    StrokePoint to = point(best);
    boolean isDeep = depth[best] >= LEAST_OF_THE_DEPTH * depth[middle];
    return isDeep && isInside(from, to) ? Optional.of(to) : Optional.empty();
  }

  private boolean isInside(StrokePoint a, StrokePoint b) {
    int steps = (int) Math.ceil(Math.hypot(b.x() - a.x(), b.y() - a.y()));
    for (int k = 0; k <= steps; k++) {
      double t = k / (double) Math.max(1, steps);
      int x = (int) (a.x() + t * (b.x() - a.x()));
      int y = (int) (a.y() + t * (b.y() - a.y()));
      if (depth[y * width + x] <= 0) {
        return false;
      }
    }
    return true;
  }

  private int widest() {
    int left = width;
    int right = -1;
    for (int i = 0; i < depth.length; i++) {
      if (depth[i] > 0) {
        left = Math.min(left, i % width);
        right = Math.max(right, i % width);
      }
    }
    return right - left;
  }

  private int tallest() {
    int top = height;
    int bottom = -1;
    for (int i = 0; i < depth.length; i++) {
      if (depth[i] > 0) {
        top = Math.min(top, i / width);
        bottom = Math.max(bottom, i / width);
      }
    }
    return bottom - top;
  }

  private StrokePoint point(int i) {
    return new StrokePoint(i % width + 0.5, i / width + 0.5);
  }

  private Hint hint(List<StrokePoint> way) {
    double size = Math.min(SIZE * Math.max(width, height), OF_THE_DEPTH * depth[middle]);
    return new Hint(kind(), Math.max(1, size), way);
  }

  private Hint.Kind kind() {
    return isSubject ? Hint.Kind.SUBJECT : Hint.Kind.BACKDROP;
  }
}
