package org.ablebatch.core.dress;

import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Plane;

/**
 * How far every cell is from a contour: positive outside, in cells. Such a field is smooth, so that
 * an edge drawn from it is crisp in a frame that is finer than the grid.
 */
final class SignedDistance {
  static final float COVERED = 0.5f;

  private SignedDistance() {}

  static boolean[] inside(Plane coverage) {
    boolean[] in = new boolean[coverage.values().length];
    for (int i = 0; i < in.length; i++) {
      in[i] = coverage.values()[i] >= COVERED;
    }
    return in;
  }

  /**
   * @param coverage 0..1; where the contour goes through a cell, its coverage says where
   * @param in which cells count as inside
   */
  static Plane of(Plane coverage, boolean[] in) {
    int w = coverage.width();
    int h = coverage.height();
    float[] depth = Distance.depth(in, w, h);
    float[] signed = new float[in.length];
    for (int i = 0; i < signed.length; i++) {
      float c = coverage.values()[i];
      boolean rim = c > 0 && c < 1;
      signed[i] = -depth[i];
      if (rim && Math.abs(signed[i]) <= COVERED) {
        signed[i] = COVERED - c;
      }
    }
    return new Plane(w, h, signed);
  }
}
