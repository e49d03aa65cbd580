package org.ablebatch.core.finding;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.raster.BoxBlur;

/**
 * One place on the outline.
 *
 * @param x on the grid
 * @param y on the grid
 * @param apart distance of the subject's and the backdrop's colours there, OKLab
 * @param noise how far the backdrop varies there
 * @param backdropShare how far the cutout's own colour lies on the way from the subject's to the
 *     backdrop's, 0..1
 * @param displacement of the photograph's edge inwards, grid pixels; NaN where there is none
 */
record EdgeProbe(
    int x, int y, double apart, double noise, double backdropShare, double displacement) {
  private static final int REACH = 7;
  private static final int FROM = 4;
  private static final int LEAST_SEEN = 2;
  private static final double LEAST_APART = 0.11;
  private static final double STEP = 0.5;
  private static final float HALF = 0.5f;

  /** True where the two sides differ enough to say anything. */
  boolean tells() {
    return apart > LEAST_APART + 2 * noise;
  }

  boolean hasEdge() {
    return tells() && !Double.isNaN(displacement);
  }

  double backdropDeltaE() {
    return backdropShare * apart;
  }

  static List<EdgeProbe> along(Inspection seen) {
    int w = seen.width();
    int h = seen.height();
    float[] smooth = BoxBlur.blur(seen.cover(), w, h, 2);
    List<EdgeProbe> probes = new ArrayList<>();
    for (int y = REACH + 1; y < h - REACH - 1; y++) {
      for (int x = REACH + 1; x < w - REACH - 1; x++) {
        int i = y * w + x;
        boolean outline =
            seen.cover()[i] >= HALF
                && (seen.cover()[i - 1] < HALF
                    || seen.cover()[i + 1] < HALF
                    || seen.cover()[i - w] < HALF
                    || seen.cover()[i + w] < HALF);
        if (outline) {
          double gx = smooth[i + 1] - smooth[i - 1];
          double gy = smooth[i + w] - smooth[i - w];
          double length = Math.hypot(gx, gy);
          if (length > 1e-4) {
            EdgeProbe probe = at(seen, x, y, gx / length, gy / length);
            if (probe != null) {
              probes.add(probe);
            }
          }
        }
      }
    }
    return probes;
  }

  /**
   * @param nx inwards, unit length
   * @return null where one of the two sides is nowhere seen alone, as among strands
   */
  private static EdgeProbe at(Inspection seen, int x, int y, double nx, double ny) {
    int i = y * seen.width() + x;
    float[] front = side(seen, x, y, nx, ny, true);
    float[] back = side(seen, x, y, -nx, -ny, false);
    if (front == null || back == null) {
      return null;
    }
    Way way = new Way(front, back);
    float[] own = new float[3];
    OkLab.of(seen.clean().c0()[i], seen.clean().c1()[i], seen.clean().c2()[i], own);
    return new EdgeProbe(
        x,
        y,
        way.length(),
        seen.spread()[i],
        way.isNear(own) ? Math.max(0, Math.min(1, way.along(own))) : 0,
        shift(seen, way, x, y, nx, ny));
  }

  /** The mean colour of what lies a little away on one side and wholly belongs to it. */
  private static float[] side(Inspection seen, int x, int y, double dx, double dy, boolean solid) {
    float[] sum = new float[3];
    int n = 0;
    for (int d = FROM; d <= REACH; d++) {
      int j = (int) Math.round(y + d * dy) * seen.width() + (int) Math.round(x + d * dx);
      if (solid ? seen.cover()[j] > 0.97f : seen.cover()[j] < 0.03f) {
        for (int c = 0; c < 3; c++) {
          sum[c] += seen.lab().channel(c)[j];
        }
        n++;
      }
    }
    if (n < LEAST_SEEN) {
      return null;
    }
    for (int c = 0; c < 3; c++) {
      sum[c] /= n;
    }
    return sum;
  }

  /** The way from the subject's colour to the backdrop's. */
  private record Way(float[] front, float[] back) {
    private static final double MOST_BESIDE = 0.35;

    double length() {
      return Math.sqrt(square());
    }

    private double square() {
      double sum = 0;
      for (int c = 0; c < 3; c++) {
        sum += (back[c] - front[c]) * (back[c] - front[c]);
      }
      return sum;
    }

    /** 0 = the subject's colour, 1 = the backdrop's. */
    double along(float[] colour) {
      double dot = 0;
      for (int c = 0; c < 3; c++) {
        dot += (back[c] - front[c]) * (colour[c] - front[c]);
      }
      return square() < 1e-9 ? 0 : dot / square();
    }

    /** False for a colour that is neither of the two nor between them. */
    boolean isNear(float[] colour) {
      double at = along(colour);
      double beside = 0;
      for (int c = 0; c < 3; c++) {
        double off = colour[c] - front[c] - at * (back[c] - front[c]);
        beside += off * off;
      }
      return Math.sqrt(beside) < MOST_BESIDE * length() && at < 1.4;
    }
  }

  /** Where, along the normal, the photograph passes half way from backdrop to subject. */
  private static double shift(Inspection seen, Way way, int x, int y, double nx, double ny) {
    int w = seen.width();
    double best = Double.NaN;
    double before = Double.NaN;
    float[] colour = new float[3];
    for (double d = -REACH; d <= REACH; d += STEP) {
      int j = (int) Math.round(y + d * ny) * w + (int) Math.round(x + d * nx);
      for (int c = 0; c < 3; c++) {
        colour[c] = seen.lab().channel(c)[j];
      }
      double here = way.along(colour);
      boolean crosses = before > HALF && here <= HALF;
      double at = d - STEP / 2 + 0.5;
      if (crosses && (Double.isNaN(best) || Math.abs(at) < Math.abs(best))) {
        best = at;
      }
      before = here;
    }
    return best;
  }
}
