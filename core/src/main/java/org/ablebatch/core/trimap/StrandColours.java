package org.ablebatch.core.trimap;

import java.util.Arrays;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.PushPull;

/**
 * Which thin pixels outside the outline could be strands of the subject by their colour, although
 * what was found there speaks against it: a dark hair on grey paper looks like a shadow, and a
 * blade of grass like the hedge behind.
 */
final class StrandColours {
  /** Noise above this is a backdrop with a structure of its own, OKLab. */
  private static final float STRUCTURED = 0.01f;

  private static final int TILE = 24;
  private static final float OUTSIDE = -6f;

  /** Share of thin pixels up to which a structured backdrop counts as out of focus. */
  private static final float CALM = 0.02f;

  private static final float SURE_DEPTH = 2.1f;
  private static final float UNSURE_WEIGHT = 0.002f;

  /** How far off the line from backdrop to subject, as a share of the way from the backdrop. */
  private static final float OFF_THE_LINE = 0.7f;

  /** Added in squared OKLab units: a pixel's noise. */
  private static final float NOISE = 2e-4f;

  /** Subjects darker than this share of their backdrop have no colour that tells from shadow. */
  private static final float AS_DARK_AS_SHADOW = 0.7f;

  private static final float BETTER_THAN_SHADOW = 0.5f;
  private static final float LEAST_DIFFERENCE = 1e-4f;

  private StrandColours() {}

  /**
   * @param lab OKLab
   * @param depth signed distance to the outline, positive inside
   * @param thin pixels of thin lines
   * @param sigma noise of the backdrop, OKLab
   */
  static boolean[] among(ColorPlanes lab, float[] depth, boolean[] thin, float sigma) {
    boolean[] out = new boolean[thin.length];
    if (sigma <= STRUCTURED) {
      mixtures(lab, depth, thin, out);
    } else if (linesBehind(depth, thin, lab.width(), lab.height()) <= CALM) {
      // What is behind is out of focus: thin and sharp is the subject, whatever its colour.
      Arrays.fill(out, true);
    }
    return out;
  }

  /** Share of thin pixels in the middlemost of all places well outside, 0..1. */
  private static float linesBehind(float[] depth, boolean[] thin, int width, int height) {
    float[] shares = new float[(width / TILE) * (height / TILE)];
    int count = 0;
    for (int top = 0; top + TILE <= height; top += TILE) {
      for (int left = 0; left + TILE <= width; left += TILE) {
        int outside = 0;
        int lines = 0;
        for (int y = top; y < top + TILE; y++) {
          for (int i = y * width + left; i < y * width + left + TILE; i++) {
            outside += depth[i] < OUTSIDE ? 1 : 0;
            lines += depth[i] < OUTSIDE && thin[i] ? 1 : 0;
          }
        }
        if (outside > TILE * TILE / 2) {
          shares[count++] = lines / (float) outside;
        }
      }
    }
    Arrays.sort(shares, 0, count);
    return count == 0 ? 0 : shares[count / 2];
  }

  /** Pixels on the way from the backdrop's colour to the nearby subject's, rather than to black. */
  private static void mixtures(ColorPlanes lab, float[] depth, boolean[] thin, boolean[] out) {
    int w = lab.width();
    int h = lab.height();
    float[] inside = new float[thin.length];
    float[] outside = new float[thin.length];
    for (int i = 0; i < thin.length; i++) {
      inside[i] = depth[i] > SURE_DEPTH ? 1 : depth[i] > 0 ? UNSURE_WEIGHT : 0;
      outside[i] = depth[i] < -SURE_DEPTH && !thin[i] ? 1 : depth[i] < 0 ? UNSURE_WEIGHT / 4 : 0;
    }
    ColorPlanes subject = new PushPull(inside, w, h).fill(lab);
    ColorPlanes backdrop = new PushPull(outside, w, h).fill(lab);
    for (int i = 0; i < thin.length; i++) {
      out[i] = thin[i] && depth[i] <= 0 && isMixture(lab, subject, backdrop, i);
    }
  }

  private static boolean isMixture(
      ColorPlanes lab, ColorPlanes subject, ColorPlanes backdrop, int i) {
    float difference = 0;
    float alongSubject = 0;
    float subjectLength = 0;
    float alongShadow = 0;
    float shadowLength = 0;
    for (int c = 0; c < 3; c++) {
      float back = backdrop.channel(c)[i];
      float v = lab.channel(c)[i] - back;
      float d = subject.channel(c)[i] - back;
      difference += v * v;
      alongSubject += v * d;
      subjectLength += d * d;
      alongShadow -= v * back;
      shadowLength += back * back;
    }
    if (difference < LEAST_DIFFERENCE || alongSubject <= 0) {
      return false;
    }
    float off = difference - square(alongSubject) / Math.max(1e-6f, subjectLength);
    float offShadow =
        alongShadow <= 0
            ? difference
            : difference - square(alongShadow) / Math.max(1e-6f, shadowLength);
    boolean dark = subject.c0()[i] < AS_DARK_AS_SHADOW * backdrop.c0()[i];
    return off < square(OFF_THE_LINE) * difference + NOISE
        && (dark || off < BETTER_THAN_SHADOW * offShadow - LEAST_DIFFERENCE);
  }

  private static float square(float v) {
    return v * v;
  }
}
