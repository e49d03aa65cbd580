package org.ablebatch.core.dress;

import org.ablebatch.core.look.Outline;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.Plane;

/**
 * A line along the contour, from a field of signed distances on a grid: such a field is smooth, so
 * that the line is crisp in a frame that is finer than the grid.
 */
final class OutlineLayer implements Layer {
  private static final int GRID = 1024;
  private static final float COVERED = 0.5f;

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
    int w = coverage.width();
    int h = coverage.height();
    boolean[] in = new boolean[w * h];
    for (int i = 0; i < in.length; i++) {
      in[i] = coverage.values()[i] >= COVERED;
    }
    if (side == Outline.Side.RIM) {
      in = closed(in, w, h, (int) Math.round(width));
    }
    boolean[] out = new boolean[in.length];
    for (int i = 0; i < in.length; i++) {
      out[i] = !in[i];
    }
    float[] toIn = Distance.to(in, w, h);
    float[] toOut = Distance.to(out, w, h);
    float[] signed = new float[in.length];
    for (int i = 0; i < signed.length; i++) {
      float c = coverage.values()[i];
      boolean rim = c > 0 && c < 1;
      signed[i] = in[i] ? COVERED - toOut[i] : toIn[i] - COVERED;
      // Where the contour goes through a cell, its coverage says where.
      if (rim && Math.abs(signed[i]) <= COVERED) {
        signed[i] = COVERED - c;
      }
    }
    return new Plane(w, h, signed);
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
