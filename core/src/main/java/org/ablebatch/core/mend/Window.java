package org.ablebatch.core.mend;

import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.reading.AreaShrink;

/**
 * A part of a workpiece, read for solving it again: photograph and coverage on a grid that is small
 * enough to be quick.
 *
 * @param frame the part, in pixels of the picture
 * @param photograph of the part, full size
 * @param linear linear light, on the grid
 * @param lab OKLab, on the grid
 * @param cover coverage 0..1, on the grid
 */
record Window(Rect frame, Picture photograph, ColorPlanes linear, ColorPlanes lab, float[] cover) {
  /** So many cells from the outline a cell's colour is one side's alone. */
  static final float CLEAR_OF_THE_EDGE = 2;

  /** Cells around a change in which the outline is solved again. */
  private static final int ZONE = 8;

  private static final int ZONE_FADES = 2;

  /** Edges of cells among which one is looked for that lies where a pixel's does. */
  private static final int MOST_EDGES = 12;

  private static final float CLEAR = 0.02f;
  private static final float SOLID = 0.98f;

  static Window read(Workpiece piece, Rect frame, int mostPixels) {
    Picture photograph = piece.original().crop(frame);
    Rect grid = AreaShrink.readingGrid(frame.width(), frame.height(), mostPixels);
    ColorPlanes linear = AreaShrink.toLinear(photograph, grid.width(), grid.height());
    byte[] covers = piece.copy(frame).coverage();
    return new Window(
        frame,
        photograph,
        linear,
        AreaShrink.toOkLab(linear),
        reduced(covers, frame.width(), frame.height(), grid.width(), grid.height()));
  }

  /**
   * The part of it in some of its cells.
   *
   * @param cells that begin and end where pixels do, see {@link #atPixels}
   */
  Window part(Rect cells) {
    int left = pixel(cells.x(), frame.width(), width());
    int top = pixel(cells.y(), frame.height(), height());
    Rect pixels =
        new Rect(
            left,
            top,
            pixel(cells.right(), frame.width(), width()) - left,
            pixel(cells.bottom(), frame.height(), height()) - top);
    return new Window(
        pixels.moved(frame.x(), frame.y()),
        photograph.crop(pixels),
        linear.crop(cells),
        lab.crop(cells),
        of(cells, cover));
  }

  /** Cells and some around them, so that they begin and end as nearly as may be where pixels do. */
  Rect atPixels(Rect cells, int around) {
    Rect wide = cells.grow(around).intersect(new Rect(0, 0, width(), height()));
    int left = edge(wide.x(), -1, frame.width(), width());
    int top = edge(wide.y(), -1, frame.height(), height());
    int right = edge(wide.right(), 1, frame.width(), width());
    int bottom = edge(wide.bottom(), 1, frame.height(), height());
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

  private static int pixel(int edge, int pixels, int cells) {
    return (int) Math.rint(edge * (double) pixels / cells);
  }

  /** Some cells of something on the grid. */
  float[] of(Rect cells, float[] values) {
    float[] out = new float[cells.width() * cells.height()];
    for (int y = 0; y < cells.height(); y++) {
      int from = (cells.y() + y) * width() + cells.x();
      System.arraycopy(values, from, out, y * cells.width(), cells.width());
    }
    return out;
  }

  /** Likewise. */
  boolean[] of(Rect cells, boolean[] set) {
    boolean[] out = new boolean[cells.width() * cells.height()];
    for (int y = 0; y < cells.height(); y++) {
      int from = (cells.y() + y) * width() + cells.x();
      System.arraycopy(set, from, out, y * cells.width(), cells.width());
    }
    return out;
  }

  /** A box with some of its surroundings, for a brush of a size. */
  static Rect around(Rect box, double sizePx, Surroundings surroundings) {
    double wanted = surroundings.share() * sizePx;
    return box.grow(
        (int) Math.max(surroundings.leastPx(), Math.min(surroundings.mostPx(), wanted)));
  }

  /**
   * How much around a stroke is looked at.
   *
   * @param share of the brush's size
   */
  record Surroundings(double share, int leastPx, int mostPx) {}

  /** How many cells are in a set. */
  static int count(float[] set) {
    int count = 0;
    for (float value : set) {
      count += value > 0 ? 1 : 0;
    }
    return count;
  }

  int width() {
    return linear.width();
  }

  int height() {
    return linear.height();
  }

  /**
   * A mask on the grid.
   *
   * @param box where the mask lies, in pixels of the picture
   * @param mask 0..255 for each of its pixels
   * @return mean share 0..1 of every cell
   */
  float[] reduced(Rect box, byte[] mask) {
    byte[] whole = new byte[frame.width() * frame.height()];
    Rect common = box.intersect(frame);
    for (int y = common.y(); y < common.bottom(); y++) {
      System.arraycopy(
          mask,
          (y - box.y()) * box.width() + common.x() - box.x(),
          whole,
          (y - frame.y()) * frame.width() + common.x() - frame.x(),
          common.width());
    }
    return reduced(whole, frame.width(), frame.height(), width(), height());
  }

  private static float[] reduced(byte[] mask, int w, int h, int gridWidth, int gridHeight) {
    float[] sum = new float[gridWidth * gridHeight];
    int[] count = new int[sum.length];
    for (int y = 0; y < h; y++) {
      int row = (int) ((long) y * gridHeight / h) * gridWidth;
      for (int x = 0; x < w; x++) {
        int cell = row + (int) ((long) x * gridWidth / w);
        sum[cell] += mask[y * w + x] & 0xFF;
        count[cell]++;
      }
    }
    for (int i = 0; i < sum.length; i++) {
      sum[i] /= 255f * Math.max(1, count[i]);
    }
    return sum;
  }

  /**
   * 1 for cells that lie wholly on one side and farther than {@code away} cells from anything else.
   *
   * @param apart cells that count for neither side, by their share; null = none
   */
  float[] sure(boolean solid, float away, float[] apart) {
    boolean[] not = new boolean[cover.length];
    for (int i = 0; i < not.length; i++) {
      not[i] = (solid ? cover[i] < SOLID : cover[i] > CLEAR) || apart != null && apart[i] > CLEAR;
    }
    return Distance.beyond(away, not, width(), height());
  }

  /**
   * Where the outline may move when a set of cells changes, fading at the rim.
   *
   * @return 0..1 of every cell
   */
  float[] around(boolean[] changed) {
    float[] set = new float[changed.length];
    for (int i = 0; i < set.length; i++) {
      set[i] = changed[i] ? 1 : 0;
    }
    float[] wide = Morphology.dilate(set, width(), height(), ZONE);
    return BoxBlur.blur(wide, width(), height(), ZONE_FADES);
  }

  /**
   * Shares of cells as a mask.
   *
   * @param share 0..1 of every cell
   * @return 0..255, full size, over the whole frame
   */
  byte[] enlarged(float[] share) {
    byte[] out = new byte[frame.width() * frame.height()];
    for (int y = 0; y < frame.height(); y++) {
      int row = (int) ((long) y * height() / frame.height()) * width();
      for (int x = 0; x < frame.width(); x++) {
        int cell = row + (int) ((long) x * width() / frame.width());
        out[y * frame.width() + x] = (byte) Math.round(255 * Math.min(1, share[cell]));
      }
    }
    return out;
  }

  /** The cells of which any share is in a set. */
  static boolean[] touched(float[] share) {
    boolean[] out = new boolean[share.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = share[i] > 0;
    }
    return out;
  }
}
