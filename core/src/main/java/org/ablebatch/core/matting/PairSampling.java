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

  private static final float PER_SQUARED_NOISE = 1 / (NOISE * NOISE);

  /** Pairs of nearly one colour explain little: their price in noises. */
  private static final float CLOSE_PAIR = 0.002f;

  /** Squared distance below which a pair costs no more. */
  private static final float CLOSEST = 1e-4f;

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
    Pairs pairs = new Pairs(linear, subjects, backdrops);
    for (int top = 0; top < height; top += NearSamples.CELL) {
      pulse.beat();
      for (int left = 0; left < width; left += NearSamples.CELL) {
        result.fill(new Cell(left, top, width, height), zone, pairs);
      }
    }
    return result;
  }

  /** A cell of the samples' grid; all of its pixels have the same samples. */
  private record Cell(int left, int top, int width, int height) {
    int right() {
      return Math.min(width, left + NearSamples.CELL);
    }

    int bottom() {
      return Math.min(height, top + NearSamples.CELL);
    }
  }

  private void fill(Cell cell, boolean[] zone, Pairs pairs) {
    boolean isStanding = false;
    for (int y = cell.top; y < cell.bottom(); y++) {
      for (int i = y * cell.width + cell.left; i < y * cell.width + cell.right(); i++) {
        if (zone[i]) {
          if (!isStanding) {
            pairs.stand(cell);
            isStanding = true;
          }
          pairs.explain(i);
          coverage[i] = pairs.coverage;
          trust[i] = pairs.trust;
        }
      }
    }
  }

  /** All pairs of a cell's samples, and what the best of them say of a pixel. */
  private static final class Pairs {
    private final ColorPlanes linear;
    private final NearSamples subjectSide;
    private final NearSamples backdropSide;
    private final int[] subject = new int[MOST_SAMPLES];
    private final int[] backdrop = new int[MOST_SAMPLES];
    private int subjects;
    private int backdrops;

    /** Of every pair, {@code subject * backdrops + backdrop}: the way to the subject's colour. */
    private final float[][] way = new float[3][MOST_SAMPLES * MOST_SAMPLES];

    private final float[] apart = new float[MOST_SAMPLES * MOST_SAMPLES];
    private final float[] perApart = new float[MOST_SAMPLES * MOST_SAMPLES];

    /** What a pair costs before anything is explained with it. */
    private final float[] price = new float[MOST_SAMPLES * MOST_SAMPLES];

    /** Of every backdrop sample, how the pixel lies from it. */
    private final float[][] from = new float[3][MOST_SAMPLES];

    private final float[] length = new float[MOST_SAMPLES];
    private final float[] bestCost = new float[BEST];
    private final float[] bestCoverage = new float[BEST];
    private int kept;
    private float coverage;
    private float trust;

    Pairs(ColorPlanes linear, NearSamples subjectSide, NearSamples backdropSide) {
      this.linear = linear;
      this.subjectSide = subjectSide;
      this.backdropSide = backdropSide;
    }

    /** Takes the samples of a cell. */
    void stand(Cell cell) {
      subjects = subjectSide.nearest(cell.left, cell.top, MOST_RINGS, ENOUGH, subject);
      backdrops = backdropSide.nearest(cell.left, cell.top, MOST_RINGS, ENOUGH, backdrop);
      for (int s = 0; s < subjects; s++) {
        for (int b = 0; b < backdrops; b++) {
          int pair = s * backdrops + b;
          float squares = 0;
          for (int c = 0; c < 3; c++) {
            float[] values = linear.channel(c);
            float d = values[subject[s]] - values[backdrop[b]];
            way[c][pair] = d;
            squares += d * d;
          }
          apart[pair] = squares;
          perApart[pair] = 1 / Math.max(1e-7f, squares);
          price[pair] = CLOSE_PAIR * Math.min(perApart[pair], 1 / CLOSEST);
        }
      }
    }

    void explain(int pixel) {
      kept = 0;
      for (int b = 0; b < backdrops; b++) {
        float squares = 0;
        for (int c = 0; c < 3; c++) {
          float[] values = linear.channel(c);
          float p = values[pixel] - values[backdrop[b]];
          from[c][b] = p;
          squares += p * p;
        }
        length[b] = squares;
      }
      for (int s = 0; s < subjects; s++) {
        weigh(s * backdrops);
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
    private void weigh(int firstPair) {
      float[] way0 = way[0];
      float[] way1 = way[1];
      float[] way2 = way[2];
      float[] from0 = from[0];
      float[] from1 = from[1];
      float[] from2 = from[2];
      for (int b = 0; b < backdrops; b++) {
        int pair = firstPair + b;
        float along = way0[pair] * from0[b] + way1[pair] * from1[b] + way2[pair] * from2[b];
        float alpha = Math.max(0, Math.min(1, along * perApart[pair]));
        float off = Math.max(0, length[b] - 2 * alpha * along + alpha * alpha * apart[pair]);
        keep(off * PER_SQUARED_NOISE + price[pair], alpha);
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
