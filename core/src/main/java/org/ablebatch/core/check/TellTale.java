package org.ablebatch.core.check;

import java.util.Arrays;
import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.raster.Cutout;

/**
 * The flat colour on which what may be left over of the backdrop shows most: far, in OKLab, from
 * the colours along the cutout's edge. Of a small set of calm colours the one is taken whose
 * distance to the nearest fifth of the edge's colours is largest, so that hardly any of the edge
 * disappears in it.
 */
public final class TellTale {
  /** White, black, and ten hues at two lightnesses; 0xRRGGBB. */
  private static final int[] COLOURS = {
    0xFFFFFF, 0x101010, 0xC2452D, 0xE8A33D, 0xD9D64A, 0x4E9A3B, 0x2E8F8B, 0x3C78C8, 0x5A4BB0,
    0xB0459A, 0x6B1F12, 0x14532D, 0x12365E, 0xF4C6BC, 0xBFE3F2, 0xC9EFC0
  };

  private static final int FAINTEST = 8;
  private static final int MOST_SAMPLES = 4000;
  private static final double NEAREST_SHARE = 0.2;

  private TellTale() {}

  /**
   * @return 0xRRGGBB
   */
  public static int of(Cutout cutout) {
    float[][] edge = edgeColours(cutout);
    int best = COLOURS[0];
    double bestDistance = -1;
    for (int colour : COLOURS) {
      double distance = nearDistance(OkLab.ofDisplay(colour), edge);
      if (distance > bestDistance) {
        best = colour;
        bestDistance = distance;
      }
    }
    return best;
  }

  private static double nearDistance(float[] colour, float[][] edge) {
    if (edge.length == 0) {
      return 0;
    }
    double[] distances = new double[edge.length];
    for (int i = 0; i < edge.length; i++) {
      distances[i] =
          Math.hypot(
              Math.hypot(colour[0] - edge[i][0], colour[1] - edge[i][1]), colour[2] - edge[i][2]);
    }
    Arrays.sort(distances);
    int near = Math.max(1, (int) (NEAREST_SHARE * distances.length));
    return Arrays.stream(distances, 0, near).average().orElse(0);
  }

  /** Colours of pixels that are partly covered, or have a neighbour that is not covered. */
  private static float[][] edgeColours(Cutout cutout) {
    byte[] coverage = cutout.matte().coverage();
    int width = cutout.matte().width();
    int[] argb = cutout.colours().argb();
    int[] found = new int[coverage.length];
    int count = 0;
    for (int i = width; i < coverage.length - width; i++) {
      int a = coverage[i] & 0xFF;
      boolean partly = a >= FAINTEST && a < 255 - FAINTEST;
      boolean atTheRim =
          a >= 255 - FAINTEST
              && ((coverage[i - 1] & 0xFF) < FAINTEST
                  || (coverage[i + 1] & 0xFF) < FAINTEST
                  || (coverage[i - width] & 0xFF) < FAINTEST
                  || (coverage[i + width] & 0xFF) < FAINTEST);
      if (partly || atTheRim) {
        found[count++] = argb[i];
      }
    }
    int step = Math.max(1, count / MOST_SAMPLES);
    float[][] out = new float[(count + step - 1) / step][];
    for (int i = 0; i < out.length; i++) {
      out[i] = OkLab.ofDisplay(found[i * step]);
    }
    return out;
  }
}
