package org.ablebatch.core.dress;

import org.ablebatch.core.raster.Plane;

/** A coarse plane over the whole frame, as rows of the frame's pixels, bilinear in between. */
final class GridRows {
  private final Plane grid;
  private final Frame frame;
  private final int[] left;
  private final float[] share;
  private final float[] out;

  GridRows(Plane grid, Frame frame) {
    this.grid = grid;
    this.frame = frame;
    this.left = new int[frame.width()];
    this.share = new float[frame.width()];
    this.out = new float[frame.width()];
    for (int x = 0; x < frame.width(); x++) {
      double at = clamp((x + 0.5) * grid.width() / frame.width() - 0.5, grid.width());
      left[x] = Math.min((int) at, Math.max(0, grid.width() - 2));
      share[x] = (float) (at - left[x]);
    }
  }

  private static double clamp(double at, int size) {
    return Math.max(0, Math.min(size - 1, at));
  }

  /** Good until the next call. */
  float[] row(int y) {
    double at = clamp((y + 0.5) * grid.height() / frame.height() - 0.5, grid.height());
    int top = Math.min((int) at, Math.max(0, grid.height() - 2));
    float down = (float) (at - top);
    int upper = top * grid.width();
    int lower = Math.min(grid.height() - 1, top + 1) * grid.width();
    int step = grid.width() > 1 ? 1 : 0;
    float[] v = grid.values();
    for (int x = 0; x < out.length; x++) {
      int i = left[x];
      float a = v[upper + i] + share[x] * (v[upper + i + step] - v[upper + i]);
      float b = v[lower + i] + share[x] * (v[lower + i + step] - v[lower + i]);
      out[x] = a + down * (b - a);
    }
    return out;
  }
}
