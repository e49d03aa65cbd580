package org.ablebatch.core.finding;

import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Rect;

/**
 * Where a suspicious place meets the other side: what is kept, for a place that was removed, and
 * what was removed, for a place that was kept. Looked for across the band in which colours mix.
 *
 * @param length pixels of the place's rim that lie beside the other side
 * @param step mean colour distance to the other side there, OKLab; 1 where they never meet
 * @param texture mean colour distance, as far apart again, within the other side
 * @param surrounded share of the directions in which the other side is near, 0..1
 */
record Contact(int length, double step, double texture, double surrounded) {
  private static final float NEAR = 4.6f;
  private static final int REACH = 5;

  /** Neighbours on both sides of a texture differ as much as neighbours within it. */
  private static final double TEXTURE = 0.9;

  private static final float ALL = 0.9f;
  private static final int DIRECTIONS = 8;

  /** One of the two sides, as seen from the other. */
  static final class Side {
    private final Inspection seen;
    private final boolean keeps;
    private final float[] away;

    /**
     * @param keeps true = what is kept, false = what was removed
     */
    Side(Inspection seen, boolean keeps) {
      this.seen = seen;
      this.keeps = keeps;
      boolean[] belongs = new boolean[seen.size()];
      for (int i = 0; i < belongs.length; i++) {
        belongs[i] = seen.kept()[i] == keeps;
      }
      away = Distance.to(belongs, seen.width(), seen.height());
    }

    /** Grid pixels to this side. */
    float away(int i) {
      return away[i];
    }

    /** As far on again, in the same direction; the pixel itself where that is another side. */
    private int beyond(int from, int across) {
      int w = seen.width();
      int x = 2 * (across % w) - from % w;
      int y = 2 * (across / w) - from / w;
      boolean inside = x >= 0 && y >= 0 && x < w && y < seen.height();
      return inside && isWholly(y * w + x) ? y * w + x : across;
    }

    private boolean isWholly(int i) {
      return keeps ? seen.cover()[i] > ALL : seen.cover()[i] < 1 - ALL;
    }
  }

  /** 1 where the photograph goes on without an edge, 0 where there is one beyond any texture. */
  double seamless(double same, double another) {
    return 1 - Severity.ramp(step - TEXTURE * texture, same, another);
  }

  static Contact of(Inspection seen, Side side, Place place, boolean[] set) {
    int w = seen.width();
    int h = seen.height();
    Rect box = place.box();
    int length = 0;
    double steps = 0;
    double textures = 0;
    int[] rim = new int[DIRECTIONS];
    int[] near = new int[DIRECTIONS];
    double cx = box.x() + box.width() / 2.0;
    double cy = box.y() + box.height() / 2.0;
    for (int y = box.y(); y < box.bottom(); y++) {
      for (int x = box.x(); x < box.right(); x++) {
        int i = y * w + x;
        if (!set[i] || !isRim(set, x, y, w, h)) {
          continue;
        }
        int direction =
            (int) ((Math.atan2(y - cy, x - cx) / Math.PI + 1) * (DIRECTIONS / 2 - 1e-4));
        rim[direction]++;
        int across = side.away(i) <= NEAR ? nearest(seen, side, x, y) : -1;
        if (across >= 0) {
          near[direction]++;
          length++;
          int beyond = side.beyond(i, across);
          steps += OkLab.distance(seen.lab(), i, seen.lab(), across);
          textures += OkLab.distance(seen.lab(), across, seen.lab(), beyond);
        }
      }
    }
    return new Contact(
        length, length == 0 ? 1 : steps / length, textures / Math.max(1, length), share(near, rim));
  }

  private static boolean isRim(boolean[] set, int x, int y, int w, int h) {
    return x == 0
        || y == 0
        || x == w - 1
        || y == h - 1
        || !set[y * w + x - 1]
        || !set[y * w + x + 1]
        || !set[(y - 1) * w + x]
        || !set[(y + 1) * w + x];
  }

  private static double share(int[] part, int[] all) {
    double sum = 0;
    int used = 0;
    for (int k = 0; k < all.length; k++) {
      if (all[k] > 0) {
        sum += part[k] / (double) all[k];
        used++;
      }
    }
    return used == 0 ? 0 : sum / used;
  }

  /** The nearest pixel wholly of the other side, along eight directions; -1 = none in reach. */
  private static int nearest(Inspection seen, Side side, int x, int y) {
    for (int r = 2; r <= REACH; r++) {
      for (int d = 0; d < DIRECTIONS; d++) {
        int u = x + r * ((d + 1) % DIRECTIONS < 3 ? 1 : d > 2 && d < 6 ? -1 : 0);
        int v = y + r * (d > 0 && d < 4 ? 1 : d > 4 ? -1 : 0);
        if (u >= 0 && v >= 0 && u < seen.width() && v < seen.height()) {
          int j = v * seen.width() + u;
          if (side.isWholly(j)) {
            return j;
          }
        }
      }
    }
    return -1;
  }
}
