package org.ablebatch.core.cutline;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Rect;

/** A region with its small parts joined or dropped and its small holes filled. */
final class Parts {
  private final int width;
  private final int height;
  private final boolean[] inside;
  private int joined;
  private int dropped;
  private int filled;

  private Parts(Region region) {
    width = region.width();
    height = region.height();
    inside = region.inside().clone();
  }

  /**
   * What became of it.
   *
   * @param filled holes
   */
  record Result(Region region, int joined, int dropped, int filled) {}

  /**
   * @param leastPx the least that a blade can cut
   */
  static Result of(Region region, CutLineRules rules, double leastPx) {
    Parts parts = new Parts(region);
    parts.fillHoles(rules.holes() ? leastPx : Double.MAX_VALUE);
    if (rules.small() != CutLineRules.Small.KEEP) {
      parts.mendSmall(leastPx, rules.small() == CutLineRules.Small.JOIN);
    }
    return new Result(
        new Region(parts.width, parts.height, parts.inside),
        parts.joined,
        parts.dropped,
        parts.filled);
  }

  private void fillHoles(double below) {
    boolean[] outside = new boolean[inside.length];
    for (int i = 0; i < inside.length; i++) {
      outside[i] = !inside[i];
    }
    Components components = Components.of(outside, width, height, true);
    boolean[] fills = new boolean[components.regions().size()];
    for (int c = 0; c < fills.length; c++) {
      Rect box = components.regions().get(c).box();
      boolean hole = box.x() > 0 && box.y() > 0 && box.right() < width && box.bottom() < height;
      fills[c] = hole && Math.min(box.width(), box.height()) < below;
      filled += fills[c] ? 1 : 0;
    }
    paint(components, fills, true);
  }

  private void mendSmall(double below, boolean join) {
    Components components = Components.of(inside, width, height, false);
    int count = components.regions().size();
    boolean[] small = new boolean[count];
    List<Integer> all = new ArrayList<>();
    for (int c = 0; c < count; c++) {
      Rect box = components.regions().get(c).box();
      small[c] = Math.min(box.width(), box.height()) < below;
      if (small[c]) {
        all.add(c);
      }
    }
    if (all.size() == count) {
      // Nothing is left to join to; what is there is what is wanted.
      return;
    }
    if (!join) {
      dropped = all.size();
      paint(components, small, false);
      return;
    }
    boolean[] large = new boolean[inside.length];
    for (int i = 0; i < large.length; i++) {
      large[i] = inside[i] && !small[components.labels()[i] - 1];
    }
    double[] distance = EuclideanDistance.squared(large, width, height);
    for (int c : all) {
      bridge(components, c, large, distance, below);
      joined++;
    }
  }

  private void paint(Components components, boolean[] which, boolean value) {
    for (int i = 0; i < inside.length; i++) {
      int part = components.labels()[i] - 1;
      if (part >= 0 && which[part]) {
        inside[i] = value;
      }
    }
  }

  /** As wide as a blade's least, from the part's nearest pixel to the nearest large one. */
  private void bridge(
      Components components, int part, boolean[] large, double[] distance, double wide) {
    Rect box = components.regions().get(part).box();
    int from = -1;
    for (int y = box.y(); y < box.bottom(); y++) {
      for (int x = box.x(); x < box.right(); x++) {
        int i = y * width + x;
        if (components.labels()[i] == part + 1 && (from < 0 || distance[i] < distance[from])) {
          from = i;
        }
      }
    }
    int to = nearest(from, large, Math.sqrt(distance[from]));
    double steps = Math.max(1, 2 * Math.sqrt(distance[from]));
    for (int s = 0; s <= steps; s++) {
      double x = from % width + s / steps * (to % width - from % width);
      double y = from / width + s / steps * (to / width - from / width);
      disc(x, y, wide / 2);
    }
  }

  private int nearest(int from, boolean[] large, double reach) {
    int fromX = from % width;
    int fromY = from / width;
    int r = (int) Math.ceil(reach) + 1;
    int best = from;
    double least = Double.MAX_VALUE;
    for (int y = Math.max(0, fromY - r); y <= Math.min(height - 1, fromY + r); y++) {
      for (int x = Math.max(0, fromX - r); x <= Math.min(width - 1, fromX + r); x++) {
        double d = Math.hypot(x - fromX, y - fromY);
        if (large[y * width + x] && d < least) {
          least = d;
          best = y * width + x;
        }
      }
    }
    return best;
  }

  private void disc(double atX, double atY, double radius) {
    for (int y = (int) Math.max(0, atY - radius); y <= Math.min(height - 1, atY + radius); y++) {
      for (int x = (int) Math.max(0, atX - radius); x <= Math.min(width - 1, atX + radius); x++) {
        if (Math.hypot(x - atX, y - atY) <= radius) {
          inside[y * width + x] = true;
        }
      }
    }
  }
}
