package org.ablebatch.core.trimap;

import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;

/**
 * How wide the outline's own edge is in the picture: one or two pixels where it is in focus, many
 * where it is not. Across the outline the colours on the two sides move apart until the edge is
 * over; the step at which they stop is half the edge's width.
 */
final class EdgeBlur {
  private static final int MOST_STEPS = 14;

  /** Colours that grow less than this in two steps have stopped moving apart. */
  private static final float STILL_GROWING = 1.25f;

  private static final float LEAST_CONTRAST = 0.03f;

  /** Share of the difference one pixel away from an edge in focus. */
  private static final float IN_FOCUS = 0.45f;

  /** The found outline may lie this far beside the edge. */
  private static final int OFF_BY = 3;

  private static final float TWO_SIGMA = 2f;
  private static final float IN_ONE_SIGMA = 0.8f;
  private static final int SMOOTH_RADIUS = 9;

  private EdgeBlur() {}

  /**
   * @param lab OKLab
   * @param depth signed distance to the outline, positive inside
   * @return half the edge's width around every place near the outline, pixels; 1 where nothing is
   *     known
   */
  static float[] halfWidth(ColorPlanes lab, float[] depth) {
    int w = lab.width();
    int h = lab.height();
    float[] sum = new float[depth.length];
    float[] count = new float[depth.length];
    for (int y = 1; y < h - 1; y++) {
      for (int x = 1; x < w - 1; x++) {
        int i = y * w + x;
        if (Math.abs(depth[i]) < 1) {
          sum[i] = width(lab, depth, x, y);
          count[i] = sum[i] > 0 ? 1 : 0;
        }
      }
    }
    sum = BoxBlur.blur(sum, w, h, SMOOTH_RADIUS);
    count = BoxBlur.blur(count, w, h, SMOOTH_RADIUS);
    for (int i = 0; i < sum.length; i++) {
      sum[i] = count[i] > 1e-6f ? Math.max(1, sum[i] / count[i]) : 1;
    }
    return sum;
  }

  /** Half the edge's width, pixels; 0 = no edge to be seen here. */
  private static float width(ColorPlanes lab, float[] depth, int x, int y) {
    int w = lab.width();
    int i = y * w + x;
    float nx = depth[i + 1] - depth[i - 1];
    float ny = depth[i + w] - depth[i - w];
    float length = (float) Math.hypot(nx, ny);
    if (length < 1e-3f) {
      return 0;
    }
    nx /= length;
    ny /= length;
    float whole = contrast(lab, x, y, nx, ny, 1);
    float close = whole;
    for (int off = -OFF_BY; off <= OFF_BY; off++) {
      close = Math.max(close, contrast(lab, x + nx * off, y + ny * off, nx, ny, 1));
    }
    for (int k = 2; k <= MOST_STEPS; k += 2) {
      float after = contrast(lab, x, y, nx, ny, k + 1);
      if (after < STILL_GROWING * whole) {
        break;
      }
      whole = after;
    }
    if (whole < LEAST_CONTRAST) {
      return 0;
    }
    float share = close / whole;
    return share > IN_FOCUS ? 1 : Math.min(MOST_STEPS, TWO_SIGMA * IN_ONE_SIGMA / share);
  }

  private static float contrast(ColorPlanes lab, float x, float y, float nx, float ny, int k) {
    int inside = at(lab, x + nx * k, y + ny * k);
    int outside = at(lab, x - nx * k, y - ny * k);
    float sum = 0;
    for (int c = 0; c < 3; c++) {
      float d = lab.channel(c)[inside] - lab.channel(c)[outside];
      sum += d * d;
    }
    return (float) Math.sqrt(sum);
  }

  private static int at(ColorPlanes lab, float x, float y) {
    int u = Math.max(0, Math.min(lab.width() - 1, Math.round(x)));
    int v = Math.max(0, Math.min(lab.height() - 1, Math.round(y)));
    return v * lab.width() + u;
  }
}
