package org.ablebatch.core.dress;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.PushPull;

/**
 * What of a picture lies in a frame, on a grid, blurred. What is see-through or outside of the
 * picture is filled from what is around it before it is blurred, so that nothing of it runs into
 * the rest.
 */
final class CoarseColours {
  /** A blurred picture has nothing finer than this. */
  private static final int LONG_SIDE = 512;

  private CoarseColours() {}

  /**
   * @param blur radius, percent of the frame's shorter side
   * @return linear light
   */
  static ColorPlanes of(Picture picture, Placement placement, Frame frame, double blur) {
    double cell = frame.cell(LONG_SIDE);
    Frame grid = frame.grid(LONG_SIDE);
    Placement onGrid =
        new Placement(
            placement.scale() * cell, placement.offsetX() * cell, placement.offsetY() * cell);
    int n = grid.width() * grid.height();
    float[][] colour = new float[3][n];
    float[] known = new float[n];
    SubjectRows rows = new SubjectRows(picture, onGrid, grid, false);
    for (int y = 0; y < grid.height(); y++) {
      float[] row = rows.row(y);
      for (int x = 0; row != null && x < grid.width(); x++) {
        float alpha = row[SubjectRows.CHANNELS * x + 3];
        // A trace of coverage says too little of a colour.
        if (alpha > 0.05f) {
          known[y * grid.width() + x] = Math.min(1, alpha);
          for (int c = 0; c < 3; c++) {
            colour[c][y * grid.width() + x] =
                Math.max(0, row[SubjectRows.CHANNELS * x + c] / alpha);
          }
        }
      }
    }
    double radius = grid.px(blur);
    PushPull spread = new PushPull(known, grid.width(), grid.height());
    float[][] soft = new float[3][];
    for (int c = 0; c < 3; c++) {
      float[] whole = spread.fill(colour[c]);
      soft[c] = SoftBlur.of(whole, grid.width(), grid.height(), radius);
    }
    return new ColorPlanes(grid.width(), grid.height(), soft[0], soft[1], soft[2]);
  }

  /** The photograph without its subject: see-through where the cutout covers. */
  static Picture without(Picture photograph, Picture cutout) {
    int[] argb = new int[photograph.argb().length];
    for (int i = 0; i < argb.length; i++) {
      int covered = cutout.argb()[i] >>> 24;
      // The edge has the subject's colours mixed in.
      argb[i] = covered > 12 ? 0 : 0xFF000000 | photograph.argb()[i];
    }
    return new Picture(photograph.width(), photograph.height(), argb);
  }
}
