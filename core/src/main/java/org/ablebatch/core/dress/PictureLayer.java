package org.ablebatch.core.dress;

/** A picture as it lies in the frame, in its own light and more or less see-through. */
final class PictureLayer implements Layer {
  private final SubjectRows rows;
  private final Light light;
  private final float opacity;

  /**
   * @param opacity 0..1
   */
  PictureLayer(SubjectRows rows, Light light, double opacity) {
    this.rows = rows;
    this.light = light;
    this.opacity = (float) opacity;
  }

  @Override
  public void paint(int y, float[] row) {
    float[] picture = rows.row(y);
    if (picture == null) {
      return;
    }
    if (!light.changesNothing()) {
      for (int i = 0; i < picture.length; i += SubjectRows.CHANNELS) {
        light.change(picture, i, picture[i + 3]);
      }
    }
    Over.pixels(row, picture, rows.from(), rows.to(), opacity);
  }
}
