package org.ablebatch.core.dress;

import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;

/**
 * The subject's coverage on a coarse grid over the frame, from which shadows are made: they are
 * soft, and on a grid of one size they look the same in every frame and cost the same.
 *
 * @param coverage 0..1
 * @param standing in cells of the grid
 */
record SubjectMask(Plane coverage, Standing standing) {
  private static final int LONG_SIDE = 640;

  static SubjectMask of(Picture cutout, Standing standing, Frame frame) {
    return of(cutout, standing, frame, LONG_SIDE);
  }

  /**
   * @param longSide cells of the grid's longer side
   */
  static SubjectMask of(Picture cutout, Standing standing, Frame frame, int longSide) {
    double cell = longSide / (double) Math.max(frame.width(), frame.height());
    int w = (int) Math.max(2, Math.round(frame.width() * cell));
    int h = (int) Math.max(2, Math.round(frame.height() * cell));
    Placement p = standing.placement();
    Placement onGrid = new Placement(p.scale() * cell, p.offsetX() * cell, p.offsetY() * cell);
    float[] values = new float[w * h];
    Sums sums = new Sums(cutout);
    for (int y = 0; y < h; y++) {
      double top = (y - onGrid.offsetY()) / onGrid.scale();
      double bottom = (y + 1 - onGrid.offsetY()) / onGrid.scale();
      sums.rows(top, bottom);
      for (int x = 0; x < w; x++) {
        double left = (x - onGrid.offsetX()) / onGrid.scale();
        double right = (x + 1 - onGrid.offsetX()) / onGrid.scale();
        values[y * w + x] = sums.mean(left, right);
      }
    }
    Standing inCells =
        new Standing(
            onGrid,
            standing.left() * cell,
            standing.top() * cell,
            standing.right() * cell,
            standing.foot() * cell);
    return new SubjectMask(new Plane(w, h, values), inCells);
  }

  /** The length of one percent of the frame's shorter side, in cells. */
  double px(double percent) {
    return percent / 100 * Math.min(coverage.width(), coverage.height());
  }

  /** Running sums of a band of rows, so that a cell's mean is two reads. */
  private static final class Sums {
    private final Picture picture;
    private final double[] until;
    private double height;

    Sums(Picture picture) {
      this.picture = picture;
      this.until = new double[picture.width() + 1];
    }

    /** Rows that lie partly in the band count with their part. */
    void rows(double top, double bottom) {
      java.util.Arrays.fill(until, 0);
      height = bottom - top;
      int first = (int) Math.max(0, Math.floor(top));
      int last = (int) Math.min(picture.height(), Math.ceil(bottom));
      for (int y = first; y < last; y++) {
        double part = Math.min(bottom, y + 1) - Math.max(top, y);
        for (int x = 0; x < picture.width(); x++) {
          until[x + 1] += part * (picture.argb()[y * picture.width() + x] >>> 24);
        }
      }
      for (int x = 0; x < picture.width(); x++) {
        until[x + 1] += until[x];
      }
    }

    float mean(double left, double right) {
      return (float) ((at(right) - at(left)) / ((right - left) * height * 255));
    }

    private double at(double x) {
      double inside = Math.max(0, Math.min(picture.width(), x));
      int whole = (int) Math.min(inside, picture.width() - 1);
      return until[whole] + (inside - whole) * (until[whole + 1] - until[whole]);
    }
  }
}
