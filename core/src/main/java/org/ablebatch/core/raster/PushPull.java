package org.ablebatch.core.raster;

/**
 * Spreads known values into unknown places, smoothly and in linear time: averages are pushed to
 * coarser grids and pulled back where the finer grid knows too little (Gortler et al., The
 * Lumigraph, 1996, section 3.4).
 */
public final class PushPull {
  private static final float ENOUGH = 1f;

  private PushPull() {}

  /**
   * @param values numbers, meaningful where {@code weight > 0}
   * @param weight how much is known, 0..1; unchanged
   * @return values everywhere; where nothing at all is known, 0
   */
  public static float[] fill(float[] values, float[] weight, int width, int height) {
    float[] scaled = new float[values.length];
    for (int i = 0; i < values.length; i++) {
      scaled[i] = values[i] * weight[i];
    }
    float[] w = weight.clone();
    pull(scaled, w, width, height);
    for (int i = 0; i < scaled.length; i++) {
      scaled[i] = w[i] > 0 ? scaled[i] / w[i] : 0;
    }
    return scaled;
  }

  private static void pull(float[] sum, float[] weight, int width, int height) {
    if (width == 1 && height == 1) {
      return;
    }
    int w = (width + 1) / 2;
    int h = (height + 1) / 2;
    float[] coarseSum = new float[w * h];
    float[] coarseWeight = new float[w * h];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int c = y / 2 * w + x / 2;
        coarseSum[c] += sum[y * width + x];
        coarseWeight[c] += weight[y * width + x];
      }
    }
    for (int c = 0; c < coarseSum.length; c++) {
      if (coarseWeight[c] > ENOUGH) {
        coarseSum[c] /= coarseWeight[c];
        coarseWeight[c] = ENOUGH;
      }
    }
    pull(coarseSum, coarseWeight, w, h);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int i = y * width + x;
        float missing = ENOUGH - weight[i];
        if (missing > 0) {
          addFromCoarse(sum, weight, i, missing, coarseSum, coarseWeight, x, y, w, h);
        }
      }
    }
  }

  private static void addFromCoarse(
      float[] sum,
      float[] weight,
      int i,
      float missing,
      float[] coarseSum,
      float[] coarseWeight,
      int x,
      int y,
      int w,
      int h) {
    int x0 = x / 2;
    int y0 = y / 2;
    int x1 = Math.min(w - 1, Math.max(0, x0 + (x % 2 == 0 ? -1 : 1)));
    int y1 = Math.min(h - 1, Math.max(0, y0 + (y % 2 == 0 ? -1 : 1)));
    float s =
        0.5625f * coarseSum[y0 * w + x0]
            + 0.1875f * (coarseSum[y0 * w + x1] + coarseSum[y1 * w + x0])
            + 0.0625f * coarseSum[y1 * w + x1];
    float k =
        0.5625f * coarseWeight[y0 * w + x0]
            + 0.1875f * (coarseWeight[y0 * w + x1] + coarseWeight[y1 * w + x0])
            + 0.0625f * coarseWeight[y1 * w + x1];
    if (k > 0) {
      sum[i] += missing * s / k;
      weight[i] += missing;
    }
  }
}
