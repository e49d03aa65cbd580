package org.ablebatch.core.matting;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.trimap.Trimap;
import org.ablebatch.core.work.Pulse;

/**
 * Coverage from the best of several pairs of a subject and a backdrop colour seen near the pixel: a
 * pair is good when the pixel lies close to the line between the two (Wang &amp; Cohen, Optimized
 * Color Sampling for Robust Matting, 2007). Where subject or backdrop has more than one colour, one
 * mean colour of each cannot explain what lies between.
 *
 * @param coverage 0..1 in the zone, else 0
 * @param trust 0..1, how well the best pairs explain the pixel
 */
record PairSampling(float[] coverage, float[] trust) {
  private static final int ENOUGH = 8;

  /** A ring may bring more than was wanted. */
  private static final int MOST_SAMPLES = ENOUGH + 4;

  private static final int MOST_RINGS = 12;
  private static final int BEST = 5;

  /** Distance from the line that is still noise, linear light. */
  private static final float NOISE = 0.01f;

  /** Pairs of nearly one colour explain little: their price in noises. */
  private static final float CLOSE_PAIR = 0.002f;

  private static final float TRUST_FALLS = 0.3f;

  static PairSampling in(boolean[] zone, ColorPlanes linear, Trimap trimap, Pulse pulse) {
    int width = linear.width();
    int height = linear.height();
    boolean[] subject = new boolean[zone.length];
    boolean[] backdrop = new boolean[zone.length];
    LocalColours.sides(trimap, subject, backdrop);
    NearSamples subjects = NearSamples.around(zone, subject, width, height);
    NearSamples backdrops = NearSamples.around(zone, backdrop, width, height);
    PairSampling result = new PairSampling(new float[zone.length], new float[zone.length]);
    Pairs pairs = new Pairs(linear);
    for (int y = 0; y < height; y++) {
      pulse.beat();
      for (int x = 0; x < width; x++) {
        int i = y * width + x;
        if (zone[i]) {
          pairs.subjects = subjects.nearest(x, y, MOST_RINGS, ENOUGH, pairs.subject);
          pairs.backdrops = backdrops.nearest(x, y, MOST_RINGS, ENOUGH, pairs.backdrop);
          pairs.explain(i);
          result.coverage[i] = pairs.coverage;
          result.trust[i] = pairs.trust;
        }
      }
    }
    return result;
  }

  /** All pairs of a pixel's samples, and what the best of them say. */
  private static final class Pairs {
    private final ColorPlanes linear;
    private final int[] subject = new int[MOST_SAMPLES];
    private final int[] backdrop = new int[MOST_SAMPLES];

    /** Of every backdrop sample its three channels, and how the pixel lies from it. */
    private final float[][] back = new float[3][MOST_SAMPLES];

    private final float[][] from = new float[3][MOST_SAMPLES];
    private final float[] bestCost = new float[BEST];
    private final float[] bestCoverage = new float[BEST];
    private int subjects;
    private int backdrops;
    private int kept;
    private float coverage;
    private float trust;

    Pairs(ColorPlanes linear) {
      this.linear = linear;
    }

    void explain(int pixel) {
      kept = 0;
      for (int c = 0; c < 3; c++) {
        float[] values = linear.channel(c);
        for (int b = 0; b < backdrops; b++) {
          back[c][b] = values[backdrop[b]];
          from[c][b] = values[pixel] - back[c][b];
        }
      }
      for (int s = 0; s < subjects; s++) {
        int front = subject[s];
        weigh(linear.c0()[front], linear.c1()[front], linear.c2()[front]);
      }
      float sum = 0;
      float weights = 0;
      float costs = 0;
      for (int k = 0; k < kept; k++) {
        float weight = (float) Math.exp(bestCost[0] - bestCost[k]);
        sum += weight * bestCoverage[k];
        weights += weight;
        costs += bestCost[k];
      }
      coverage = kept == 0 ? 0 : sum / weights;
      trust = kept == 0 ? 0 : (float) Math.exp(-TRUST_FALLS * costs / kept);
    }

    /** One subject colour with every backdrop sample. */
    private void weigh(float front0, float front1, float front2) {
      for (int b = 0; b < backdrops; b++) {
        float d0 = front0 - back[0][b];
        float d1 = front1 - back[1][b];
        float d2 = front2 - back[2][b];
        float p0 = from[0][b];
        float p1 = from[1][b];
        float p2 = from[2][b];
        float apart = d0 * d0 + d1 * d1 + d2 * d2;
        float along = d0 * p0 + d1 * p1 + d2 * p2;
        float length = p0 * p0 + p1 * p1 + p2 * p2;
        float alpha = Math.max(0, Math.min(1, along / Math.max(1e-7f, apart)));
        float off = Math.max(0, length - 2 * alpha * along + alpha * alpha * apart);
        keep(off / (NOISE * NOISE) + CLOSE_PAIR / Math.max(1e-4f, apart), alpha);
      }
    }

    private void keep(float cost, float alpha) {
      if (kept == BEST && cost >= bestCost[BEST - 1]) {
        return;
      }
      int at = kept < BEST ? kept++ : BEST - 1;
      while (at > 0 && bestCost[at - 1] > cost) {
        bestCost[at] = bestCost[at - 1];
        bestCoverage[at] = bestCoverage[at - 1];
        at--;
      }
      bestCost[at] = cost;
      bestCoverage[at] = alpha;
    }
  }
}
