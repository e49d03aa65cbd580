package org.ablebatch.core.prior;

import java.util.Optional;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.raster.Rect;

/**
 * Guesses once more on the part of the picture where the first guess saw something, so that a small
 * subject fills the network's square too.
 */
public final class CloserLook {
  private static final float SEEN = 0.5f;

  /** Of the guess's weight, so much may lie outside of the box on each side: crumbs. */
  private static final double CRUMBS = 0.01;

  /** Surroundings to look at, as a share of the box's longer side. */
  private static final double AROUND = 0.25;

  /** Closer by less than this shows nothing new. */
  private static final double LEAST_CLOSER = 1.25;

  private static final int LEAST_SIDE = 24;

  private CloserLook() {}

  /**
   * @param first the guess at the whole of {@code linear}, 0..1
   * @return the guess with the closer one in its place where one was taken; empty when there is
   *     nothing to look at or it fills the picture already
   */
  public static Optional<Plane> at(ColorPlanes linear, Plane first, SubjectPrior prior) {
    Rect box = box(first);
    Rect all = new Rect(0, 0, linear.width(), linear.height());
    int longer = Math.max(box.width(), box.height());
    if (box.isEmpty() || longer < LEAST_SIDE) {
      return Optional.empty();
    }
    Rect part = box.grow((int) Math.round(AROUND * longer)).intersect(all);
    double closer =
        Math.max(all.width(), all.height()) / (double) Math.max(part.width(), part.height());
    if (closer < LEAST_CLOSER) {
      return Optional.empty();
    }
    Plane second = prior.suggest(linear.crop(part));
    float[] out = first.values().clone();
    for (int y = 0; y < part.height(); y++) {
      int to = (part.y() + y) * first.width() + part.x();
      System.arraycopy(second.values(), y * part.width(), out, to, part.width());
    }
    return Optional.of(new Plane(first.width(), first.height(), out));
  }

  private static Rect box(Plane guess) {
    double[] columns = new double[guess.width()];
    double[] rows = new double[guess.height()];
    double sum = 0;
    for (int y = 0; y < rows.length; y++) {
      for (int x = 0; x < columns.length; x++) {
        float p = guess.at(x, y);
        if (p > SEEN) {
          columns[x] += p;
          rows[y] += p;
          sum += p;
        }
      }
    }
    if (sum == 0) {
      return new Rect(0, 0, 0, 0);
    }
    int left = quantile(columns, CRUMBS * sum);
    int right = quantile(columns, (1 - CRUMBS) * sum);
    int top = quantile(rows, CRUMBS * sum);
    int bottom = quantile(rows, (1 - CRUMBS) * sum);
    return new Rect(left, top, right - left + 1, bottom - top + 1);
  }

  private static int quantile(double[] weights, double below) {
    double sum = 0;
    for (int i = 0; i < weights.length; i++) {
      sum += weights[i];
      if (sum > below) {
        return i;
      }
    }
    return weights.length - 1;
  }
}
