package org.ablebatch.core.mend;

import java.util.List;
import org.ablebatch.core.stroke.StrokePoint;

/**
 * A thin part that is missing, drawn as a smooth tapered line.
 *
 * @param points the line passes through them; 2 to {@value #MOST_POINTS}, in pixels of the picture
 * @param fromPx width where it begins, 0.3..{@value #WIDEST_PX}
 * @param toPx width where it ends
 * @param softness01 0 = crisp, 1 = fades from the middle on
 * @param opacity01 0..1
 * @param rgb 0xRRGGBB; null = the photograph's own colours under the line
 */
public record TraceEdit(
    List<StrokePoint> points,
    double fromPx,
    double toPx,
    double softness01,
    double opacity01,
    Integer rgb)
    implements Edit {
  public static final int MOST_POINTS = 2000;
  public static final double WIDEST_PX = 400;
  private static final double THINNEST_PX = 0.3;

  /**
   * @throws IllegalArgumentException with a sentence for a person
   */
  public TraceEdit {
    points = List.copyOf(points);
    require(
        points.size() >= 2 && points.size() <= MOST_POINTS,
        "A traced line has 2 to " + MOST_POINTS + " points, not " + points.size());
    require(isWidth(fromPx) && isWidth(toPx), "A traced line is 0.3 to 400 px wide");
    require(softness01 >= 0 && softness01 <= 1, "Softness goes from 0 to 1, not " + softness01);
    require(opacity01 >= 0 && opacity01 <= 1, "Opacity goes from 0 to 1, not " + opacity01);
  }

  private static boolean isWidth(double px) {
    return px >= THINNEST_PX && px <= WIDEST_PX;
  }

  private static void require(boolean holds, String sentence) {
    if (!holds) {
      throw new IllegalArgumentException(sentence);
    }
  }
}
