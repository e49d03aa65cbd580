package org.ablebatch.core.judge;

import java.util.List;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.subject.EvidencePlane;
import org.ablebatch.core.subject.Weighed;

/**
 * Whether what lies behind goes on within the body that the guess sees: along its outline, colours
 * a little way in and a little way out rise and fall together where the body is glass, and have
 * nothing to do with each other where it is solid. Distances are in pixels of half the reading
 * size.
 *
 * @param near correlation of colours just within and just outside, -1..1
 * @param deep the same further within
 * @param behind the same of two places outside, as far from each other: what glass could come to
 * @param passed how much of a difference outside is found within: below 1 for glass
 * @param contrast decimal logarithm of the variance outside, lightness and colour as the evidence
 *     has them
 * @param share of the outline that has room for this on both sides, 0..1
 */
public record Continuation(
    double near, double deep, double behind, double passed, double contrast, double share) {
  /** Where nothing can be said. */
  private static final double UNKNOWN = -2;

  private static final float[] STEPS = {4, 8, -4, -12};
  private static final int NEAR = 0;
  private static final int DEEP = 1;
  private static final int OUTSIDE = 2;
  private static final int FAR = 3;

  /** A step has to arrive at least this share of it away from the outline. */
  private static final float ARRIVED = 0.6f;

  private static final int SMOOTHED = 2;
  private static final float STEEP = 0.5f;
  private static final int FEWEST = 30;
  private static final double NO_CONTRAST = 1e-7;
  private static final double NO_VARIANCE = 1e-6;
  private static final double NO_VARIANCES = 1e-10;

  /** From here on it is worth trying to see through the body. */
  private static final double WORTH_TRYING = 0.35;

  private static final double LEAST_PASSED = 0.15;

  private static final List<EvidencePlane> COLOURS =
      List.of(EvidencePlane.LIGHTNESS, EvidencePlane.GREEN_TO_RED, EvidencePlane.BLUE_TO_YELLOW);

  public static Continuation in(Weighed weighed) {
    float[] guess = weighed.evidence().get(EvidencePlane.CLOSER_PRIOR.ordinal()).values();
    boolean[] body = new boolean[guess.length];
    for (int i = 0; i < body.length; i++) {
      body[i] = guess[i] > 0;
    }
    List<Plane> colours =
        COLOURS.stream().map(plane -> weighed.evidence().get(plane.ordinal())).toList();
    return of(body, colours);
  }

  /**
   * @param colours of the same size, at least one
   */
  static Continuation of(boolean[] body, List<Plane> colours) {
    int width = colours.get(0).width();
    int height = colours.get(0).height();
    float[] depth = Distance.depth(body, width, height);
    float[] smooth = BoxBlur.blur(depth, width, height, SMOOTHED);
    Moments moments = new Moments(colours.stream().map(Continuation::calm).toList());
    int[] places = new int[STEPS.length];
    int outline = 0;
    for (int y = 1; y < height - 1; y++) {
      for (int x = 1; x < width - 1; x++) {
        int i = y * width + x;
        if (depth[i] > 0 && depth[i] < 1) {
          outline++;
          float across = smooth[i + 1] - smooth[i - 1];
          float down = smooth[i + width] - smooth[i - width];
          if (walk(x, y, across, down, depth, width, places)) {
            moments.add(places);
          }
        }
      }
    }
    return moments.say(outline);
  }

  private static float[] calm(Plane colour) {
    return BoxBlur.blur(colour.values(), colour.width(), colour.height(), 1);
  }

  /** From a pixel of the outline along its normal; false where there is no room. */
  private static boolean walk(
      int x, int y, float across, float down, float[] depth, int width, int[] places) {
    float steep = (float) Math.hypot(across, down);
    if (steep < STEEP) {
      return false;
    }
    for (int k = 0; k < STEPS.length; k++) {
      int u = Math.round(x + across / steep * STEPS[k]);
      int v = Math.round(y + down / steep * STEPS[k]);
      if (u < 0 || v < 0 || u >= width || v * width + u >= depth.length) {
        return false;
      }
      places[k] = v * width + u;
      float arrived = depth[places[k]] / STEPS[k];
      if (arrived < ARRIVED) {
        return false;
      }
    }
    return true;
  }

  public boolean speaksForGlass() {
    return deep > WORTH_TRYING && passed > LEAST_PASSED;
  }

  /** As the judge reads it. */
  public float[] facts() {
    return new float[] {
      (float) near, (float) deep, (float) behind, (float) passed, (float) contrast, (float) share
    };
  }

  /** Sums over the outline of colours at every step, and of their products. */
  private static final class Moments {
    private final List<float[]> colours;
    private final double[][] sums;
    private final double[][][] products;
    private int count;

    Moments(List<float[]> colours) {
      this.colours = colours;
      this.sums = new double[STEPS.length][colours.size()];
      this.products = new double[STEPS.length][STEPS.length][colours.size()];
    }

    void add(int[] places) {
      count++;
      for (int c = 0; c < colours.size(); c++) {
        float[] values = colours.get(c);
        for (int a = 0; a < STEPS.length; a++) {
          sums[a][c] += values[places[a]];
          for (int b = 0; b <= a; b++) {
            products[a][b][c] += (double) values[places[a]] * values[places[b]];
          }
        }
      }
    }

    Continuation say(int outline) {
      double share = count / (double) Math.max(1, outline);
      if (count < FEWEST) {
        return new Continuation(UNKNOWN, UNKNOWN, UNKNOWN, UNKNOWN, UNKNOWN, share);
      }
      return new Continuation(
          correlation(OUTSIDE, NEAR),
          correlation(OUTSIDE, DEEP),
          correlation(FAR, OUTSIDE),
          covariance(OUTSIDE, NEAR) / (covariance(OUTSIDE, OUTSIDE) + NO_VARIANCE),
          Math.log10(covariance(OUTSIDE, OUTSIDE) + NO_CONTRAST),
          share);
    }

    /** Over all colours, {@code a} not before {@code b}. */
    private double covariance(int a, int b) {
      double sum = 0;
      for (int c = 0; c < colours.size(); c++) {
        sum += products[a][b][c] / count - sums[a][c] / count * (sums[b][c] / count);
      }
      return sum;
    }

    private double correlation(int a, int b) {
      return covariance(a, b) / Math.sqrt(covariance(a, a) * covariance(b, b) + NO_VARIANCES);
    }
  }
}
