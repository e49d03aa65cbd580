package org.ablebatch.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.raster.Components;

/**
 * What was removed although the photograph goes on there without an edge. At the outline it must
 * look like the subject as well; inside the subject an opening without an edge is reason enough.
 */
final class LostPartDetector implements Detector {
  private static final float LIKE_SUBJECT = 0.5f;
  private static final float REMOVED = 0.4f;

  /** Next to the outline colours mix; only what lies farther out counts. */
  private static final float BESIDE_THE_EDGE = 1.6f;

  private static final double LEAST_SHARE = 0.00016;
  private static final int LEAST_AREA = 16;
  private static final int LEAST_CONTACT = 3;
  private static final double ENCLOSED = 0.75;
  private static final double SAME = 0.03;
  private static final double ANOTHER = 0.1;
  private static final double SAME_INSIDE = 0.015;
  private static final double ANOTHER_INSIDE = 0.045;

  @Override
  public List<Suspicion> find(Inspection seen) {
    Contact.Side kept = new Contact.Side(seen, true);
    int least = Math.max(LEAST_AREA, (int) (LEAST_SHARE * seen.size()));
    boolean[] enclosed = enclosed(seen, least);
    boolean[] lost = new boolean[seen.size()];
    for (int i = 0; i < lost.length; i++) {
      boolean beside = seen.cover()[i] < REMOVED && kept.away(i) > BESIDE_THE_EDGE;
      lost[i] = beside && !enclosed[i] && seen.evidence()[i] > LIKE_SUBJECT;
      enclosed[i] &= beside;
    }
    List<Suspicion> found = new ArrayList<>();
    for (Place place : Place.in(seen, lost, least)) {
      Contact contact = Contact.of(seen, kept, place, lost);
      if (contact.length() >= LEAST_CONTACT) {
        double sure = Severity.ramp(place.evidence(), 0.3, 1.2) * contact.seamless(SAME, ANOTHER);
        found.add(finding(seen, place, sure, contact.surrounded() > ENCLOSED));
      }
    }
    for (Place place : Place.in(seen, enclosed, least / 2)) {
      Contact contact = Contact.of(seen, kept, place, enclosed);
      double unlike = Severity.ramp(place.evidence(), 0.3, 1.2);
      double sure =
          Math.max(
              contact.seamless(SAME_INSIDE, ANOTHER_INSIDE),
              unlike * contact.seamless(SAME, ANOTHER));
      found.add(finding(seen, place, sure, true));
    }
    return found;
  }

  /** Removed places that the subject surrounds wholly. */
  private static boolean[] enclosed(Inspection seen, int least) {
    boolean[] removed = new boolean[seen.size()];
    for (int i = 0; i < removed.length; i++) {
      removed[i] = !seen.kept()[i];
    }
    Components parts = Components.of(removed, seen.width(), seen.height(), false);
    boolean[] out = new boolean[seen.size()];
    for (int i = 0; i < out.length; i++) {
      if (removed[i]) {
        Components.Region region = parts.regions().get(parts.labels()[i] - 1);
        out[i] = region.area() >= least && !region.box().touches(seen.width(), seen.height());
      }
    }
    return out;
  }

  private static Suspicion finding(Inspection seen, Place place, double sure, boolean hole) {
    double share = place.area() / Math.max(1.0, seen.keptArea());
    long pixels = seen.pixels(place.area());
    return Suspicion.at(
        place.spot(),
        new Finding(
            hole ? FindingKind.SUSPICIOUS_HOLE : FindingKind.MISSING_PART,
            seen.onPicture(place.box()),
            pixels,
            Severity.of(sure, share),
            String.format(
                Locale.ROOT,
                hole
                    ? "%,d px inside the subject were removed, and nothing in the photograph ends there"
                    : "the subject seems to go on: %,d px of its colours were removed",
                pixels)));
  }
}
