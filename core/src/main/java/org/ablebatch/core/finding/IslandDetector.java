package org.ablebatch.core.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Rect;

/**
 * Small kept parts that hang together with nothing. One that looks like the backdrop was left over.
 * Several that do not, of one height and in one row, are lettering or a mark beside the subject.
 */
final class IslandDetector implements Detector {
  private static final float FAINTEST = 0.1f;
  private static final int LEAST_AREA = 6;

  /** Parts of at least this share of the largest are subjects of their own. */
  private static final double SUBJECT = 0.04;

  /** Among strokes the largest is not much larger than the others. */
  private static final double SUBJECT_OF_STROKES = 0.7;

  private static final double LIT = 0.85;
  private static final double OWN_COLOUR = 0.25;
  private static final int LEAST_IN_ROW = 4;

  /** When the largest part has less than this of all that is kept, the subject is many parts. */
  private static final double ONE_BODY = 0.5;

  @Override
  public List<Suspicion> find(Inspection seen) {
    boolean[] covered = new boolean[seen.size()];
    for (int i = 0; i < covered.length; i++) {
      covered[i] = seen.cover()[i] > FAINTEST;
    }
    Components all = Components.of(covered, seen.width(), seen.height(), true);
    int largest = all.regions().stream().mapToInt(Components.Region::area).max().orElse(0);
    int sum = all.regions().stream().mapToInt(Components.Region::area).sum();
    boolean manyParts = seen.expectations().strokes() || largest < ONE_BODY * sum;
    double subject = seen.expectations().strokes() ? SUBJECT_OF_STROKES : SUBJECT;
    boolean[] small = new boolean[seen.size()];
    for (int i = 0; i < small.length; i++) {
      small[i] = covered[i] && all.regions().get(all.labels()[i] - 1).area() < subject * largest;
    }
    List<Place> islands = Place.in(seen, small, LEAST_AREA);
    List<Suspicion> found = new ArrayList<>();
    for (List<Place> row : manyParts ? List.<List<Place>>of() : rows(islands)) {
      found.add(mark(seen, row));
      islands.removeAll(row);
    }
    for (Place place : islands) {
      if (isBackdrop(seen, place)) {
        found.add(leftover(seen, place));
      }
    }
    return found;
  }

  /** Ink is dark as a shadow is, and glass shows what is behind it: those need more of a proof. */
  private static boolean isBackdrop(Inspection seen, Place place) {
    if (seen.expectations().strokes()) {
      return place.evidence() < -OWN_COLOUR && place.shade() > LIT;
    }
    return place.evidence() < (seen.expectations().seeThrough() ? -OWN_COLOUR : OWN_COLOUR);
  }

  private static Suspicion leftover(Inspection seen, Place place) {
    double share = place.area() / Math.max(1.0, seen.keptArea());
    double sure =
        Severity.ramp(OWN_COLOUR - place.evidence(), 0, 0.5)
            * Severity.ramp(place.cover(), 0.25, 0.6);
    long pixels = seen.pixels(place.area());
    return Suspicion.at(
        place.spot(),
        new Finding(
            FindingKind.LEFTOVER,
            seen.onPicture(place.box()),
            pixels,
            sure * Severity.ramp(Math.log10(Math.max(1e-6, share)), -5, -2.6),
            String.format(Locale.ROOT, "an island of %,d px looks like the backdrop", pixels)));
  }

  /** Rows of letters: neighbours of like height that stand on about one line. */
  private static List<List<Place>> rows(List<Place> places) {
    List<Place> left = new ArrayList<>(places);
    left.sort(Comparator.comparingInt(place -> place.box().x()));
    List<List<Place>> rows = new ArrayList<>();
    while (!left.isEmpty()) {
      List<Place> row = new ArrayList<>(List.of(left.remove(0)));
      for (Place next : List.copyOf(left)) {
        if (follows(row.get(row.size() - 1).box(), next.box())) {
          row.add(next);
          left.remove(next);
        }
      }
      if (row.size() >= LEAST_IN_ROW) {
        rows.add(row);
      }
    }
    return rows;
  }

  private static boolean follows(Rect letter, Rect next) {
    int height = Math.max(letter.height(), next.height());
    int low = Math.min(letter.height(), next.height());
    int gap = next.x() - letter.right();
    int shared = Math.min(letter.bottom(), next.bottom()) - Math.max(letter.y(), next.y());
    return low > 0.4 * height && gap < 1.6 * height && shared > 0.4 * low;
  }

  private static Suspicion mark(Inspection seen, List<Place> row) {
    Rect box = row.stream().map(Place::box).reduce(Rect::span).orElseThrow();
    return Suspicion.at(
        Place.together(row),
        new Finding(
            FindingKind.STRAY_MARKS,
            seen.onPicture(box),
            row.size(),
            0.35 + 0.5 * Severity.ramp(row.size(), LEAST_IN_ROW, 10),
            String.format(
                Locale.ROOT, "%d small marks stand in a row, as lettering does", row.size())));
  }
}
