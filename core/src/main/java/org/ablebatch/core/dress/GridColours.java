package org.ablebatch.core.dress;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;

/** Colours on a coarse grid over the whole frame, opaque. */
final class GridColours implements Layer {
  private final GridRows[] rows = new GridRows[3];
  private final Light light;

  /**
   * @param linear linear light
   */
  GridColours(ColorPlanes linear, Frame frame, Light light) {
    for (int c = 0; c < 3; c++) {
      rows[c] = new GridRows(new Plane(linear.width(), linear.height(), linear.channel(c)), frame);
    }
    this.light = light;
  }

  @Override
  public void paint(int y, float[] row) {
    float[] r = rows[0].row(y);
    float[] g = rows[1].row(y);
    float[] b = rows[2].row(y);
    float[] pixel = new float[3];
    for (int x = 0; x < r.length; x++) {
      pixel[0] = r[x];
      pixel[1] = g[x];
      pixel[2] = b[x];
      light.change(pixel, 0, 1);
      Over.colour(row, x * SubjectRows.CHANNELS, pixel, 1);
    }
  }
}
