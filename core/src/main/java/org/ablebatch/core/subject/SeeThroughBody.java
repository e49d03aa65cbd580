package org.ablebatch.core.subject;

import org.ablebatch.core.backdrop.Backdrop;
import org.ablebatch.core.backdrop.BackdropKind;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;

/**
 * Glass and the like: a body through which the backdrop is seen, a little darker and without its
 * own colour, around or beside solid parts.
 *
 * @param body 1 inside the see-through body, 0 outside, soft between; on the scene's grid
 * @param convincing true when the picture speaks for glass by itself
 */
public record SeeThroughBody(Plane body, boolean convincing) {
  private static final float IN_BODY_FROM = 0.3f;
  private static final float IN_BODY = 0.6f;
  private static final int AWAY_FROM_SOLID = 3;

  /** What of the guess is not solid, as a share of it. */
  private static final double LEAST_OPEN_SHARE = 0.35;

  private static final double LEAST_DARKENING = 0.02;
  private static final double MOST_DARKENING = 0.2;
  private static final double MOST_UNEVEN = 0.05;
  private static final double MOST_OTHER = 0.05;
  private static final float OTHER = 0.5f;

  /** Without a prior the body is what a closing this wide makes of the solid parts. */
  private static final double CLOSING_SHARE = 0.08;

  /**
   * @param solid what a finder kept
   */
  public static SeeThroughBody around(Scene scene, SubjectRegion solid) {
    float[] body = new float[solid.subject().length];
    if (scene.subjectPrior().isPresent()) {
      float[] guess = scene.subjectPrior().get().values();
      for (int i = 0; i < body.length; i++) {
        body[i] = ramp((guess[i] - IN_BODY_FROM) / (IN_BODY - IN_BODY_FROM));
      }
    } else {
      body = closed(solid);
    }
    return new SeeThroughBody(
        new Plane(solid.width(), solid.height(), body), speaksForGlass(scene, solid, body));
  }

  private static float[] closed(SubjectRegion solid) {
    float[] set = new float[solid.subject().length];
    for (int i = 0; i < set.length; i++) {
      set[i] = solid.subject()[i] ? 1 : 0;
    }
    int radius = (int) Math.round(CLOSING_SHARE * Math.min(solid.width(), solid.height()));
    return Morphology.close(set, solid.width(), solid.height(), Math.max(1, radius));
  }

  /**
   * Most of what the guess takes for subject has the backdrop's colour and is evenly a little
   * darker: neither an opening, which would be as bright, nor shadow and clutter, which vary.
   */
  private static boolean speaksForGlass(Scene scene, SubjectRegion solid, float[] body) {
    Backdrop backdrop = scene.backdrop();
    if (backdrop.kind() == BackdropKind.BUSY
        || backdrop.isTextured()
        || scene.subjectPrior().isEmpty()) {
      return false;
    }
    BackdropLikeness likeness = BackdropLikeness.measure(scene.lab(), backdrop);
    boolean[] near =
        Morphology.dilate(solid.subject(), solid.width(), solid.height(), AWAY_FROM_SOLID);
    int all = 0;
    int open = 0;
    int other = 0;
    double sum = 0;
    double squares = 0;
    for (int i = 0; i < body.length; i++) {
      if (body[i] < 1) {
        continue;
      }
      all++;
      if (!near[i]) {
        float shade = likeness.shade()[i];
        open++;
        other += likeness.otherness()[i] > OTHER ? 1 : 0;
        sum += shade;
        squares += shade * shade;
      }
    }
    double count = Math.max(1, open);
    double darkening = 1 - sum / count;
    double uneven = Math.sqrt(Math.max(0, squares / count - sum / count * (sum / count)));
    return open > LEAST_OPEN_SHARE * all
        && darkening > LEAST_DARKENING
        && darkening < MOST_DARKENING
        && uneven < MOST_UNEVEN
        && other < MOST_OTHER * open;
  }

  private static float ramp(float t) {
    float c = Math.max(0, Math.min(1, t));
    return c * c * (3 - 2 * c);
  }
}
