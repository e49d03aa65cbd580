package org.ablebatch.core.color;

import org.ablebatch.core.raster.ColorPlanes;

/**
 * Weighted colour densities over a smoothed OKLab grid: which colours a region has, and how often.
 * A table instead of a mixture of Gaussians: no start values, no rounds, the same result always.
 */
public final class ColourTable {
  private static final int LIGHTS = 30;
  private static final int HUES = 34;
  private static final float HUE_REACH = 0.24f;
  private static final int CELLS = LIGHTS * HUES * HUES;

  /** Shades of a backdrop that its own shadows may bring, and how much each counts. */
  private static final float[] SHADES = {0.93f, 0.86f, 0.79f, 0.72f, 0.65f};

  private static final float SHADE_WEIGHT = 0.06f;
  private static final float LEAST_SHADED = 1e-5f;

  private ColourTable() {}

  /** The cell of every pixel. */
  public static int[] cells(ColorPlanes lab) {
    int[] out = new int[lab.c0().length];
    for (int i = 0; i < out.length; i++) {
      out[i] = index(lab.c0()[i], lab.c1()[i], lab.c2()[i]);
    }
    return out;
  }

  /** As {@link #density}, with the same colours in shadow: moved along the ray to black. */
  public static float[] shadedDensity(int[] cells, float[] weight) {
    float[] lit = density(cells, weight);
    float[] out = lit.clone();
    for (int c = 0; c < CELLS; c++) {
      if (lit[c] > LEAST_SHADED) {
        float l = (c / (HUES * HUES) + 0.5f) / LIGHTS;
        float a = ((c / HUES % HUES + 0.5f) / HUES * 2 - 1) * HUE_REACH;
        float b = ((c % HUES + 0.5f) / HUES * 2 - 1) * HUE_REACH;
        for (float shade : SHADES) {
          out[index(l * shade, a * shade, b * shade)] += SHADE_WEIGHT * lit[c];
        }
      }
    }
    return out;
  }

  private static int index(float lightness, float a, float b) {
    int l = cell(lightness, 0, 1, LIGHTS);
    int u = cell(a, -HUE_REACH, HUE_REACH, HUES);
    int v = cell(b, -HUE_REACH, HUE_REACH, HUES);
    return (l * HUES + u) * HUES + v;
  }

  private static int cell(float value, float low, float high, int count) {
    return (int) Math.max(0, Math.min(count - 1f, (value - low) / (high - low) * count));
  }

  /**
   * @param weight how much each pixel counts, at least 0
   * @return density per cell, summing to 1; all 0 when nothing counts
   */
  public static float[] density(int[] cells, float[] weight) {
    float[] out = new float[CELLS];
    double sum = 0;
    for (int i = 0; i < cells.length; i++) {
      out[cells[i]] += weight[i];
      sum += weight[i];
    }
    out = smooth(out, HUES * HUES, LIGHTS);
    out = smooth(out, HUES, HUES);
    out = smooth(out, 1, HUES);
    if (sum > 0) {
      for (int c = 0; c < out.length; c++) {
        out[c] /= (float) sum;
      }
    }
    return out;
  }

  /** Binomial smoothing over five cells along one axis; what leaves the grid stays at its rim. */
  private static float[] smooth(float[] in, int step, int count) {
    float[] out = new float[in.length];
    for (int c = 0; c < in.length; c++) {
      if (in[c] == 0) {
        continue;
      }
      int at = c / step % count;
      for (int k = -2; k <= 2; k++) {
        int to = Math.max(0, Math.min(count - 1, at + k));
        out[c + (to - at) * step] +=
            in[c] * (k == 0 ? 0.375f : k == 1 || k == -1 ? 0.25f : 0.0625f);
      }
    }
    return out;
  }
}
