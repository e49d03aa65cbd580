package org.ablebatch.core.finding;

import java.util.List;
import java.util.Locale;
import org.ablebatch.core.raster.Rect;

/** Nearly nothing or nearly everything was kept. */
final class ExtentDetector implements Detector {
  private static final double NOTHING = 0.002;
  private static final double LITTLE = 0.006;
  private static final double STROKES = 0.0006;
  private static final double MUCH = 0.85;
  private static final double ALL = 0.95;

  @Override
  public List<Suspicion> find(Inspection seen) {
    double sum = 0;
    for (float cover : seen.cover()) {
      sum += cover;
    }
    double share = sum / seen.size();
    Rect whole = new Rect(0, 0, seen.picture().width(), seen.picture().height());
    if (share < (seen.expectations().strokes() ? STROKES : LITTLE)) {
      return List.of(
          Suspicion.of(
              new Finding(
                  FindingKind.EMPTY,
                  whole,
                  100 * share,
                  1 - 0.7 * Severity.ramp(share, NOTHING, LITTLE),
                  String.format(Locale.ROOT, "only %.2f %% of the picture is kept", 100 * share))));
    }
    if (share > MUCH) {
      return List.of(
          Suspicion.of(
              new Finding(
                  FindingKind.NEARLY_ALL,
                  whole,
                  100 * share,
                  0.3 + 0.7 * Severity.ramp(share, MUCH, ALL),
                  String.format(Locale.ROOT, "%.0f %% of the picture is kept", 100 * share))));
    }
    return List.of();
  }
}
