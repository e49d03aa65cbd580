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

  /** Below this a place is bounded by an edge of the photograph all around. */
  private static final double SEAMLESS = 0.3;

  /** A white jug before a white wall is no gap. */
  private static final double MOST_OF_SUBJECT = 0.3;

  /** An edge inside splits what would else run together: the opening from the enamel. */
  private static final float CALM = 0.03f;

  private static final float CALM_SPREADS = 4;

  /** The outline of a real opening is an edge of the photograph; a highlight's hardly is. */
  private static final double FAINT_EDGE = 0.02;

  private static final double CLEAR_EDGE = 0.08;
  private static final float AS_LIT = 0.1f;
  private static final float DARKER = 0.05f;

  @Override
  public List<Suspicion> find(Inspection seen) {
    if (seen.expectations().seeThrough() || seen.expectations().strokes()) {
      return List.of();
    }
    Contact.Side removed = new Contact.Side(seen, false);
    boolean[] lit = new boolean[seen.size()];
    boolean[] dark = new boolean[seen.size()];
    for (int i = 0; i < lit.length; i++) {
      boolean suspicious =
          removed.away(i) > BESIDE_THE_EDGE
              && seen.evidence()[i] < LIKE_BACKDROP
              && seen.edges()[i] < CALM + CALM_SPREADS * seen.spread()[i];
      float darker = 1 - seen.shade()[i];
      lit[i] = suspicious && Math.abs(darker) < AS_LIT + seen.spread()[i];
      dark[i] = suspicious && darker >= DARKER + seen.spread()[i];
    }
    int least = Math.max(LEAST_AREA, (int) (LEAST_SHARE * seen.size()));
    List<Suspicion> found = new ArrayList<>();
    for (Place place : Place.in(seen, lit, least)) {
      found.add(asLit(seen, place, Contact.of(seen, removed, place, lit)));
    }
    for (Place place : Place.in(seen, dark, least)) {
      found.add(shadow(seen, place, Contact.of(seen, removed, place, dark)));
    }
    return found;
  }

  private static Suspicion asLit(Inspection seen, Place place, Contact contact) {
    double share = place.area() / Math.max(1.0, seen.keptArea());
    double like = Severity.ramp(-place.evidence(), 0.25, 0.8);
    double seamless = seamless(place, contact);
    if (seamless < SEAMLESS || contact.surrounded() < OPEN) {
      double sure = like * Severity.ramp(place.contactEdge(), FAINT_EDGE, CLEAR_EDGE);
      return finding(
          seen,
          place,
          FindingKind.UNOPENED_GAP,
          share > MOST_OF_SUBJECT ? 0 : Severity.of(sure, share),
          "%,d px inside the subject look like the backdrop");
    }
    return finding(
        seen,
        place,
        FindingKind.LEFTOVER,
        Severity.of(like * seamless * enough(contact), share),
        "%,d px that look like the backdrop hang on the subject");
  }

  private static Suspicion shadow(Inspection seen, Place place, Contact contact) {
    double share = place.area() / Math.max(1.0, seen.keptArea());
    double like = Severity.ramp(-place.evidence(), 0.25, 0.8);
    return finding(
        seen,
        place,
        FindingKind.SHADOW,
        Severity.of(like * enough(contact) * seamless(place, contact), share),
        "%,d px are the backdrop’s colour, only darker");
  }

  /** One that meets the backdrop at a few pixels only is rather a part of the subject. */
  private static double enough(Contact contact) {
    return Severity.ramp(contact.surrounded(), OPEN, 4 * OPEN);
  }

  private static double seamless(Place place, Contact contact) {
    return contact.seamless(SAME + place.spread(), ANOTHER + 2 * place.spread());
  }

  private static Suspicion finding(
      Inspection seen, Place place, FindingKind kind, double severity, String sentence) {
    long pixels = seen.pixels(place.area());
    return Suspicion.at(
        place.spot(),
        new Finding(
            kind,
            seen.onPicture(place.box()),
            pixels,
            severity,
            String.format(Locale.ROOT, sentence, pixels)));
  }
}
