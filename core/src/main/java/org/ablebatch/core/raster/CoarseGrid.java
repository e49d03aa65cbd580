package org.ablebatch.core.raster;

/**
 * A coarser grid of the same shape, for what varies slowly: means go down to it, values come back
 * bilinearly. With cells of one pixel it is the grid itself.
 */
public final class CoarseGrid {
  private final int width;
  private final int height;
  private final int coarseWidth;
  private final int coarseHeight;

  /** Which coarse column every fine one lies in. */
  private final int[] columns;

  private CoarseGrid(int width, int height, int coarseWidth, int coarseHeight) {
    this.width = width;
    this.height = height;
    this.coarseWidth = coarseWidth;
    this.coarseHeight = coarseHeight;
    this.columns = new int[width];
    for (int x = 0; x < width; x++) {
      columns[x] = (int) ((long) x * coarseWidth / width);
    }
  }

  /**
   * @param cell how many pixels of the fine grid are about as wide as one cell, 1 or more
   */
  public static CoarseGrid over(int width, int height, int cell) {
    return new CoarseGrid(
        width,
        height,
        Math.max(1, Math.round(width / (float) cell)),
        Math.max(1, Math.round(height / (float) cell)));
  }

  public int width() {
    return coarseWidth;
  }

  public int height() {
    return coarseHeight;
  }

  /**
   * Where several things are averaged of which not everything counts.
   *
   * @param weight how much each fine value counts, 0..1
   */
  public Weighing weighing(float[] weight) {
    return new Weighing(weight);
  }

  /** A coarse plane at every fine pixel. */
  public float[] spread(float[] coarse) {
    if (isItself()) {
      return coarse;
    }
    float[] out = new float[width * height];
    GridMap map = new GridMap(width, height, coarseWidth, coarseHeight);
    for (int y = 0; y < height; y++) {
      map.sampleRow(coarse, y, out);
    }
    return out;
  }

  /** All three channels. */
  public ColorPlanes spread(ColorPlanes coarse) {
    return isItself() ? coarse : coarse.mapped(width, height, this::spread);
  }

  private boolean isItself() {
    return coarseWidth == width && coarseHeight == height;
  }

  private int row(int y) {
    return (int) ((long) y * coarseHeight / height) * coarseWidth;
  }

  /** Means over cells in which fine values count by their weight. */
  public final class Weighing {
    private final float[] weight;
    private final float[] sums;
    private final float[] share;

    private Weighing(float[] weight) {
      this.weight = weight;
      sums = new float[coarseWidth * coarseHeight];
      int[] count = new int[sums.length];
      for (int y = 0; y < height; y++) {
        int row = row(y);
        for (int x = 0; x < width; x++) {
          sums[row + columns[x]] += weight[y * width + x];
          count[row + columns[x]]++;
        }
      }
      share = new float[sums.length];
      for (int i = 0; i < share.length; i++) {
        share[i] = sums[i] / count[i];
      }
    }

    /** How much of every cell counts, 0..1. */
    public float[] share() {
      return share;
    }

    /** The weighted mean of every cell; 0 where nothing of it counts. */
    public float[] mean(float[] values) {
      if (isItself()) {
        return values;
      }
      float[] out = new float[sums.length];
      for (int y = 0; y < height; y++) {
        int row = row(y);
        for (int x = 0; x < width; x++) {
          out[row + columns[x]] += weight[y * width + x] * values[y * width + x];
        }
      }
      for (int i = 0; i < out.length; i++) {
        out[i] = sums[i] > 0 ? out[i] / sums[i] : 0;
      }
      return out;
    }

    /** All three channels. */
    public ColorPlanes mean(ColorPlanes planes) {
      return isItself() ? planes : planes.mapped(coarseWidth, coarseHeight, this::mean);
    }
  }
}
