package org.ablebatch.core.raster;

import java.util.Arrays;

/** Grey-value morphology with a square window of {@code 2 * radius + 1}, clipped at the border. */
public final class Morphology {
  private Morphology() {}

  /** The largest value in each window; input unchanged. */
  public static float[] dilate(float[] values, int width, int height, int radius) {
    return largest(values, width, height, radius, 0);
  }

  /** The smallest value in each window; input unchanged. */
  public static float[] erode(float[] values, int width, int height, int radius) {
    return largest(values, width, height, radius, -1);
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
   * comparisons than the window is long), all rows at once: each has a margin of nothing at its
   * end, and so has the plane. Whole numbers in the order of the values are compared, which
   * processors do several times faster.
   *
   * @param turned -1 turns the order around, 0 leaves it
   */
  private static float[] largest(float[] values, int width, int height, int radius, int turned) {
    int stride = width + 2 * radius;
    int[] ordered = new int[stride * (height + 2 * radius)];
    Arrays.fill(ordered, Integer.MIN_VALUE);
    for (int y = 0; y < height; y++) {
      int to = (y + radius) * stride + radius;
      for (int x = 0; x < width; x++) {
        ordered[to + x] = order(Float.floatToRawIntBits(values[y * width + x])) ^ turned;
      }
    }
    int[] spare = new int[ordered.length];
    int[] across = windows(ordered, spare, 1, radius);
    int[] found = windows(across, across == spare ? ordered : spare, stride, radius);
    float[] out = new float[values.length];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        out[y * width + x] = Float.intBitsToFloat(order(found[y * stride + x] ^ turned));
      }
    }
    return out;
  }

  /** From a float's bits to a number that is larger where the float is, and back. */
  private static int order(int bits) {
    return bits ^ ((bits >> 31) & Integer.MAX_VALUE);
  }

  /**
   * The largest of each value and the next {@code 2 * radius}, {@code step} apart; what would reach
   * beyond the end is undefined.
   *
   * @return one of both, the other's content is lost
   */
  private static int[] windows(int[] values, int[] spare, int step, int radius) {
    int window = 2 * radius + 1;
    int[] from = values;
    int[] to = spare;
    for (int length = 1; length < window; ) {
      int further = Math.min(length, window - length);
      fold(from, to, further * step);
      length += further;
      int[] folded = to;
      to = from;
      from = folded;
    }
    return from;
  }

  private static void fold(int[] from, int[] to, int shift) {
    int count = from.length - shift;
    for (int i = 0; i < count; i++) {
      to[i] = Math.max(from[i], from[i + shift]);
    }
  }
}
