package org.ablebatch.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.raster.Rect;

/** The subject reaches the picture's border: something of it may lie outside. */
final class FrameDetector implements Detector {
  private static final double LEAST_SHARE = 0.012;

  @Override
  public List<Suspicion> find(Inspection seen) {
    int w = seen.width();
    int h = seen.height();
    List<Suspicion> found = new ArrayList<>();
    side(seen, "upper", i -> i, w, false, found);
    side(seen, "lower", i -> (h - 1) * w + i, w, seen.expectations().person(), found);
    side(seen, "left", i -> i * w, h, false, found);
    side(seen, "right", i -> i * w + w - 1, h, false, found);
    return found;
  }

  private static void side(
      Inspection seen,
      String name,
      java.util.function.IntUnaryOperator index,
      int length,
      boolean expected,
      List<Suspicion> found) {
    int touched = 0;
    int first = -1;
    int last = -1;
    for (int k = 0; k < length; k++) {
      int i = index.applyAsInt(k);
      if (seen.kept()[i]) {
        touched++;
        first = first < 0 ? i : first;
        last = i;
      }
    }
    double share = touched / (double) length;
    if (share < LEAST_SHARE) {
      return;
    }
    int w = seen.width();
    Rect box =
        new Rect(first % w, first / w, 1, 1).span(new Rect(last % w, last / w, 1, 1)).grow(6);
    found.add(
        Suspicion.of(
            new Finding(
                FindingKind.TOUCHES_FRAME,
                seen.onPicture(box.intersect(new Rect(0, 0, w, seen.height()))),
                100 * share,
                expected ? 0.05 : 0.3 + 0.5 * Severity.ramp(share, LEAST_SHARE, 0.3),
                String.format(
                    Locale.ROOT,
                    "the subject meets the %s border along %.0f %% of it",
                    name,
                    100 * share))));
  }
}
