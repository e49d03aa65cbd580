package org.ablebatch.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntUnaryOperator;
import org.ablebatch.core.raster.Rect;

/**
 * A support, a hand or a prop: a narrow part that comes in from the picture's border, in a colour
 * that the rest of what is kept hardly has. It is followed by its colour from the border inwards.
 */
final class SupportDetector implements Detector {
  private static final double WIDEST_SHARE = 0.12;
  private static final int NARROWEST = 3;
  private static final float SAME_COLOUR = 0.09f;

  /** Round things are lighter in the middle than at their sides. */
  private static final float LIGHTNESS_COUNTS = 0.3f;

  private static final double LEAST_SHARE = 0.004;
  private static final double MOST_SHARE = 0.45;
  private static final double RARE = 0.06;

  @Override
  public List<Suspicion> find(Inspection seen) {
    int w = seen.width();
    int h = seen.height();
    List<Suspicion> found = new ArrayList<>();
    fromSide(seen, i -> w + i, w, found);
    fromSide(seen, i -> (h - 2) * w + i, w, found);
    fromSide(seen, i -> i * w + 1, h, found);
    fromSide(seen, i -> i * w + w - 2, h, found);
    return found;
  }

  private static void fromSide(
      Inspection seen, IntUnaryOperator index, int length, List<Suspicion> found) {
    int start = -1;
    for (int k = 0; k <= length; k++) {
      boolean kept = k < length && seen.kept()[index.applyAsInt(k)];
      if (kept && start < 0) {
        start = k;
      } else if (!kept && start >= 0) {
        if (k - start >= NARROWEST && k - start <= WIDEST_SHARE * length) {
          follow(seen, index.applyAsInt((start + k) / 2), found);
        }
        start = -1;
      }
    }
  }

  private static void follow(Inspection seen, int seed, List<Suspicion> found) {
    boolean[] part = grown(seen, seed);
    int own = 0;
    int like = 0;
    int rest = 0;
    Rect box = new Rect(seed % seen.width(), seed / seen.width(), 1, 1);
    for (int i = 0; i < part.length; i++) {
      if (part[i]) {
        own++;
        box = box.span(new Rect(i % seen.width(), i / seen.width(), 1, 1));
      } else if (seen.kept()[i]) {
        rest++;
        like += isAlike(seen, seed, i) ? 1 : 0;
      }
    }
    double share = own / Math.max(1.0, own + rest);
    double common = like / Math.max(1.0, rest);
    if (share < LEAST_SHARE || share > MOST_SHARE || common > RARE) {
      return;
    }
    found.add(
        Suspicion.at(
            Spot.of(part, seen.width(), box),
            new Finding(
                FindingKind.SUPPORT,
                seen.onPicture(box),
                100 * share,
                0.35 + 0.5 * Severity.ramp(share, 0, 0.08),
                "a narrow part of another colour leads from the subject to the border")));
  }

  private static boolean[] grown(Inspection seen, int seed) {
    int w = seen.width();
    boolean[] part = new boolean[seen.size()];
    int[] stack = new int[seen.size()];
    int depth = 0;
    part[seed] = true;
    stack[depth++] = seed;
    while (depth > 0) {
      int i = stack[--depth];
      int[] beside = {i % w > 0 ? i - 1 : i, i % w < w - 1 ? i + 1 : i, Math.max(0, i - w), i + w};
      for (int j : beside) {
        int next = j < part.length ? j : i;
        if (!part[next] && seen.kept()[next] && isAlike(seen, seed, next)) {
          part[next] = true;
          stack[depth++] = next;
        }
      }
    }
    return part;
  }

  private static boolean isAlike(Inspection seen, int a, int b) {
    float l = LIGHTNESS_COUNTS * (seen.lab().c0()[a] - seen.lab().c0()[b]);
    float u = seen.lab().c1()[a] - seen.lab().c1()[b];
    float v = seen.lab().c2()[a] - seen.lab().c2()[b];
    return l * l + u * u + v * v < SAME_COLOUR * SAME_COLOUR;
  }
}
