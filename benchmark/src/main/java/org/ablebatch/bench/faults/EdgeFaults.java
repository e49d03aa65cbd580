package org.ablebatch.bench.faults;

import java.util.Random;

/** Faults along the whole outline. */
final class EdgeFaults {
  private static final double SHIFT = 0.003;

  private EdgeFaults() {}

  /** Half of the backdrop is left in a band of the edge. */
  static Planted spill(Good good, Random random) {
    double band = Math.max(2.5, 0.0025 * good.longSide());
    double share = 0.45 + 0.3 * random.nextDouble();
    Draft draft = new Draft(good);
    for (int i = 0; i < draft.coverage.length; i++) {
      if (draft.cover(i) > 0 && good.inside()[i] < band) {
        draft.colours[i] = Draft.mix(draft.colours[i], good.behindArgb(i), share);
        draft.touch(i);
      }
    }
    return draft.done();
  }

  static Planted wider(Good good, Random random) {
    return displaced(good, i -> -SHIFT * good.longSide());
  }

  static Planted narrower(Good good, Random random) {
    return displaced(good, i -> SHIFT * good.longSide());
  }

  /** Waves of about a hundredth of the picture's side. */
  static Planted ragged(Good good, Random random) {
    double length = 0.011 * good.longSide();
    double height = 0.004 * good.longSide();
    double phase = 6 * random.nextDouble();
    int w = good.width();
    return displaced(
        good,
        i -> {
          double x = i % w / length;
          double y = i / w / length;
          return height
              * (Math.sin(1.7 * x + phase + Math.sin(0.6 * y))
                  + Math.sin(1.9 * y + 2 * phase + Math.sin(0.7 * x)))
              / 1.4;
        });
  }

  private interface Inwards {
    double at(int i);
  }

  /** Moves the outline by a distance that may differ from place to place. */
  private static Planted displaced(Good good, Inwards by) {
    Draft draft = new Draft(good);
    for (int i = 0; i < draft.coverage.length; i++) {
      double shift = by.at(i);
      if (shift > 0 && good.inside()[i] > 0 && good.inside()[i] < shift + 1) {
        double left = Math.max(0, Math.min(1, good.inside()[i] - shift));
        draft.cover(i, Math.min(draft.cover(i), (int) Math.round(255 * left)));
      } else if (shift > 0 && good.inside()[i] == 0) {
        draft.cover(i, 0);
      } else if (shift < 0 && good.outside()[i] < 1 - shift) {
        double added = Math.max(0, Math.min(1, 1 - shift - good.outside()[i]));
        draft.cover(i, Math.max(draft.cover(i), (int) Math.round(255 * added)));
      }
    }
    return draft.done();
  }
}
