package org.ablebatch.core.dress;

import org.ablebatch.core.raster.Picture;

/** A picture again and again, from the frame's upper left corner. */
final class TileLayer implements Layer {
  private final float[] tile;
  private final int width;
  private final int height;
  private final Light light;

  /**
   * @param side width of one tile in pixels
   */
  TileLayer(Picture picture, Frame frame, double side, Light light) {
    this.width = (int) Math.max(1, Math.round(Math.min(side, 4.0 * frame.width())));
    double scale = width / (double) picture.width();
    this.height = (int) Math.max(1, Math.round(picture.height() * scale));
    this.light = light;
    Frame one = new Frame(width, height);
    SubjectRows rows = new SubjectRows(picture, new Placement(scale, 0, 0), one, false);
    this.tile = new float[Math.multiplyExact(width * SubjectRows.CHANNELS, height)];
    for (int y = 0; y < height; y++) {
      float[] row = rows.row(y);
      if (row != null) {
        System.arraycopy(row, 0, tile, y * row.length, row.length);
      }
    }
    for (int i = 0; i < tile.length && !light.changesNothing(); i += SubjectRows.CHANNELS) {
      light.change(tile, i, tile[i + 3]);
    }
  }

  @Override
  public void paint(int y, float[] row) {
    int start = y % height * width * SubjectRows.CHANNELS;
    float[] line = new float[row.length];
    int length = width * SubjectRows.CHANNELS;
    for (int i = 0; i < row.length; i += length) {
      System.arraycopy(tile, start, line, i, Math.min(length, row.length - i));
    }
    Over.pixels(row, line, 1);
  }
}
