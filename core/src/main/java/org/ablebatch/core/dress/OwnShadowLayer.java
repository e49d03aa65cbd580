package org.ablebatch.core.dress;

/** A photograph's own shade, laid where the photograph lies. */
final class OwnShadowLayer implements Layer {
  private final OwnShade shade;
  private final Placement onGrid;
  private final float strength;

  /**
   * @param placement of the photograph in the frame
   * @param photographWidth pixels
   * @param strength percent
   */
  OwnShadowLayer(OwnShade shade, Placement placement, int photographWidth, double strength) {
    double cell = shade.light().width() / (double) photographWidth;
    this.shade = shade;
    this.onGrid = new Placement(placement.scale() / cell, placement.offsetX(), placement.offsetY());
    this.strength = (float) (strength / 100);
  }

  @Override
  public void paint(int y, float[] row) {
    int w = shade.light().width();
    int h = shade.light().height();
    double v = (y + 0.5 - onGrid.offsetY()) / onGrid.scale() - 0.5;
    if (v < -0.5 || v > h - 0.5) {
      return;
    }
    int top = (int) Math.max(0, Math.min(h - 2, Math.floor(v)));
    float down = (float) Math.max(0, Math.min(1, v - top));
    for (int x = 0; x < row.length / SubjectRows.CHANNELS; x++) {
      double u = (x + 0.5 - onGrid.offsetX()) / onGrid.scale() - 0.5;
      if (u < -0.5 || u > w - 0.5) {
        continue;
      }
      int left = (int) Math.max(0, Math.min(w - 2, Math.floor(u)));
      darken(row, x * SubjectRows.CHANNELS, top * w + left, (float) (u - left), down);
    }
  }

  /** Where the backdrop lets light through, what is missing is laid there as black. */
  private void darken(float[] row, int i, int cell, float across, float down) {
    int w = shade.light().width();
    float least = 1;
    float opaque = row[i + 3];
    for (int c = 0; c < 3; c++) {
      float[] light = shade.light().channel(c);
      float upper = light[cell] + across * (light[cell + 1] - light[cell]);
      float lower = light[cell + w] + across * (light[cell + w + 1] - light[cell + w]);
      float arrives = Math.max(0, 1 - strength * (1 - upper - down * (lower - upper)));
      row[i + c] *= arrives;
      least = Math.min(least, arrives);
    }
    row[i + 3] = opaque + (1 - opaque) * (1 - least);
  }
}
