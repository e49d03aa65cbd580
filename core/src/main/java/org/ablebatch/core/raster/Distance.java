package org.ablebatch.core.raster;

import java.util.Arrays;

/**
 * Distance of every pixel to a set of pixels, by the two-pass 3-4 chamfer (Borgefors, Distance
 * Transformations in Digital Images, 1986): within 8 % of the Euclidean distance, in two sweeps.
 */
public final class Distance {
  private static final int STRAIGHT = 3;
  private static final int DIAGONAL = 4;
  private static final int FAR = Integer.MAX_VALUE / 2;

  private Distance() {}

  /** 1 for pixels that lie farther than {@code least} from every true cell, else 0. */
  public static float[] beyond(float least, boolean[] set, int width, int height) {
    float[] out = new float[set.length];
    float[] distance = least > 0 ? to(set, width, height) : null;
    for (int i = 0; i < out.length; i++) {
      boolean isBeyond = distance == null ? !set[i] : distance[i] > least;
      out[i] = isBeyond ? 1 : 0;
    }
    return out;
  }

  /**
   * How deep every cell lies within a set, in pixels; negative outside. The outline runs between
   * the cells, half a pixel from either side.
   */
  public static float[] depth(boolean[] set, int width, int height) {
    boolean[] outside = new boolean[set.length];
    for (int i = 0; i < outside.length; i++) {
      outside[i] = !set[i];
    }
    float[] within = to(outside, width, height);
    float[] beyond = to(set, width, height);
    float[] depth = new float[set.length];
    for (int i = 0; i < depth.length; i++) {
      depth[i] = set[i] ? within[i] - 0.5f : 0.5f - beyond[i];
    }
    return depth;
  }

  /** Pixels to the nearest true cell; very large where no cell is true. */
  public static float[] to(boolean[] set, int width, int height) {
    int[] d = new int[set.length];
    Arrays.fill(d, FAR);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int i = y * width + x;
        if (set[i]) {
          d[i] = 0;
          continue;
        }
        int best = d[i];
        if (x > 0) best = Math.min(best, d[i - 1] + STRAIGHT);
        if (y > 0) {
          best = Math.min(best, d[i - width] + STRAIGHT);
          if (x > 0) best = Math.min(best, d[i - width - 1] + DIAGONAL);
          if (x < width - 1) best = Math.min(best, d[i - width + 1] + DIAGONAL);
        }
        d[i] = best;
      }
    }
    float[] out = new float[set.length];
    for (int y = height - 1; y >= 0; y--) {
      for (int x = width - 1; x >= 0; x--) {
        int i = y * width + x;
        int best = d[i];
        if (x < width - 1) best = Math.min(best, d[i + 1] + STRAIGHT);
        if (y < height - 1) {
          best = Math.min(best, d[i + width] + STRAIGHT);
          if (x > 0) best = Math.min(best, d[i + width - 1] + DIAGONAL);
          if (x < width - 1) best = Math.min(best, d[i + width + 1] + DIAGONAL);
        }
        d[i] = best;
        out[i] = best / (float) STRAIGHT;
      }
    }
    return out;
  }
}
