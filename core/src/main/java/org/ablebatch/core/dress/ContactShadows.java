package org.ablebatch.core.dress;

import org.ablebatch.core.look.ContactShadow;
import org.ablebatch.core.raster.Plane;

/**
 * Dark along the lower contour of the subject, the darker the nearer that is to the floor: each
 * column's lowest covered cell, as far as it reaches down to the foot line.
 */
final class ContactShadows {
  private static final float COVERED = 0.5f;

  /** Height of the dark line in radii of its blur, and in parts of its reach. */
  private static final double THICK = 0.25;

  private ContactShadows() {}

  /** Shade 0..1 on the mask's grid. */
  static Plane of(SubjectMask mask, ContactShadow shadow) {
    Plane coverage = mask.coverage();
    int w = coverage.width();
    int h = coverage.height();
    double reach = Math.max(1, mask.px(shadow.reach()));
    double thick = Math.max(1, THICK * reach);
    double foot = mask.standing().foot();
    float[] out = new float[w * h];
    for (int x = 0; x < w; x++) {
      int lowest = lowest(coverage, x);
      double above = foot - lowest - 1;
      if (lowest >= 0 && above < reach) {
        double nearness = 1 - Math.max(0, above) / reach;
        darken(out, w, h, x, lowest, thick, (float) (nearness * nearness));
      }
    }
    float[] soft = SoftBlur.of(out, w, h, mask.px(shadow.softness()));
    for (int i = 0; i < soft.length; i++) {
      soft[i] = Math.min(1, soft[i]);
    }
    return new Plane(w, h, soft);
  }

  private static int lowest(Plane coverage, int x) {
    for (int y = coverage.height() - 1; y >= 0; y--) {
      if (coverage.at(x, y) >= COVERED) {
        return y;
      }
    }
    return -1;
  }

  /** Half above the contour, where the subject hides it, so that no light gap stays between. */
  private static void darken(
      float[] out, int w, int h, int x, int lowest, double thick, float strength) {
    int from = (int) Math.max(0, lowest - 2 * thick);
    int to = (int) Math.min(h - 1, lowest + thick);
    for (int y = from; y <= to; y++) {
      out[y * w + x] = strength;
    }
  }
}
