package org.ablebatch.core.dress;

import org.ablebatch.core.look.Mask;
import org.ablebatch.core.look.PathData;
import org.ablebatch.core.raster.Plane;

/** Leaves a shape of everything below, and draws a line along its edge. */
final class MaskLayer implements Layer {
  private final Edge edge;
  private final double line;
  private final float[] colour;

  /** How far pixels are outside a shape. */
  private interface Edge {
    /** Of every pixel of a row, in pixels; negative inside. */
    float[] row(int y);
  }

  MaskLayer(Mask mask, Frame frame) {
    this.edge = mask.shape() == Mask.Shape.PATH ? path(mask, frame) : rounded(mask, frame);
    this.line = frame.px(mask.line());
    this.colour = Over.linear(mask.colour());
  }

  private static Edge rounded(Mask mask, Frame frame) {
    double inset = frame.px(mask.inset());
    boolean circle = mask.shape() == Mask.Shape.CIRCLE;
    double radius = Math.min(frame.width(), frame.height()) / 2.0 - inset;
    double middleX = frame.width() / 2.0;
    double middleY = frame.height() / 2.0;
    double halfWidth = circle ? radius : middleX - inset;
    double halfHeight = circle ? radius : middleY - inset;
    double round =
        circle ? radius : Math.min(frame.px(mask.round()), Math.min(halfWidth, halfHeight));
    float[] outside = new float[frame.width()];
    return y -> {
      for (int x = 0; x < outside.length; x++) {
        outside[x] =
            (float)
                RoundedBox.distance(
                    x + 0.5 - middleX, y + 0.5 - middleY, halfWidth, halfHeight, round);
      }
      return outside;
    };
  }

  private static Edge path(Mask mask, Frame frame) {
    Plane coverage = PathShape.coverage(PathData.parse(mask.path()), frame, mask.inset());
    Plane signed = SignedDistance.of(coverage, SignedDistance.inside(coverage));
    float pixelsPerCell = frame.width() / (float) signed.width();
    GridRows rows = new GridRows(signed, frame);
    return y -> {
      float[] cells = rows.row(y);
      float[] outside = new float[cells.length];
      for (int x = 0; x < cells.length; x++) {
        outside[x] = cells[x] * pixelsPerCell;
      }
      return outside;
    };
  }

  @Override
  public void paint(int y, float[] row) {
    float[] outside = edge.row(y);
    for (int x = 0; x < outside.length; x++) {
      int i = x * SubjectRows.CHANNELS;
      float inside = clip(0.5 - outside[x]);
      if (line > 0 && inside > 0) {
        Over.colour(row, i, colour, clip(outside[x] + line + 0.5));
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
