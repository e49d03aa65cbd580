package org.ablebatch.core.look;

/**
 * Where the subject stands and how large, by its measured content.
 *
 * @param size what {@code percent} is of
 * @param percent the margin around it (0..45), or the share of the frame that it takes (1..400)
 * @param stand what of it is held where
 * @param floor height of the foot line above the frame's lower edge, for one that stands on the
 *     floor
 * @param x moved to the right
 * @param y moved downwards
 * @param rotate degrees, clockwise
 * @param flip left becomes right
 * @param keepCutSides a side at which the photograph cuts the subject off stays at that side of the
 *     frame
 */
public record SubjectPlace(
    Size size,
    double percent,
    Stand stand,
    double floor,
    double x,
    double y,
    double rotate,
    boolean flip,
    boolean keepCutSides)
    implements Setting {
  public static final double MOST_MARGIN = 45;

  /** What the size is measured by. */
  public enum Size {
    /** As large as fits inside the margin. */
    MARGIN,
    /** Its width, of the frame's. */
    WIDTH,
    /** Its height, of the frame's. */
    HEIGHT,
    /** Its box's area, of the frame's. */
    AREA
  }

  /** Where it is held. */
  public enum Stand {
    CENTRE,
    FLOOR,
    TOP
  }

  public SubjectPlace {
    Limits.given("size", size);
    Limits.given("stand", stand);
    if (size == Size.MARGIN) {
      Limits.require("percent", percent, 0, MOST_MARGIN);
    } else {
      Limits.require("percent", percent, 1, 400);
    }
    Limits.require("floor", floor, 0, 60);
    Limits.require("x", x, -100, 100);
    Limits.require("y", y, -100, 100);
    Limits.require("rotate", rotate, -180, 180);
  }

  /** In the middle, as large as a margin leaves room. */
  public static SubjectPlace within(double marginPercent) {
    return new SubjectPlace(Size.MARGIN, marginPercent, Stand.CENTRE, 10, 0, 0, 0, false, false);
  }

  SubjectPlace withMargin(double marginPercent) {
    return new SubjectPlace(
        Size.MARGIN, marginPercent, stand, floor, x, y, rotate, flip, keepCutSides);
  }
}
