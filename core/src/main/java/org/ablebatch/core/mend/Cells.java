package org.ablebatch.core.mend;

import org.ablebatch.core.raster.Rect;

/**
 * How the cells of a coarse grid lie over a part of a picture. A cell need not hold a whole number
 * of pixels; each pixel counts for the cell that its upper left corner lies in.
 *
 * @param frame the part, in pixels of the picture
 * @param width cells in a row
 * @param height rows of cells
 */
record Cells(Rect frame, int width, int height) {
  /** Edges of cells among which one is looked for that lies where a pixel's does. */
  private static final int MOST_EDGES = 12;

  /**
   * A mask on the grid.
   *
   * @param box where the mask lies, in pixels of the picture
   * @param mask 0..255 for each of its pixels
   * @return mean share 0..1 of every cell
   */
  float[] means(Rect box, byte[] mask) {
    Rect common = box.intersect(frame);
    int[] columns = cells(frame.width(), width);
    int[] rows = cells(frame.height(), height);
    float[] sum = new float[width * height];
    for (int y = common.y(); y < common.bottom(); y++) {
      int row = rows[y - frame.y()] * width;
      int from = (y - box.y()) * box.width() - box.x();
      for (int x = common.x(); x < common.right(); x++) {
        sum[row + columns[x - frame.x()]] += mask[from + x] & 0xFF;
      }
    }
    int[] across = counted(columns, width);
    int[] down = counted(rows, height);
    for (int i = 0; i < sum.length; i++) {
      sum[i] /= 255f * Math.max(1, across[i % width] * down[i / width]);
    }
    return sum;
  }

  /**
   * Shares of cells as a mask.
   *
   * @param share 0..1 of every cell
   * @return 0..255, full size, over the whole frame
   */
  byte[] enlarged(float[] share) {
    byte[] levels = new byte[share.length];
    for (int i = 0; i < levels.length; i++) {
      levels[i] = (byte) Math.round(255 * Math.min(1, share[i]));
    }
    int[] columns = cells(frame.width(), width);
    int[] rows = cells(frame.height(), height);
    byte[] out = new byte[frame.width() * frame.height()];
    for (int y = 0; y < rows.length; y++) {
      int row = rows[y] * width;
      int to = y * columns.length;
      for (int x = 0; x < columns.length; x++) {
        out[to + x] = levels[row + columns[x]];
      }
    }
    return out;
  }

  /** In which of the cells of a line every pixel of it lies. */
  private static int[] cells(int pixels, int cells) {
    int[] out = new int[pixels];
    for (int i = 0; i < pixels; i++) {
      out[i] = (int) ((long) i * cells / pixels);
    }
    return out;
  }

  /** How many pixels lie in each cell of a line. */
  private static int[] counted(int[] ofPixels, int cells) {
    int[] out = new int[cells];
    for (int cell : ofPixels) {
      out[cell]++;
    }
    return out;
  }

  /** Cells and some around them, so that they begin and end as nearly as may be where pixels do. */
  Rect atPixels(Rect cells, int around) {
    Rect wide = cells.grow(around).intersect(new Rect(0, 0, width, height));
    int left = edge(wide.x(), -1, frame.width(), width);
    int top = edge(wide.y(), -1, frame.height(), height);
    int right = edge(wide.right(), 1, frame.width(), width);
    int bottom = edge(wide.bottom(), 1, frame.height(), height);
    return new Rect(left, top, right - left, bottom - top);
  }

  /** Of the next few edges of cells that which lies nearest to one of a pixel. */
  private static int edge(int from, int step, int pixels, int cells) {
    int best = from;
    for (int k = 0; k <= MOST_EDGES; k++) {
      int at = from + step * k;
      if (at >= 0 && at <= cells && off(at, pixels, cells) < off(best, pixels, cells)) {
        best = at;
      }
    }
    return best;
  }

  private static double off(int edge, int pixels, int cells) {
    double at = edge * (double) pixels / cells;
    return Math.abs(at - Math.rint(at));
  }

  /**
   * The pixels of some cells, in the frame.
   *
   * @param cells that begin and end where pixels do, see {@link #atPixels}
   */
  Rect pixels(Rect cells) {
    int left = pixel(cells.x(), frame.width(), width);
    int top = pixel(cells.y(), frame.height(), height);
    int right = pixel(cells.right(), frame.width(), width);
    int bottom = pixel(cells.bottom(), frame.height(), height);
    return new Rect(left, top, right - left, bottom - top);
  }

  private static int pixel(int edge, int pixels, int cells) {
    return (int) Math.rint(edge * (double) pixels / cells);
  }

  /** Some cells of something on the grid. */
  float[] part(Rect some, float[] values) {
    float[] out = new float[some.width() * some.height()];
    copy(some, values, out);
    return out;
  }

  /** Likewise. */
  boolean[] part(Rect some, boolean[] set) {
    boolean[] out = new boolean[some.width() * some.height()];
    copy(some, set, out);
    return out;
  }

  /** Between arrays of one kind, row by row. */
  private void copy(Rect some, Object grid, Object part) {
    for (int y = 0; y < some.height(); y++) {
      int from = (some.y() + y) * width + some.x();
      System.arraycopy(grid, from, part, y * some.width(), some.width());
    }
  }
}
