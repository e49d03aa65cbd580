package org.ablebatch.core.stroke;

import java.util.List;

/**
 * The way of a round brush, whatever it does there.
 *
 * @param sizePx diameter in pixels of the original, 1..2000
 * @param softness01 0 = hard edge, 1 = fades from the centre on
 * @param strength01 how far the stroke goes at its centre, 0..1; going over the same place again
 *     within one stroke goes no further
 * @param points the way of the brush's centre, in pixels of the original; pixel centres lie at .5;
 *     at least one, at most {@value #MOST_POINTS}
 */
public record Stroke(
    double sizePx, double softness01, double strength01, List<StrokePoint> points) {
  public static final int MOST_POINTS = 20_000;
  public static final double LARGEST_PX = 2000;

  /**
   * @throws IllegalArgumentException with a sentence for a person
   */
  public Stroke {
    points = List.copyOf(points);
    require(sizePx >= 1 && sizePx <= LARGEST_PX, "A brush is 1 to 2000 px wide, not " + sizePx);
    require(softness01 >= 0 && softness01 <= 1, "Softness goes from 0 to 1, not " + softness01);
    require(strength01 >= 0 && strength01 <= 1, "Strength goes from 0 to 1, not " + strength01);
    require(
        !points.isEmpty() && points.size() <= MOST_POINTS,
        "A stroke has 1 to " + MOST_POINTS + " points, not " + points.size());
  }

  private static void require(boolean holds, String sentence) {
    if (!holds) {
      throw new IllegalArgumentException(sentence);
    }
  }
}
