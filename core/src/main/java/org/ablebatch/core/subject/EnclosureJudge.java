package org.ablebatch.core.subject;

import org.ablebatch.core.backdrop.Backdrop;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.scene.Scene;

/**
 * Judges each calm, backdrop-coloured place that an edge cuts off from the border: a gap in the
 * subject, a hard shadow, or a part of the subject that happens to have the backdrop's colour. One
 * pixel of a cream label and of a cream sweep are the same; as whole places they are not equally
 * bright, equally even, or equally placed.
 */
final class EnclosureJudge {
  private static final double LEAST_SHARE = 0.00002;
  private static final double GAP_SHADE_OFF = 0.022;
  private static final double GAP_EVEN = 0.024;
  private static final double GAP_SHADE_SIGMAS = 5.5;
  private static final double GAP_EVEN_SIGMAS = 5;

  /** Where even the learned guess, which likes to fill openings, sees no subject. */
  private static final double UNLIKELY = 0.35;

  private static final double UNLIKELY_SHADE_OFF = 0.1;
  private static final double LIKE = 0.45;

  /** Being brighter counts as otherness of its own; the shade is judged for itself. */
  private static final double LIKE_THOUGH_BRIGHTER = 1;

  private static final double EVEN_SHADOW = 0.02;
  private static final double BRIGHTEST_SHADOW = 0.93;
  private static final double FAINT = 0.07;
  private static final double FAINT_EVEN = 0.0135;
  private static final double LIKE_SHADOW = 0.38;
  private static final double DARKEST_SHADOW = 0.45;
  private static final double DARKEST_GREY_SHADOW = 0.6;
  private static final double RIM_OF_SEVERAL = 0.05;
  private static final double SURELY_INSIDE = 0.9;

  /** Things lie on a surface, not in a hole: islands of subject in a place make it a surface. */
  private static final double PAINTED = 0.04;

  private static final double CRUMB_SHARE = 0.08;
  private static final double CAST_SHARE = 0.01;
  private static final float STRONG_COLOUR = 0.045f;

  private static final int MOST_ROUNDS = 4;

  private final BackdropLikeness likeness;
  private final Scene scene;
  private final Components places;
  private final PlaceFacts[] facts;

  /** Per place; a place that is too small to be judged stays 0. */
  private final byte[] verdict;

  private final boolean[] painted;

  private EnclosureJudge(BackdropLikeness likeness, Scene scene) {
    this.likeness = likeness;
    this.scene = scene;
    this.places = Components.of(likeness.apart(), scene.width(), scene.height(), false);
    this.facts = PlaceFacts.of(places, likeness, scene);
    this.verdict = new byte[facts.length];
    this.painted = new boolean[facts.length];
  }

  /**
   * Writes what each place is into the markers of {@code likeness}. A gap that was recognised shows
   * how the backdrop looks there, so places are judged again beside the gaps among them.
   *
   * @param floor share of the usual tolerance, see {@link BackdropLikeness#measure}
   */
  static void judge(BackdropLikeness likeness, Scene scene, float floor) {
    int sureSubject = 0;
    for (byte marker : likeness.markers()) {
      sureSubject += marker == BackdropLikeness.SUBJECT ? 1 : 0;
    }
    EnclosureJudge judge = new EnclosureJudge(likeness, scene);
    judge.openGaps();
    boolean found = true;
    for (int round = 0; round < MOST_ROUNDS && found; round++) {
      found = judge.openGapsBesideGaps(floor);
    }
    judge.leaveOutShadows(sureSubject);
  }

  private void openGaps() {
    Islands islands = new Islands(places, likeness, scene.width());
    double least = Math.max(3, LEAST_SHARE * scene.width() * scene.height());
    for (int label = 1; label < facts.length; label++) {
      if (facts[label].area() >= least) {
        painted[label] = islands.share(label) > PAINTED;
        boolean gap = !painted[label] && isGap(facts[label], scene.backdrop());
        verdict[label] = gap ? BackdropLikeness.BACKDROP : BackdropLikeness.SUBJECT;
      }
    }
    write();
  }

  /** True when a gap was found. */
  private boolean openGapsBesideGaps(float floor) {
    BackdropLikeness around = likeness.asSeenAround(scene.lab(), scene.backdrop(), floor);
    PlaceFacts[] seen = PlaceFacts.of(places, around, scene);
    boolean found = false;
    for (int label = 1; label < facts.length; label++) {
      if (isOpenToDoubt(label) && isGap(seen[label], scene.backdrop())) {
        verdict[label] = BackdropLikeness.BACKDROP;
        found = true;
      }
    }
    write();
    return found;
  }

  private void leaveOutShadows(int sureSubject) {
    for (int label = 1; label < facts.length; label++) {
      if (isOpenToDoubt(label) && isShadow(facts[label], sureSubject, scene.backdrop().flat())) {
        verdict[label] = BackdropLikeness.BACKDROP;
      }
    }
    write();
  }

  private boolean isOpenToDoubt(int label) {
    return verdict[label] == BackdropLikeness.SUBJECT && !painted[label];
  }

  private void write() {
    for (int i = 0; i < likeness.markers().length; i++) {
      int label = places.labels()[i];
      if (label > 0 && verdict[label] != 0) {
        likeness.markers()[i] = verdict[label];
      }
    }
  }

  /** As bright, as even and as coloured as the backdrop would be there. */
  private static boolean isGap(PlaceFacts f, Backdrop backdrop) {
    // In flat art a place with one colour all around is painted on it; a gap lies between things.
    if (backdrop.flat() && (f.rimSpread() < RIM_OF_SEVERAL || f.guess() > SURELY_INSIDE)) {
      return false;
    }
    if (f.guess() < UNLIKELY && Math.abs(f.shade() - 1) < UNLIKELY_SHADE_OFF) {
      return true;
    }
    float sigma = backdrop.sigma();
    return Math.abs(f.shade() - 1) < Math.max(GAP_SHADE_OFF, GAP_SHADE_SIGMAS * sigma)
        && f.spread() < Math.max(GAP_EVEN, GAP_EVEN_SIGMAS * sigma)
        && f.otherness() < (f.shade() > 1 ? LIKE_THOUGH_BRIGHTER : LIKE)
        && f.outerShare() < 0.5;
  }

  /**
   * Darker by an even factor; where the backdrop has a colour of its own, keeping its hue is
   * enough. On a colourless backdrop a faint even place is a stain or the start of a shadow.
   */
  private static boolean isShadow(PlaceFacts f, int sureSubject, boolean flat) {
    if (f.shade() < DARKEST_SHADOW || f.otherness() > LIKE) {
      return false;
    }
    boolean coloured = f.chroma() > STRONG_COLOUR;
    if (f.shade() > BRIGHTEST_SHADOW) {
      return !flat && !coloured && Math.abs(f.shade() - 1) < FAINT && f.spread() < FAINT_EVEN;
    }
    // A shadow is cast by something: a grey disc that lies alone on its paper is no shadow. The far
    // end of a broken shadow touches nothing, but is small beside the thing that casts it.
    boolean crumb = f.area() < CRUMB_SHARE * sureSubject;
    if (f.subjectShare() < CAST_SHARE && !crumb) {
      return false;
    }
    return coloured
        || f.shade() > DARKEST_GREY_SHADOW
            && f.spread() < EVEN_SHADOW
            && f.otherness() < LIKE_SHADOW;
  }
}
