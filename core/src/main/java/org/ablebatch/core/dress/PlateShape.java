package org.ablebatch.core.dress;

import org.ablebatch.core.look.Lettering.Plate;

/** A rounded area behind a text. */
final class PlateShape implements Layer {
  private final double middleX;
  private final double middleY;
  private final double halfWidth;
  private final double halfHeight;
  private final double round;
  private final float[] colour;
  private final float opacity;

  /**
   * @param left of the text in the frame, pixels
   */
  PlateShape(Plate plate, Frame frame, int left, int top, SetText text) {
    double padding = frame.px(plate.padding());
    this.middleX = left + text.width() / 2.0;
    this.middleY = top + text.height() / 2.0;
    this.halfWidth = text.width() / 2.0 + padding;
    this.halfHeight = text.height() / 2.0 + padding;
    this.round = Math.min(frame.px(plate.round()), Math.min(halfWidth, halfHeight));
    this.colour = Over.linear(plate.colour());
    this.opacity = (float) (plate.opacity() / 100);
  }

  @Override
  public void paint(int y, float[] row) {
    int from = (int) Math.max(0, Math.floor(middleX - halfWidth - 1));
    int to = (int) Math.min(row.length / SubjectRows.CHANNELS, Math.ceil(middleX + halfWidth + 1));
    for (int x = from; x < to; x++) {
      double outside =
          RoundedBox.distance(x + 0.5 - middleX, y + 0.5 - middleY, halfWidth, halfHeight, round);
      float inside = (float) Math.max(0, Math.min(1, 0.5 - outside));
      if (inside > 0) {
        Over.colour(row, x * SubjectRows.CHANNELS, colour, inside * opacity);
      }
    }
  }
}
