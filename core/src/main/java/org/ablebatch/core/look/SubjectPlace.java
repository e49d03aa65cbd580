package org.ablebatch.core.look;

/**
 * Where the subject stands and how large, by its measured content.
 *
 * @param size what {@code percent} is of
 * @param percent the margin around it (0..45), the share of the frame that it takes (1..400), or
 *     the share of the frame's shorter side that 100 mm take (0.1..400)
 * @param stand what of it is held where
 * @param floor height of the foot line above the frame's lower edge, for one that stands on the
 *     floor
 * @param x moved to the right
 * @param y moved downwards
 * @param rotate degrees, clockwise
 * @param flip left becomes right
 * @param keepCutSides a side at which the photograph cuts the subject off stays at that side of the
 *     frame
 * @param column of the list, with the subject's height in millimetres; null unless the size is
 *     {@link Size#MILLIMETRES}
 * @param copies null = it is there once
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
    boolean keepCutSides,
    String column,
    Copies copies)
    implements Setting {
  public static final double MOST_MARGIN = 45;
  private static final int LONGEST_COLUMN = 100;

  /** What the size is measured by. */
  public enum Size {
    /** As large as fits inside the margin. */
    MARGIN,
    /** Its width, of the frame's. */
    WIDTH,
    /** Its height, of the frame's. */
    HEIGHT,
    /** Its box's area, of the frame's. */
    AREA,
    /** One scale for all, by their real heights: things keep their relative size. */
    MILLIMETRES
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
      Limits.require("percent", percent, size == Size.MILLIMETRES ? 0.1 : 1, 400);
    }
    if (size == Size.MILLIMETRES) {
      Limits.words("column", column, LONGEST_COLUMN);
    }
    Limits.require("floor", floor, 0, 60);
    Limits.require("x", x, -100, 100);
    Limits.require("y", y, -100, 100);
    Limits.require("rotate", rotate, -180, 180);
  }

  /** Once, and not measured in millimetres. */
  public SubjectPlace(
      Size size,
      double percent,
      Stand stand,
      double floor,
      double x,
      double y,
      double rotate,
      boolean flip,
      boolean keepCutSides) {
    this(size, percent, stand, floor, x, y, rotate, flip, keepCutSides, null, null);
  }

  /** In the middle, as large as a margin leaves room; what is cut off stays at the frame. */
  public static SubjectPlace within(double marginPercent) {
    return new SubjectPlace(Size.MARGIN, marginPercent, Stand.CENTRE, 10, 0, 0, 0, false, true);
  }

  SubjectPlace withMargin(double marginPercent) {
    return sized(Size.MARGIN, marginPercent);
  }

  /** The same place with another measure of its size. */
  public SubjectPlace sized(Size newSize, double newPercent) {
    return new SubjectPlace(
        newSize, newPercent, stand, floor, x, y, rotate, flip, keepCutSides, column, copies);
  }

  /** Neither moved nor turned, once; left and right stay as they are here. */
  public SubjectPlace asPhotographed() {
    return new SubjectPlace(Size.MARGIN, 0, Stand.CENTRE, floor, 0, 0, 0, flip, false);
  }

  /** The same, but that it stands inside the margin whether its photograph cuts it off or not. */
  public SubjectPlace free() {
    return new SubjectPlace(size, percent, stand, floor, x, y, rotate, flip, false, column, copies);
  }

  /** The same place with the sides at which the photograph cuts the subject off at the frame's. */
  public SubjectPlace keptAtCutSides() {
    return new SubjectPlace(size, percent, stand, floor, x, y, rotate, flip, true, column, copies);
  }
}
