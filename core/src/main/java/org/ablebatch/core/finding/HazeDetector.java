package org.ablebatch.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.raster.Morphology;

/**
 * Wide, faint coverage over what is backdrop in the photograph. In the shade it is the subject's
 * shadow that was kept in part.
 */
final class HazeDetector implements Detector {
  private static final float FAINTEST = 0.025f;
  private static final float DENSEST = 0.7f;
  private static final float COULD_BE_BACKDROP = 1.15f;
  private static final int WIDE_RADIUS = 3;
  private static final double LEAST_SHARE = 0.0004;
  private static final double SHADED = 0.93;

  @Override
  public List<Suspicion> find(Inspection seen) {
    if (seen.expectations().seeThrough()) {
      return List.of();
    }
    float[] faint = new float[seen.size()];
    for (int i = 0; i < faint.length; i++) {
      float cover = seen.cover()[i];
      boolean haze =
          cover > FAINTEST
              && cover < DENSEST
              && (!seen.expectations().strokes() || seen.shade()[i] > SHADED)
              && (seen.other()[i] < COULD_BE_BACKDROP || seen.evidence()[i] < 0);
      faint[i] = haze ? 1 : 0;
    }
    faint = Morphology.open(faint, seen.width(), seen.height(), WIDE_RADIUS);
    boolean[] wide = new boolean[seen.size()];
    for (int i = 0; i < wide.length; i++) {
      wide[i] = faint[i] > 0;
    }
    List<Suspicion> found = new ArrayList<>();
    for (Place place : Place.in(seen, wide, (int) (LEAST_SHARE * seen.size()))) {
      found.add(finding(seen, place));
    }
    return found;
  }

  private static Suspicion finding(Inspection seen, Place place) {
    double share = place.area() / Math.max(1.0, seen.keptArea());
    boolean shadow = place.shade() < SHADED - place.spread();
    double sure = Severity.ramp(place.cover(), 0.02, 0.12);
    double percent = 100 * place.cover();
    return Suspicion.at(
        place.spot(),
        new Finding(
            shadow ? FindingKind.SHADOW : FindingKind.HAZE,
            seen.onPicture(place.box()),
            percent,
            Severity.of(sure, share),
            String.format(
                Locale.ROOT,
                shadow
                    ? "a shadow of the backdrop’s colour is kept at %2$.0f %%"
                    : "%1$,d px are faintly kept, %2$.0f %% on average",
                seen.pixels(place.area()),
                percent)));
  }
}
