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

  public static SeeThroughBody in(Scene scene) {
    BackdropLikeness likeness = BackdropLikeness.measure(scene.lab(), scene.backdrop());
    boolean[] solid = new boolean[likeness.markers().length];
    for (int i = 0; i < solid.length; i++) {
      solid[i] = likeness.markers()[i] == BackdropLikeness.SUBJECT;
    }
    int w = scene.width();
    int h = scene.height();
    float[] body =
        scene.subjectPrior().map(SeeThroughBody::likely).orElseGet(() -> closed(solid, w, h));
    return new SeeThroughBody(new Plane(w, h, body), speaksForGlass(scene, likeness, solid, body));
  }

  private static float[] likely(Plane guess) {
    float[] body = guess.values().clone();
    for (int i = 0; i < body.length; i++) {
      body[i] = ramp((body[i] - IN_BODY_FROM) / (IN_BODY - IN_BODY_FROM));
    }
    return body;
  }

  private static float[] closed(boolean[] solid, int width, int height) {
    float[] set = new float[solid.length];
    for (int i = 0; i < set.length; i++) {
      set[i] = solid[i] ? 1 : 0;
    }
    int radius = (int) Math.round(CLOSING_SHARE * Math.min(width, height));
    return Morphology.close(set, width, height, Math.max(1, radius));
  }

  /**
   * Most of what the guess takes for subject has the backdrop's colour and is evenly a little
   * darker: neither an opening, which would be as bright, nor shadow and clutter, which vary.
   */
  private static boolean speaksForGlass(
      Scene scene, BackdropLikeness likeness, boolean[] solid, float[] body) {
    Backdrop backdrop = scene.backdrop();
    if (backdrop.kind() == BackdropKind.BUSY
        || backdrop.isTextured()
        || scene.subjectPrior().isEmpty()) {
      return false;
    }
    boolean[] near = Morphology.dilate(solid, scene.width(), scene.height(), AWAY_FROM_SOLID);
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
