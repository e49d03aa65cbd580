package org.ablebatch.core.raster;

import java.util.ArrayList;
import java.util.List;

/**
 * Spreads known values into unknown places, smoothly and in linear time: averages are pushed to
 * coarser grids and pulled back where the finer grid knows too little (Gortler et al., The
 * Lumigraph, 1996, section 3.4). What depends on where something is known is worked out once, for
 * any number of values.
 */
public final class PushPull {
  private static final float ENOUGH = 1f;
  private static final float NEAR = 0.5625f;
  private static final float BESIDE = 0.1875f;
  private static final float ACROSS = 0.0625f;

  /** From the finest grid to a single cell. */
  private final List<Level> levels = new ArrayList<>();

  /** How much is known in the end, on the finest grid. */
  private final float[] known;

  /**
   * @param weight how much is known, 0..1; unchanged and not to be changed
   */
  public PushPull(float[] weight, int width, int height) {
    Level level = new Level(weight, width, height);
    levels.add(level);
    while (level.width > 1 || level.height > 1) {
      level = level.coarser();
      levels.add(level);
    }
    float[] coarse = level.weight;
    for (int i = levels.size() - 2; i >= 0; i--) {
      coarse = levels.get(i).listen(levels.get(i + 1), coarse);
    }
    known = coarse;
  }

  /**
   * @param values numbers, meaningful where {@code weight > 0}
   * @param weight how much is known, 0..1; unchanged
   * @return values everywhere; where nothing at all is known, 0
   */
  public static float[] fill(float[] values, float[] weight, int width, int height) {
    return new PushPull(weight, width, height).fill(values);
  }

  /**
   * @param values numbers, meaningful where something is known; unchanged
   * @return values everywhere; where nothing at all is known, 0
   */
  public float[] fill(float[] values) {
    List<float[]> sums = new ArrayList<>();
    float[] sum = levels.get(0).weighed(values);
    sums.add(sum);
    for (int i = 1; i < levels.size(); i++) {
      sum = levels.get(i - 1).push(sum, levels.get(i));
      sums.add(sum);
    }
    for (int i = levels.size() - 2; i >= 0; i--) {
      levels.get(i).pull(sums.get(i), levels.get(i + 1), sums.get(i + 1));
    }
    float[] out = sums.get(0);
    for (int i = 0; i < out.length; i++) {
      out[i] = known[i] > 0 ? out[i] / known[i] : 0;
    }
    return out;
  }

  /** All three channels. */
  public ColorPlanes fill(ColorPlanes planes) {
    return planes.mapped(planes.width(), planes.height(), this::fill);
  }

  /** One grid, with the weights of what is known on it. */
  private static final class Level {
    private final int width;
    private final int height;
    private final float[] weight;

    /** By what the sums of a cell are divided, so that none weighs more than enough. */
    private final float[] divisor;

    /** Weight of what the coarser grid says of a place; 0 = nothing, or nobody asks. */
    private final float[] heard;

    Level(float[] weight, int width, int height) {
      this(weight, width, height, new float[0]);
    }

    private Level(float[] weight, int width, int height, float[] divisor) {
      this.width = width;
      this.height = height;
      this.weight = weight;
      this.divisor = divisor;
      this.heard = new float[weight.length];
    }

    Level coarser() {
      int w = (width + 1) / 2;
      int h = (height + 1) / 2;
      float[] sums = sums(weight, w, h);
      float[] divisor = new float[sums.length];
      for (int c = 0; c < sums.length; c++) {
        divisor[c] = Math.max(ENOUGH, sums[c]);
        sums[c] = Math.min(ENOUGH, sums[c]);
      }
      return new Level(sums, w, h, divisor);
    }

    /** Sums of the values of each coarser cell. */
    private float[] sums(float[] values, int w, int h) {
      float[] out = new float[w * h];
      for (int y = 0; y < height; y++) {
        int to = (y >> 1) * w;
        int from = y * width;
        for (int x = 0; x < width; x++) {
          out[to + (x >> 1)] += values[from + x];
        }
      }
      return out;
    }

    /**
     * @param coarse weights of the coarser grid, with what it has heard itself
     * @return those of this one
     */
    float[] listen(Level coarser, float[] coarse) {
      float[] out = weight.clone();
      for (int i = 0; i < out.length; i++) {
        float missing = ENOUGH - weight[i];
        if (missing > 0) {
          heard[i] = said(coarser, coarse, i % width, i / width);
          out[i] += heard[i] > 0 ? missing : 0;
        }
      }
      return out;
    }

    float[] weighed(float[] values) {
      float[] out = new float[values.length];
      for (int i = 0; i < out.length; i++) {
        out[i] = values[i] * weight[i];
      }
      return out;
    }

    float[] push(float[] sum, Level coarser) {
      float[] out = sums(sum, coarser.width, coarser.height);
      for (int c = 0; c < out.length; c++) {
        out[c] /= coarser.divisor[c];
      }
      return out;
    }

    void pull(float[] sum, Level coarser, float[] coarse) {
      for (int y = 0; y < height; y++) {
        for (int x = 0; x < width; x++) {
          int i = y * width + x;
          if (heard[i] > 0) {
            sum[i] += (ENOUGH - weight[i]) * said(coarser, coarse, x, y) / heard[i];
          }
        }
      }
    }

    /** What the four coarser cells around a place say of it. */
    private static float said(Level coarser, float[] coarse, int x, int y) {
      int w = coarser.width;
      int x0 = x >> 1;
      int x1 = beside(x, w);
      int row0 = (y >> 1) * w;
      int row1 = beside(y, coarser.height) * w;
      return NEAR * coarse[row0 + x0]
          + BESIDE * (coarse[row0 + x1] + coarse[row1 + x0])
          + ACROSS * coarse[row1 + x1];
    }

    /** The second nearest cell along an axis. */
    private static int beside(int at, int cells) {
      int other = (at >> 1) + ((at & 1) == 0 ? -1 : 1);
      return Math.min(cells - 1, Math.max(0, other));
    }
  }
}
