package org.ablebatch.bench.faults;

import java.util.Random;
import org.ablebatch.core.raster.Components;

/** Faults of the matte alone. */
final class MatteFaults {
  private static final int TRIES = 4000;
  private static final int HALF = 128;

  private MatteFaults() {}

  static Planted island(Good good, Random random) {
    double radius = good.longSide() * (0.01 + 0.012 * random.nextDouble());
    int at = pick(good.outside(), 2 * radius, 12 * radius, good, random);
    return at < 0 ? null : disc(good, at, radius, 255);
  }

  static Planted hole(Good good, Random random) {
    double radius = good.longSide() * (0.01 + 0.015 * random.nextDouble());
    for (double r = radius; r > good.longSide() * 0.006; r *= 0.8) {
      int at = pick(good.inside(), r + 6, 1e9, good, random);
      if (at >= 0) {
        return disc(good, at, r, 0);
      }
    }
    return null;
  }

  /** What lies farthest in some direction is taken away. */
  static Planted limb(Good good, Random random) {
    for (int attempt = 0; attempt < 12; attempt++) {
      double angle = 2 * Math.PI * random.nextDouble();
      double dx = Math.cos(angle);
      double dy = Math.sin(angle);
      double far = -1e9;
      double near = 1e9;
      Draft draft = new Draft(good);
      for (int i = 0; i < draft.coverage.length; i++) {
        if (draft.cover(i) >= HALF) {
          double along = dx * (i % draft.width) + dy * (i / draft.width);
          far = Math.max(far, along);
          near = Math.min(near, along);
        }
      }
      double from = far - (far - near) * (0.06 + 0.08 * random.nextDouble());
      int taken = 0;
      int all = 0;
      for (int i = 0; i < draft.coverage.length; i++) {
        all += draft.cover(i) >= HALF ? 1 : 0;
        if (draft.cover(i) > 0 && dx * (i % draft.width) + dy * (i / draft.width) > from) {
          taken += draft.cover(i) >= HALF ? 1 : 0;
          draft.cover(i, 0);
        }
      }
      if (taken > 0.0008 * draft.coverage.length && taken < 0.25 * all) {
        return draft.done();
      }
    }
    return null;
  }

  /** The largest opening that the subject encloses is closed. */
  static Planted gap(Good good, Random random) {
    Draft draft = new Draft(good);
    boolean[] open = new boolean[draft.coverage.length];
    for (int i = 0; i < open.length; i++) {
      open[i] = draft.cover(i) < HALF;
    }
    Components parts = Components.of(open, draft.width, draft.height, false);
    int best = -1;
    for (int k = 0; k < parts.regions().size(); k++) {
      Components.Region region = parts.regions().get(k);
      boolean enclosed =
          region.box().x() > 0
              && region.box().y() > 0
              && region.box().right() < draft.width
              && region.box().bottom() < draft.height;
      boolean larger = best < 0 || region.area() > parts.regions().get(best).area();
      if (enclosed && larger && region.area() > 0.0006 * open.length) {
        best = k;
      }
    }
    if (best < 0) {
      return null;
    }
    for (int i = 0; i < open.length; i++) {
      boolean beside = parts.labels()[i] != best + 1 && draft.cover(i) > 0;
      if (parts.labels()[i] == best + 1 || beside && touches(parts.labels(), i, best + 1, draft)) {
        draft.cover(i, 255);
      }
    }
    return draft.done();
  }

  private static boolean touches(int[] labels, int i, int label, Draft draft) {
    int x = i % draft.width;
    int y = i / draft.width;
    for (int v = Math.max(0, y - 2); v <= Math.min(draft.height - 1, y + 2); v++) {
      for (int u = Math.max(0, x - 2); u <= Math.min(draft.width - 1, x + 2); u++) {
        if (labels[v * draft.width + u] == label) {
          return true;
        }
      }
    }
    return false;
  }

  static Planted haze(Good good, Random random) {
    double radius = good.longSide() * (0.05 + 0.05 * random.nextDouble());
    int at = pick(good.outside(), radius * 0.6, radius * 1.4, good, random);
    if (at < 0) {
      return null;
    }
    double strength = 0.12 + 0.25 * random.nextDouble();
    Draft draft = new Draft(good);
    for (int i = 0; i < draft.coverage.length; i++) {
      double away = away(i, at, draft.width) / radius;
      if (away < 1) {
        double fade = 1 - away * away;
        draft.cover(i, Math.max(draft.cover(i), (int) (255 * strength * Math.min(1, 2 * fade))));
      }
    }
    return draft.done();
  }

  static Planted nothing(Good good, Random random) {
    Draft draft = new Draft(good);
    for (int i = 0; i < draft.coverage.length; i++) {
      draft.cover(i, 0);
    }
    int at = pick(good.inside(), 1, 1e9, good, random);
    int radius = good.longSide() / 200;
    for (int i = 0; at >= 0 && i < draft.coverage.length; i++) {
      if (away(i, at, draft.width) < radius) {
        draft.coverage[i] = (byte) 255;
      }
    }
    return draft.done();
  }

  static Planted everything(Good good, Random random) {
    Draft draft = new Draft(good);
    int margin = random.nextInt(good.longSide() / 100 + 1);
    for (int i = 0; i < draft.coverage.length; i++) {
      int x = i % draft.width;
      int y = i / draft.width;
      if (x >= margin && y >= margin && x < draft.width - margin && y < draft.height - margin) {
        draft.cover(i, 255);
      }
    }
    return draft.done();
  }

  private static Planted disc(Good good, int at, double radius, int cover) {
    Draft draft = new Draft(good);
    for (int i = 0; i < draft.coverage.length; i++) {
      if (away(i, at, draft.width) < radius) {
        draft.cover(i, cover);
      }
    }
    return draft.done();
  }

  static double away(int i, int j, int width) {
    return Math.hypot(i % width - j % width, i / width - j / width);
  }

  /** A pixel at such a distance, away from the border; -1 = there is none. */
  static int pick(float[] distance, double least, double most, Good good, Random random) {
    int margin = good.longSide() / 40;
    for (int attempt = 0; attempt < TRIES; attempt++) {
      int i = random.nextInt(distance.length);
      int x = i % good.width();
      int y = i / good.width();
      boolean inner =
          x > margin && y > margin && x < good.width() - margin && y < good.height() - margin;
      if (inner && distance[i] >= least && distance[i] <= most) {
        return i;
      }
    }
    return -1;
  }
}
