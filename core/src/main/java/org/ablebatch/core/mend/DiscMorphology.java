package org.ablebatch.core.mend;

import org.ablebatch.core.raster.Morphology;

/**
 * Moves soft outlines by fractions of a pixel: grey morphology with a disc that fades at its rim.
 */
final class DiscMorphology {
  private DiscMorphology() {}

  /**
   * @param values 0..1
   * @param px above 0 outwards, below 0 inwards
   */
  static float[] moved(float[] values, int width, int height, double px) {
    if (px > 0) {
      return grown(values, width, height, px);
    }
    float[] inverse = inverse(values);
    return inverse(grown(inverse, width, height, -px));
  }

  private static float[] inverse(float[] values) {
    float[] out = new float[values.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = 1 - values[i];
    }
    return out;
  }

  private static float[] grown(float[] values, int width, int height, double px) {
    int reach = (int) Math.ceil(px);
    int side = 2 * reach + 1;
    float[] disc = new float[side * side];
    for (int k = 0; k < disc.length; k++) {
      double dx = k % side - reach;
      double dy = k / side - reach;
      double distance = Math.sqrt(dx * dx + dy * dy);
      disc[k] = distance == 0 ? 1 : (float) Math.max(0, Math.min(1, px + 1 - distance));
    }
    // Where the square window holds one value only, the disc changes nothing.
    float[] most = Morphology.dilate(values, width, height, reach);
    float[] out = values.clone();
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int i = y * width + x;
        if (most[i] > values[i]) {
          out[i] = largest(values, width, height, x, y, disc, reach);
        }
      }
    }
    return out;
  }

  private static float largest(
      float[] values, int width, int height, int x, int y, float[] disc, int reach) {
    float best = 0;
    int side = 2 * reach + 1;
    for (int v = Math.max(0, y - reach); v <= Math.min(height - 1, y + reach); v++) {
      int row = (v - y + reach) * side + reach - x;
      for (int u = Math.max(0, x - reach); u <= Math.min(width - 1, x + reach); u++) {
        best = Math.max(best, disc[row + u] * values[v * width + u]);
      }
    }
    return best;
  }
}
