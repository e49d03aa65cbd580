package org.ablebatch.core.dress;

import org.ablebatch.core.look.Mask;

/** Leaves a circle or a rounded frame of everything below, and draws a line along its edge. */
final class MaskLayer implements Layer {
  private final double middleX;
  private final double middleY;
  private final double halfWidth;
  private final double halfHeight;
  private final double round;
  private final double line;
  private final float[] colour;

  MaskLayer(Mask mask, Frame frame) {
    double inset = frame.px(mask.inset());
    boolean circle = mask.shape() == Mask.Shape.CIRCLE;
    double radius = Math.min(frame.width(), frame.height()) / 2.0 - inset;
    this.middleX = frame.width() / 2.0;
    this.middleY = frame.height() / 2.0;
    this.halfWidth = circle ? radius : frame.width() / 2.0 - inset;
    this.halfHeight = circle ? radius : frame.height() / 2.0 - inset;
    this.round =
        circle ? radius : Math.min(frame.px(mask.round()), Math.min(halfWidth, halfHeight));
    this.line = frame.px(mask.line());
    this.colour = Over.linear(mask.colour());
  }

  @Override
  public void paint(int y, float[] row) {
    for (int x = 0; x < row.length / SubjectRows.CHANNELS; x++) {
      double outside =
          RoundedBox.distance(x + 0.5 - middleX, y + 0.5 - middleY, halfWidth, halfHeight, round);
      int i = x * SubjectRows.CHANNELS;
      float inside = clip(0.5 - outside);
      if (line > 0 && inside > 0) {
        Over.colour(row, i, colour, clip(outside + line + 0.5));
      }
      if (inside < 1) {
        for (int c = 0; c < SubjectRows.CHANNELS; c++) {
          row[i + c] *= inside;
        }
      }
    }
  }

  private static float clip(double v) {
    return (float) Math.max(0, Math.min(1, v));
  }
}
