package org.ablebatch.core.dress;

import org.ablebatch.core.look.Colour;
import org.ablebatch.core.raster.Plane;

/** Darkens with one colour, as strongly as a coarse plane says. */
final class ShadowLayer implements Layer {
  private final GridRows rows;
  private final float[] colour;
  private final float strength;

  /**
   * @param shade 0..1 over the whole frame
   * @param strength percent
   */
  ShadowLayer(Plane shade, Colour colour, double strength, Frame frame) {
    this.rows = new GridRows(shade, frame);
    this.colour = Over.linear(colour);
    this.strength = (float) (strength / 100);
  }

  @Override
  public void paint(int y, float[] row) {
    float[] shade = rows.row(y);
    for (int x = rows.from(); x < rows.to(); x++) {
      float coverage = Math.min(1, shade[x] * strength);
      if (coverage > 0) {
        Over.colour(row, x * SubjectRows.CHANNELS, colour, coverage);
      }
    }
  }
}
