package org.ablebatch.core.dress;

import org.ablebatch.core.look.Outline;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.Plane;

/** A line along the contour, from a field of signed distances on a grid. */
final class OutlineLayer implements Layer {
  private static final int GRID = 1024;

  private final GridRows distance;
  private final float[] colour;
  private final float from;
  private final float to;
  private final float softness;
  private final float pixel;

  /** Positive outside, in cells; half a cell's coverage moves the contour by half a cell. */
  OutlineLayer(Scenery scenery, Outline outline) {
    Frame frame = scenery.frame();
    SubjectMask mask =
        SubjectMask.of(scenery.dressable().cutout(), scenery.standing(), frame, GRID);
    double width = mask.px(outline.width());
    this.distance = new GridRows(signed(mask.coverage(), outline.side(), width), frame);
    this.colour = Over.linear(outline.colour());
    boolean inside = outline.side() == Outline.Side.INSIDE;
    this.from = inside ? (float) -width : -1;
    this.to = inside ? 0 : (float) width;
    this.softness = (float) mask.px(outline.softness());
    this.pixel = mask.coverage().width() / (float) frame.width();
  }

  private static Plane signed(Plane coverage, Outline.Side side, double width) {
    boolean[] in = SignedDistance.inside(coverage);
    return SignedDistance.of(
        coverage,
        side == Outline.Side.RIM
            ? closed(in, coverage.width(), coverage.height(), (int) Math.round(width))
            : in);
  }

  private static boolean[] closed(boolean[] in, int w, int h, int radius) {
    boolean[] grown = Morphology.dilate(in, w, h, radius);
    for (int i = 0; i < grown.length; i++) {
      grown[i] = !grown[i];
    }
    boolean[] shrunk = Morphology.dilate(grown, w, h, radius);
    for (int i = 0; i < shrunk.length; i++) {
      shrunk[i] = !shrunk[i] || in[i];
    }
    return shrunk;
  }

  @Override
  public void paint(int y, float[] row) {
    float[] d = distance.row(y);
    for (int x = 0; x < d.length; x++) {
      float near = ramp(d[x] - from, pixel);
      float far = ramp(to - d[x] + softness / 2, Math.max(pixel, softness));
      float coverage = Math.min(near, far);
      if (coverage > 0) {
        Over.colour(row, x * SubjectRows.CHANNELS, colour, coverage);
      }
    }
  }

  /** 0 below, 1 above, over a way of that length around 0. */
  private static float ramp(float at, float length) {
    return Math.max(0, Math.min(1, at / length + 0.5f));
  }
}
