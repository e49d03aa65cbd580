package org.ablebatch.core.backdrop;

import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.GridMap;
import org.ablebatch.core.raster.Median;

/**
 * A robust surface through the border ring, grown inwards over everything connected to the border
 * that it explains, and refitted with more freedom as its support grows. All of it on one grid; it
 * may be coarser than the one that the surface is then asked for.
 *
 * @param support the pixels that the surface was fitted to
 */
record GrownSurface(Surface surface, boolean[] support, ColorPlanes lab) {
  static final float LEAST_SIGMA = 0.004f;

  private static final int[] DEGREES = {1, 2, 3, 3};
  private static final float REACH_SIGMAS = 4f;

  /** The median length of a three-channel residual, in sigmas of one channel. */
  private static final double MEDIAN_LENGTH = 1.538;

  /** Dividing by at least this much lets the mottling fade out under the subject. */
  private static final float LEAST_WEIGHT = 0.1f;

  static GrownSurface from(ColorPlanes lab, BorderRing ring) {
    boolean[] support = ring.mainColour(lab, 4 * LEAST_SIGMA);
    Surface surface = null;
    for (int degree : DEGREES) {
      surface = SurfaceFitter.fit(lab, support, degree, LEAST_SIGMA);
      ColorPlanes expected = surface.planes(lab.width(), lab.height());
      float sigma = Math.max(LEAST_SIGMA, sigma(lab, expected, support));
      support = grow(lab, expected, sigma, ring);
      if (BorderRing.count(support) < ring.size() / 4) {
        support = ring.pixels();
      }
    }
    return new GrownSurface(surface, support, lab);
  }

  /** The surface on a grid of the same shape, with the slow part of what it leaves over. */
  ColorPlanes on(int width, int height) {
    int w = lab.width();
    int h = lab.height();
    int radius = Math.max(2, Math.min(w, h) / 24);
    ColorPlanes coarse = surface.planes(w, h);
    ColorPlanes out = surface.planes(width, height);
    float[] weight = new float[support.length];
    for (int i = 0; i < weight.length; i++) {
      weight[i] = support[i] ? 1 : 0;
    }
    float[] weightMean = BoxBlur.blur(weight, w, h, radius);
    for (int c = 0; c < 3; c++) {
      float[] rest = new float[support.length];
      for (int i = 0; i < rest.length; i++) {
        rest[i] = support[i] ? lab.channel(c)[i] - coarse.channel(c)[i] : 0;
      }
      float[] mottling = BoxBlur.blur(rest, w, h, radius);
      for (int i = 0; i < rest.length; i++) {
        mottling[i] /= Math.max(weightMean[i], LEAST_WEIGHT);
      }
      add(out.channel(c), new GridMap(width, height, w, h), mottling, width, height);
    }
    return out;
  }

  private static void add(float[] to, GridMap map, float[] coarse, int width, int height) {
    for (int y = 0; y < height; y++) {
      map.row(y);
      for (int x = 0; x < width; x++) {
        map.column(x);
        to[y * width + x] += map.sample(coarse);
      }
    }
  }

  /** Everything the surface explains that hangs together with an explained border pixel. */
  private static boolean[] grow(
      ColorPlanes lab, ColorPlanes expected, float sigma, BorderRing ring) {
    boolean[] out = new boolean[ring.pixels().length];
    for (int i = 0; i < out.length; i++) {
      out[i] = !ring.taken()[i] && distance(lab, expected, i) < REACH_SIGMAS * sigma;
    }
    Components parts = Components.of(out, lab.width(), lab.height(), false);
    boolean[] touches = new boolean[parts.regions().size() + 1];
    for (int i = 0; i < out.length; i++) {
      touches[parts.labels()[i]] |= ring.pixels()[i];
    }
    touches[0] = false;
    for (int i = 0; i < out.length; i++) {
      out[i] = touches[parts.labels()[i]];
    }
    return out;
  }

  /** Noise and texture around the surface per channel, OKLab, robustly from the median. */
  static float sigma(ColorPlanes lab, ColorPlanes expected, boolean[] support) {
    int[] samples = SurfaceFitter.thin(support);
    double[] distances = new double[samples.length];
    for (int s = 0; s < samples.length; s++) {
      distances[s] = distance(lab, expected, samples[s]);
    }
    return (float) (Median.of(distances) / MEDIAN_LENGTH);
  }

  static float distance(ColorPlanes lab, ColorPlanes expected, int i) {
    float l = lab.c0()[i] - expected.c0()[i];
    float a = lab.c1()[i] - expected.c1()[i];
    float b = lab.c2()[i] - expected.c2()[i];
    return (float) Math.sqrt(l * l + a * a + b * b);
  }
}
