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

  /** Share of the grid's longer side. */
  private static final double ROOM = 0.02;

  static SubjectMask of(Picture cutout, Standing standing, Frame frame) {
    return of(cutout, standing, frame, LONG_SIDE);
  }

  /**
   * @param longSide cells of the grid's longer side, at most
   */
  static SubjectMask of(Picture cutout, Standing standing, Frame frame, int longSide) {
    double cell = frame.cell(longSide);
    int w = frame.grid(longSide).width();
    int h = frame.grid(longSide).height();
    Placement p = standing.placement();
    Placement onGrid = new Placement(p.scale() * cell, p.offsetX() * cell, p.offsetY() * cell);
    float[] values = new float[w * h];
    // Faint coverage lies a little outside of what was measured.
    double room = ROOM * Math.max(w, h);
    int firstX = (int) Math.max(0, standing.left() * cell - room);
    int endX = (int) Math.min(w, Math.ceil(standing.right() * cell + room));
    int firstY = (int) Math.max(0, standing.top() * cell - room);
    int endY = (int) Math.min(h, Math.ceil(standing.foot() * cell + room));
    Sums sums =
        new Sums(
            cutout,
            (firstX - onGrid.offsetX()) / onGrid.scale(),
            (endX - onGrid.offsetX()) / onGrid.scale());
    for (int y = firstY; y < endY; y++) {
      double top = (y - onGrid.offsetY()) / onGrid.scale();
      double bottom = (y + 1 - onGrid.offsetY()) / onGrid.scale();
      sums.rows(top, bottom);
      for (int x = firstX; x < endX; x++) {
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
    private final int first;
    private final int end;
    private double height;

    /** Of the columns from one place to another. */
    Sums(Picture picture, double left, double right) {
      this.picture = picture;
      this.until = new double[picture.width() + 1];
      this.first = (int) Math.max(0, Math.min(picture.width(), Math.floor(left)));
      this.end = (int) Math.max(first, Math.min(picture.width(), Math.ceil(right)));
    }

    /** Rows that lie partly in the band count with their part. */
    void rows(double top, double bottom) {
      java.util.Arrays.fill(until, 0);
      height = bottom - top;
      int upper = (int) Math.max(0, Math.floor(top));
      int last = (int) Math.min(picture.height(), Math.ceil(bottom));
      for (int y = upper; y < last; y++) {
        double part = Math.min(bottom, y + 1) - Math.max(top, y);
        for (int x = this.first; x < end; x++) {
          int alpha = picture.argb()[y * picture.width() + x] >>> 24;
          if (alpha != 0) {
            until[x + 1] += part * alpha;
          }
        }
      }
      for (int x = this.first; x < picture.width(); x++) {
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
