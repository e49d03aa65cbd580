package org.ablebatch.core.raster;

import java.util.Arrays;

/** Grey-value morphology with a square window of {@code 2 * radius + 1}, clipped at the border. */
public final class Morphology {
  private Morphology() {}

  /** The largest value in each window; input unchanged. */
  public static float[] dilate(float[] values, int width, int height, int radius) {
    return extreme(values, width, height, radius, 1);
  }

  /** The smallest value in each window; input unchanged. */
  public static float[] erode(float[] values, int width, int height, int radius) {
    return extreme(values, width, height, radius, -1);
  }

  /** Removes what is darker than its surroundings and narrower than the window. */
  public static float[] close(float[] values, int width, int height, int radius) {
    return erode(dilate(values, width, height, radius), width, height, radius);
  }

  /** Removes what is brighter than its surroundings and narrower than the window. */
  public static float[] open(float[] values, int width, int height, int radius) {
    return dilate(erode(values, width, height, radius), width, height, radius);
  }

  /** The set with every pixel within {@code radius} of it, in a square sense. */
  public static boolean[] dilate(boolean[] set, int width, int height, int radius) {
    boolean[] across = new boolean[set.length];
    for (int y = 0; y < height; y++) {
      int row = y * width;
      int last = -radius - 1;
      for (int x = 0; x < width + radius; x++) {
        last = x < width && set[row + x] ? x : last;
        int at = x - radius;
        if (at >= 0) {
          across[row + at] = last >= at - radius;
        }
      }
    }
    boolean[] out = new boolean[set.length];
    int[] last = new int[width];
    Arrays.fill(last, -radius - 1);
    for (int y = 0; y < height + radius; y++) {
      int at = y - radius;
      for (int x = 0; x < width; x++) {
        last[x] = y < height && across[y * width + x] ? y : last[x];
        if (at >= 0) {
          out[at * width + x] = last[x] >= at - radius;
        }
      }
    }
    return out;
  }

  /**
   * Windows of doubling length are folded over each other (as in van Herk 1992, with fewer
   * comparisons than the window is long), whole rows at a time.
   */
  private static float[] extreme(float[] values, int width, int height, int radius, int sign) {
    float outside = sign > 0 ? Float.NEGATIVE_INFINITY : Float.POSITIVE_INFINITY;
    float[] across = new float[values.length];
    float[] line = new float[width + 2 * radius];
    for (int y = 0; y < height; y++) {
      Arrays.fill(line, outside);
      System.arraycopy(values, y * width, line, radius, width);
      windows(line, 1, radius, sign);
      System.arraycopy(line, 0, across, y * width, width);
    }
    float[] padded = new float[width * (height + 2 * radius)];
    Arrays.fill(padded, outside);
    System.arraycopy(across, 0, padded, radius * width, across.length);
    windows(padded, width, radius, sign);
    return Arrays.copyOf(padded, values.length);
  }

  /**
   * Replaces each value by the extreme of itself and the next {@code 2 * radius}, {@code step}
   * apart.
   */
  private static void windows(float[] line, int step, int radius, int sign) {
    int window = 2 * radius + 1;
    int length = 1;
    while (2 * length <= window) {
      fold(line, length * step, sign);
      length *= 2;
    }
    if (length < window) {
      fold(line, (window - length) * step, sign);
    }
  }

  /** Ascending order reads each value before it is replaced, so one array is enough. */
  private static void fold(float[] line, int shift, int sign) {
    int count = line.length - shift;
    if (sign > 0) {
      for (int i = 0; i < count; i++) {
        line[i] = Math.max(line[i], line[i + shift]);
      }
    } else {
      for (int i = 0; i < count; i++) {
        line[i] = Math.min(line[i], line[i + shift]);
      }
    }
  }
}
