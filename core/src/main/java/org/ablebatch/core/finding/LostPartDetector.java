package org.ablebatch.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What was removed although it looks like the subject. Inside the subject it is a suspicious hole;
 * at its outline the subject goes on where the matte ends: hardly an edge in the photograph where
 * the two meet, and one farther out.
 */
final class LostPartDetector implements Detector {
  private static final float LIKE_SUBJECT = 0.5f;
  private static final float REMOVED = 0.4f;

  /** Next to the outline colours mix; only what lies farther out counts. */
  private static final float BESIDE_THE_EDGE = 1.6f;

  private static final double LEAST_SHARE = 0.00025;
  private static final double ENCLOSED = 0.75;
  private static final double SAME = 0.035;
  private static final double ANOTHER = 0.11;
  private static final int LEAST_CONTACT = 4;
  private static final int LEAST_AREA = 16;

  @Override
  public List<Finding> find(Inspection seen) {
    Contact.Side kept = new Contact.Side(seen, true);
    boolean[] lost = new boolean[seen.size()];
    for (int i = 0; i < lost.length; i++) {
      lost[i] =
          seen.cover()[i] < REMOVED
              && kept.away(i) > BESIDE_THE_EDGE
              && seen.evidence()[i] > LIKE_SUBJECT;
    }
    int least = Math.max(LEAST_AREA, (int) (LEAST_SHARE * seen.size()));
    List<Finding> found = new ArrayList<>();
    for (Place place : Place.in(seen, lost, least)) {
      Contact contact = Contact.of(seen, kept, place, lost);
      if (contact.length() >= LEAST_CONTACT) {
        found.add(finding(seen, place, contact));
      }
    }
    return found;
  }

  private static Finding finding(Inspection seen, Place place, Contact contact) {
    double share = place.area() / Math.max(1.0, seen.keptArea());
    double sure =
        Severity.ramp(place.evidence(), 0.3, 1.2)
            * (1 - Severity.ramp(contact.step(), SAME, ANOTHER));
    boolean hole = contact.surrounded() > ENCLOSED;
    long pixels = seen.pixels(place.area());
    return new Finding(
        hole ? FindingKind.SUSPICIOUS_HOLE : FindingKind.MISSING_PART,
        seen.onPicture(place.box()),
        pixels,
        Severity.of(sure, share),
        String.format(
            Locale.ROOT,
            hole
                ? "%,d px inside the subject were removed and look like it"
                : "the subject seems to go on: %,d px of its colours were removed",
            pixels));
  }
}
