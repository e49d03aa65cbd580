package org.ablebatch.core.dress;

import org.ablebatch.core.look.CastShadow;
import org.ablebatch.core.raster.Plane;

/**
 * The subject's coverage laid flat on the floor: what stands so high above the foot line falls so
 * far along the shadow's direction. Blurred more the farther it falls, by mixing a few blurred
 * copies.
 */
final class CastShadows {
  /** Seen at a slant, the floor's depth is shorter than its width. */
  private static final double DEPTH = 0.6;

  /** A shadow right along the foot line would have no height to be drawn in. */
  private static final double LEAST_DEPTH = 0.05;

  private static final int LEVELS = 4;
  private static final double ROOM = 0.03;

  private CastShadows() {}

  /** Shade 0..1 on the mask's grid. */
  static Plane of(SubjectMask mask, CastShadow shadow) {
    double angle = Math.toRadians(shadow.direction());
    double aside = Math.cos(angle) * shadow.length() / 100;
    double up = DEPTH * Math.sin(angle) * shadow.length() / 100;
    if (Math.abs(up) < LEAST_DEPTH) {
      up = up < 0 ? -LEAST_DEPTH : LEAST_DEPTH;
    }
    Plane flat = laid(mask, aside, up);
    int w = flat.width();
    int h = flat.height();
    double near = mask.px(shadow.softness());
    double far =
        near + shadow.softerAway() / 100 * mask.standing().height() * shadow.length() / 100;
    float[][] levels = new float[LEVELS][];
    for (int k = 0; k < LEVELS; k++) {
      levels[k] = SoftBlur.of(flat.values(), w, h, near + (far - near) * k / (LEVELS - 1));
    }
    float[] out = new float[w * h];
    double foot = mask.standing().foot();
    double reach = Math.abs(up) * mask.standing().height();
    for (int y = 0; y < h; y++) {
      double away = Math.min(1, Math.max(0, (foot - y - 0.5) / Math.copySign(reach, up)));
      double level = away * (LEVELS - 1);
      int k = (int) Math.min(LEVELS - 2, level);
      float share = (float) (level - k);
      for (int i = y * w; i < (y + 1) * w; i++) {
        out[i] = levels[k][i] + share * (levels[k + 1][i] - levels[k][i]);
      }
    }
    return new Plane(w, h, out);
  }

  /**
   * @param aside how far to the right a height of one falls
   * @param up how far up in the frame it falls
   */
  private static Plane laid(SubjectMask mask, double aside, double up) {
    Plane coverage = mask.coverage();
    int w = coverage.width();
    int h = coverage.height();
    double foot = mask.standing().foot();
    float[] out = new float[w * h];
    for (int y = 0; y < h; y++) {
      double height = (foot - (y + 0.5)) / up;
      if (height < 0 || height > mask.standing().height() + 2) {
        continue;
      }
      double from = foot - height - 0.5;
      // Faint coverage lies a little outside of what was measured.
      double room = ROOM * w;
      int first = (int) Math.max(0, mask.standing().left() - room + height * aside);
      int end = (int) Math.min(w, Math.ceil(mask.standing().right() + room + height * aside));
      for (int x = first; x < end; x++) {
        out[y * w + x] = sample(coverage, x - height * aside, from);
      }
    }
    return new Plane(w, h, out);
  }

  /** Between the four cells around a place; nothing outside. */
  static float sample(Plane plane, double x, double y) {
    int left = (int) Math.floor(x);
    int top = (int) Math.floor(y);
    float u = (float) (x - left);
    float v = (float) (y - top);
    return (1 - v) * ((1 - u) * at(plane, left, top) + u * at(plane, left + 1, top))
        + v * ((1 - u) * at(plane, left, top + 1) + u * at(plane, left + 1, top + 1));
  }

  private static float at(Plane plane, int x, int y) {
    return x < 0 || y < 0 || x >= plane.width() || y >= plane.height() ? 0 : plane.at(x, y);
  }
}
