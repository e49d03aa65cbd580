package org.ablebatch.core.dress;

import org.ablebatch.core.raster.Plane;

/**
 * A coarse plane over the whole frame, as rows of the frame's pixels, bilinear in between. Where
 * the plane is nothing but zero is known beforehand and passed over.
 */
final class GridRows {
  private final Plane grid;
  private final Frame frame;
  private final int[] left;
  private final float[] share;
  private final int[] rowFrom;
  private final int[] rowTo;
  private final float[] mixed;
  private final float[] out;
  private int from;
  private int to;

  GridRows(Plane grid, Frame frame) {
    this.grid = grid;
    this.frame = frame;
    this.left = new int[frame.width()];
    this.share = new float[frame.width()];
    this.out = new float[frame.width()];
    this.mixed = new float[grid.width()];
    this.rowFrom = new int[grid.height()];
    this.rowTo = new int[grid.height()];
    for (int x = 0; x < frame.width(); x++) {
      double at = clamp((x + 0.5) * grid.width() / frame.width() - 0.5, grid.width());
      left[x] = Math.min((int) at, Math.max(0, grid.width() - 2));
      share[x] = (float) (at - left[x]);
    }
    for (int y = 0; y < grid.height(); y++) {
      measure(y);
    }
  }

  private void measure(int y) {
    float[] v = grid.values();
    int start = y * grid.width();
    int low = 0;
    int high = grid.width();
    while (low < high && v[start + low] == 0) {
      low++;
    }
    while (high > low && v[start + high - 1] == 0) {
      high--;
    }
    rowFrom[y] = low;
    rowTo[y] = high;
  }

  private static double clamp(double at, int size) {
    return Math.max(0, Math.min(size - 1, at));
  }

  /** First pixel of the last row that may be anything but zero. */
  int from() {
    return from;
  }

  /** Behind the last such pixel. */
  int to() {
    return to;
  }

  /** Good until the next call. */
  float[] row(int y) {
    java.util.Arrays.fill(out, from, to, 0);
    double at = clamp((y + 0.5) * grid.height() / frame.height() - 0.5, grid.height());
    int top = Math.min((int) at, Math.max(0, grid.height() - 2));
    int bottom = Math.min(grid.height() - 1, top + 1);
    int low = Math.min(rowFrom[top], rowFrom[bottom]);
    int high = Math.max(rowTo[top], rowTo[bottom]);
    if (rowFrom[top] >= rowTo[top]) {
      low = rowFrom[bottom];
    } else if (rowFrom[bottom] >= rowTo[bottom]) {
      low = rowFrom[top];
    }
    from = pixel(low - 1);
    to = low < high ? Math.max(from, pixel(high + 1)) : from;
    if (from < to) {
      mix(top, bottom, (float) (at - top));
    }
    return out;
  }

  /** The first pixel that lies behind a cell's left side. */
  private int pixel(int cell) {
    long x = (long) Math.ceil(cell * (double) frame.width() / grid.width());
    return (int) Math.max(0, Math.min(frame.width(), x));
  }

  private void mix(int top, int bottom, float down) {
    float[] v = grid.values();
    int upper = top * grid.width();
    int lower = bottom * grid.width();
    int step = grid.width() > 1 ? 1 : 0;
    int first = left[from];
    int last = left[to - 1] + step;
    for (int i = first; i <= last; i++) {
      mixed[i] = v[upper + i] + down * (v[lower + i] - v[upper + i]);
    }
    for (int x = from; x < to; x++) {
      float a = mixed[left[x]];
      out[x] = a + share[x] * (mixed[left[x] + step] - a);
    }
  }
}
