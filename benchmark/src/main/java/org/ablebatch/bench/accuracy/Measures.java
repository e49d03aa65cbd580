package org.ablebatch.bench.accuracy;

import java.util.Collection;
import java.util.function.ToDoubleFunction;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Matte;

/**
 * How near a matte comes to the truth.
 *
 * @param matteError mean absolute difference of coverage, times 100
 * @param iou overlap of the parts of at least half coverage, 0..1
 * @param boundaryF boundary F-measure at two pixels, 0..1
 */
public record Measures(double matteError, double iou, double boundaryF) {
  private static final float TOLERANCE = 2;

  public static Measures of(Matte truth, Matte result) {
    int n = truth.coverage().length;
    boolean[] t = new boolean[n];
    boolean[] r = new boolean[n];
    long difference = 0;
    int both = 0;
    int either = 0;
    for (int i = 0; i < n; i++) {
      int a = truth.coverage()[i] & 0xFF;
      int b = result.coverage()[i] & 0xFF;
      difference += Math.abs(a - b);
      t[i] = a >= 128;
      r[i] = b >= 128;
      both += t[i] && r[i] ? 1 : 0;
      either += t[i] || r[i] ? 1 : 0;
    }
    return new Measures(
        difference / (2.55 * n),
        either == 0 ? 1 : both / (double) either,
        boundaryF(t, r, truth.width(), truth.height()));
  }

  static Measures mean(Collection<Measures> all) {
    return new Measures(
        mean(all, Measures::matteError), mean(all, Measures::iou), mean(all, Measures::boundaryF));
  }

  private static double mean(Collection<Measures> all, ToDoubleFunction<Measures> value) {
    return all.stream().mapToDouble(value).average().orElse(Double.NaN);
  }

  private static double boundaryF(boolean[] truth, boolean[] result, int width, int height) {
    boolean[] t = boundary(truth, width);
    boolean[] r = boundary(result, width);
    double precision = shareNear(r, t, width, height);
    double recall = shareNear(t, r, width, height);
    if (Double.isNaN(precision) && Double.isNaN(recall)) {
      return 1;
    }
    double sum = precision + recall;
    return Double.isNaN(sum) || sum == 0 ? 0 : 2 * precision * recall / sum;
  }

  /** Pixels that differ from their left or upper neighbour. */
  private static boolean[] boundary(boolean[] set, int width) {
    boolean[] out = new boolean[set.length];
    for (int i = 0; i < set.length; i++) {
      out[i] = i % width > 0 && set[i] != set[i - 1] || i >= width && set[i] != set[i - width];
    }
    return out;
  }

  /** Share of one boundary within the tolerance of the other; NaN when there is none. */
  private static double shareNear(boolean[] of, boolean[] to, int width, int height) {
    float[] distance = Distance.to(to, width, height);
    int near = 0;
    int all = 0;
    for (int i = 0; i < of.length; i++) {
      if (of[i]) {
        all++;
        near += distance[i] <= TOLERANCE ? 1 : 0;
      }
    }
    return all == 0 ? Double.NaN : near / (double) all;
  }
}
