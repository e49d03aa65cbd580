package org.ablebatch.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What was kept although it looks like the backdrop: enclosed by the subject it is a gap that was
 * left closed; the backdrop's colour, only darker, is its shadow; the rest is left over.
 */
final class KeptBackdropDetector implements Detector {
  private static final float LIKE_BACKDROP = -0.35f;
  private static final float BESIDE_THE_EDGE = 2.2f;
  private static final double LEAST_SHARE = 0.0002;
  private static final int LEAST_AREA = 16;

  /** Below this share of directions with backdrop beside it, a place lies inside. */
  private static final double OPEN = 0.04;

  /** Steps of colour, OKLab, across an outline that is none, and across a real one. */
  private static final double SAME = 0.008;

  private static final double ANOTHER = 0.03;
  private static final double SPREADS = 1.5;

  /** The outline of a real opening is an edge of the photograph; a highlight's hardly is. */
  private static final double FAINT_EDGE = 0.02;

  private static final double CLEAR_EDGE = 0.08;
  private static final double SHADED = 0.93;

  @Override
  public List<Finding> find(Inspection seen) {
    Contact.Side removed = new Contact.Side(seen, false);
    boolean[] suspicious = new boolean[seen.size()];
    for (int i = 0; i < suspicious.length; i++) {
      suspicious[i] = removed.away(i) > BESIDE_THE_EDGE && seen.evidence()[i] < LIKE_BACKDROP;
    }
    int least = Math.max(LEAST_AREA, (int) (LEAST_SHARE * seen.size()));
    List<Finding> found = new ArrayList<>();
    for (Place place : Place.in(seen, suspicious, least)) {
      found.add(finding(seen, place, Contact.of(seen, removed, place, suspicious)));
    }
    return found;
  }

  private static Finding finding(Inspection seen, Place place, Contact contact) {
    double share = place.area() / Math.max(1.0, seen.keptArea());
    double like = Severity.ramp(-place.evidence(), 0.3, 1.1);
    long pixels = seen.pixels(place.area());
    if (contact.surrounded() < OPEN) {
      double sure = like * Severity.ramp(place.contactEdge(), FAINT_EDGE, CLEAR_EDGE);
      return finding(
          seen,
          place,
          FindingKind.UNOPENED_GAP,
          Severity.of(sure, share),
          pixels,
          "%,d px inside the subject look like the backdrop");
    }
    double noise = place.spread();
    double seamless =
        1 - Severity.ramp(contact.step(), SAME + SPREADS * noise, ANOTHER + 2 * SPREADS * noise);
    if (place.shade() < SHADED - noise) {
      double sure = like * seamless * Severity.ramp(1 - place.shade(), 0.05, 0.14);
      return finding(
          seen,
          place,
          FindingKind.SHADOW,
          Severity.of(sure, share),
          pixels,
          "%,d px are the backdrop’s colour, only darker");
    }
    return finding(
        seen,
        place,
        FindingKind.LEFTOVER,
        Severity.of(like * seamless, share),
        pixels,
        "%,d px that look like the backdrop hang on the subject");
  }

  private static Finding finding(
      Inspection seen,
      Place place,
      FindingKind kind,
      double severity,
      long pixels,
      String sentence) {
    return new Finding(
        kind,
        seen.onPicture(place.box()),
        pixels,
        severity,
        String.format(Locale.ROOT, sentence, pixels));
  }
}
