package org.ablebatch.core.raster;

/**
 * Samples coarse grids at the pixels of a fine one, bilinearly, with pixel centres matched. Set the
 * row and the column once, then sample as many grids as needed.
 */
public final class GridMap {
  private final int coarseWidth;
  private final int coarseHeight;
  private final double stepX;
  private final double stepY;
  private final int[] left;
  private final float[] leftShare;
  private int top;
  private int bottom;
  private float topShare;
  private int i00;
  private int i01;
  private int i10;
  private int i11;
  private float w00;
  private float w01;
  private float w10;
  private float w11;

  public GridMap(int width, int height, int coarseWidth, int coarseHeight) {
    this.coarseWidth = coarseWidth;
    this.coarseHeight = coarseHeight;
    this.stepX = coarseWidth / (double) width;
    this.stepY = coarseHeight / (double) height;
    this.left = new int[width];
    this.leftShare = new float[width];
    for (int x = 0; x < width; x++) {
      double u = Math.max(0, Math.min(coarseWidth - 1.0, (x + 0.5) * stepX - 0.5));
      left[x] = (int) u;
      leftShare[x] = (float) (1 - (u - left[x]));
    }
  }

  public void row(int y) {
    double v = Math.max(0, Math.min(coarseHeight - 1.0, (y + 0.5) * stepY - 0.5));
    int y0 = (int) v;
    top = y0 * coarseWidth;
    bottom = Math.min(coarseHeight - 1, y0 + 1) * coarseWidth;
    topShare = (float) (1 - (v - y0));
  }

  public void column(int x) {
    int x0 = left[x];
    int x1 = Math.min(coarseWidth - 1, x0 + 1);
    float share = leftShare[x];
    i00 = top + x0;
    i01 = top + x1;
    i10 = bottom + x0;
    i11 = bottom + x1;
    w00 = topShare * share;
    w01 = topShare * (1 - share);
    w10 = (1 - topShare) * share;
    w11 = (1 - topShare) * (1 - share);
  }

  /** The first of the four cells that would be sampled at a column of this row. */
  public int cellAt(int x) {
    return top + left[x];
  }

  /** The first of the four cells that are sampled. */
  public int cell() {
    return i00;
  }

  public float sample(float[] grid) {
    return w00 * grid[i00] + w01 * grid[i01] + w10 * grid[i10] + w11 * grid[i11];
  }

  /**
   * A whole row of one grid, for which the coarse rows are mixed first.
   *
   * @param out the fine grid, filled at row {@code y}
   */
  public void sampleRow(float[] grid, int y, float[] out) {
    row(y);
    float[] mixed = new float[coarseWidth];
    float bottomShare = 1 - topShare;
    for (int x = 0; x < coarseWidth; x++) {
      mixed[x] = topShare * grid[top + x] + bottomShare * grid[bottom + x];
    }
    int to = y * left.length;
    for (int x = 0; x < left.length; x++) {
      float near = mixed[left[x]];
      float next = mixed[Math.min(coarseWidth - 1, left[x] + 1)];
      out[to + x] = next + leftShare[x] * (near - next);
    }
  }
}
