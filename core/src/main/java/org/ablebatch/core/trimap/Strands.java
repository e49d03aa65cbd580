package org.ablebatch.core.trimap;

import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Morphology;

/**
 * Where the outline is made of hair, bristles, twigs or grass: structures narrower than the
 * trimap's band. Thin things outside the solid subject that hang together with it, and places near
 * its rim where many thin things lie close together, are left open for the matte to decide.
 *
 * <p>Thin means: taken away by a small morphological opening or closing (the top-hat of Meyer,
 * 1979).
 */
final class Strands {
  private static final int THIN_RADIUS = 3;
  private static final float LEAST_RESPONSE = 0.028f;
  private static final float RESPONSE_SIGMAS = 5f;
  private static final float REACH_SHARE = 0.22f;
  private static final int DENSE_RADIUS = 5;
  private static final float DENSE = 0.45f;
  private static final float LEAK = 0.04f;
  private static final float FAINT = -0.4f;
  private static final int COMPANY_RADIUS = 20;
  private static final float COMPANY = 0.006f;
  private static final float DENSE_DEPTH = 14f;
  private static final float OUTER_RIM = 5f;

  /** Pixels of a piece with its halo: about half a dozen pixels of length. */
  private static final int LEAST_PIECE = 24;

  private Strands() {}

  /**
   * @param depth signed distance to the outline, positive inside, reading pixels
   * @param evidence what each pixel's own colour says, above 0 = subject
   * @param sigma noise of the backdrop, OKLab
   * @return 1 = open, 0 = as the depth says
   */
  static float[] open(ColorPlanes lab, float[] depth, float[] evidence, float sigma) {
    int w = lab.width();
    int h = lab.height();
    float threshold = Math.max(LEAST_RESPONSE, RESPONSE_SIGMAS * sigma);
    boolean[] thin = thin(lab, threshold);
    float[] density = new float[thin.length];
    float[] leaks = new float[thin.length];
    for (int i = 0; i < thin.length; i++) {
      density[i] = thin[i] ? 1 : 0;
      leaks[i] = evidence[i] < 0 && depth[i] > 0 ? 1 : 0;
    }
    density = BoxBlur.blur(density, w, h, DENSE_RADIUS);
    leaks = BoxBlur.blur(leaks, w, h, DENSE_RADIUS);
    boolean[] coloured = StrandColours.among(lab, depth, thin, sigma);
    boolean[] strands = hangingTogether(thin, evidence, coloured, depth, w, h);
    boolean[] around = Morphology.dilate(strands, w, h, 1);
    float[] company = new float[thin.length];
    for (int i = 0; i < thin.length; i++) {
      company[i] = strands[i] && depth[i] < 0 ? 1 : 0;
    }
    company = BoxBlur.blur(company, w, h, COMPANY_RADIUS);
    float[] open = new float[thin.length];
    for (int i = 0; i < open.length; i++) {
      boolean rim =
          density[i] > DENSE
              && leaks[i] > LEAK
              && company[i] > COMPANY
              && depth[i] < DENSE_DEPTH
              && depth[i] > -OUTER_RIM;
      open[i] = around[i] && depth[i] < 0 || rim ? 1 : 0;
    }
    return open;
  }

  private static boolean[] thin(ColorPlanes lab, float threshold) {
    int w = lab.width();
    int h = lab.height();
    boolean[] out = new boolean[w * h];
    for (int c = 0; c < 3; c++) {
      float[] v = lab.channel(c);
      float[] closed = Morphology.close(v, w, h, THIN_RADIUS);
      float[] opened = Morphology.open(v, w, h, THIN_RADIUS);
      for (int i = 0; i < out.length; i++) {
        out[i] |= closed[i] - v[i] > threshold || v[i] - opened[i] > threshold;
      }
    }
    return out;
  }

  /** Thin pixels outside that are joined to the subject by thin pixels, with gaps of a pixel. */
  private static boolean[] hangingTogether(
      boolean[] thin, float[] evidence, boolean[] coloured, float[] depth, int w, int h) {
    float reach = REACH_SHARE * Math.min(w, h);
    boolean[] loose = new boolean[thin.length];
    for (int i = 0; i < thin.length; i++) {
      boolean like = evidence[i] > FAINT || coloured[i];
      loose[i] = thin[i] && like && depth[i] < 1 && depth[i] > -reach;
    }
    boolean[] joined = Morphology.dilate(loose, w, h, 1);
    Components pieces = Components.of(joined, w, h, true);
    boolean[] touches = new boolean[pieces.regions().size() + 1];
    for (int i = 0; i < joined.length; i++) {
      touches[pieces.labels()[i]] |= joined[i] && depth[i] > -1;
    }
    boolean[] out = new boolean[thin.length];
    for (int i = 0; i < out.length; i++) {
      int label = pieces.labels()[i];
      out[i] =
          loose[i]
              && label > 0
              && touches[label]
              && pieces.regions().get(label - 1).area() >= LEAST_PIECE;
    }
    return out;
  }
}
