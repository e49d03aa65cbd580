package org.ablebatch.core.dress;

import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.look.SubjectPlace.Stand;
import org.ablebatch.core.raster.Rect;

/**
 * Where a subject stands in a frame.
 *
 * @param placement of its picture
 * @param left of its content in the frame, pixels
 * @param top of its content
 * @param right of its content
 * @param foot lower edge of its content: the line that it stands on
 */
public record Standing(Placement placement, double left, double top, double right, double foot) {
  /** A photograph cuts off what comes as near to its edge as this share of its side. */
  private static final double CUT_WITHIN = 0.004;

  public double height() {
    return foot - top;
  }

  /** The sides at which a photograph cuts its subject off. */
  public record CutSides(boolean left, boolean top, boolean right, boolean bottom) {
    public static final CutSides NONE = new CutSides(false, false, false, false);

    /** None for a picture that is left whole: all of it is content. */
    public static CutSides of(Rect content, Rect picture) {
      if (content.equals(picture)) {
        return NONE;
      }
      double nearX = CUT_WITHIN * picture.width();
      double nearY = CUT_WITHIN * picture.height();
      return new CutSides(
          content.x() <= nearX,
          content.y() <= nearY,
          content.right() >= picture.width() - nearX,
          content.bottom() >= picture.height() - nearY);
    }

    /** Those that a place keeps at the frame's sides; what is turned is cut off nowhere. */
    static CutSides kept(SubjectPlace place, Rect content, Rect picture) {
      return place.keepCutSides() && place.rotate() == 0 ? of(content, picture) : NONE;
    }

    public boolean any() {
      return left || top || right || bottom;
    }
  }

  /** Of a picture whose place is given. */
  static Standing at(Placement p, Rect content) {
    return new Standing(
        p,
        p.scale() * content.x() + p.offsetX(),
        p.scale() * content.y() + p.offsetY(),
        p.scale() * content.right() + p.offsetX(),
        p.scale() * content.bottom() + p.offsetY());
  }

  /**
   * @param content the subject's measured box in its picture; not empty
   * @param cut sides that stay at the frame's; {@link CutSides#NONE} lets it stand free
   */
  public static Standing of(Rect content, CutSides cut, SubjectPlace place, Frame frame) {
    double margin = place.size() == SubjectPlace.Size.MARGIN ? frame.px(place.percent()) : 0;
    boolean floor = place.stand() == Stand.FLOOR && !cut.bottom();
    double roomLeft = cut.left() ? 0 : margin;
    double roomRight = frame.width() - (cut.right() ? 0 : margin);
    double roomTop = cut.top() ? 0 : margin;
    double roomBottom =
        frame.height() - (cut.bottom() ? 0 : floor ? frame.px(place.floor()) : margin);
    double scale = scale(content, cut, place, frame, roomRight - roomLeft, roomBottom - roomTop);
    double width = scale * content.width();
    double height = scale * content.height();
    double x = (roomLeft + roomRight - width) / 2 + frame.px(place.x());
    if (cut.left() && !cut.right()) {
      x = 0;
    } else if (cut.right() && !cut.left()) {
      x = frame.width() - width;
    }
    double y =
        switch (place.stand()) {
          case CENTRE -> (roomTop + roomBottom - height) / 2;
          case FLOOR -> roomBottom - height;
          case TOP -> roomTop;
        };
    y += frame.px(place.y());
    if (cut.bottom()) {
      // What is cut off below may run out below; its upper end stays in view.
      y = Math.max(frame.height() - height, roomTop);
    } else if (cut.top()) {
      y = 0;
    }
    Placement placement = new Placement(scale, x - scale * content.x(), y - scale * content.y());
    return new Standing(placement, x, y, x + width, y + height);
  }

  private static double scale(
      Rect content, CutSides cut, SubjectPlace place, Frame frame, double room, double roomDown) {
    double across = frame.width() / (double) content.width();
    double down = frame.height() / (double) content.height();
    double scale =
        switch (place.size()) {
          case MARGIN ->
              Math.min(
                  Math.max(1, room) / content.width(), Math.max(1, roomDown) / content.height());
          case WIDTH -> across * place.percent() / 100;
          case HEIGHT, MILLIMETRES -> down * place.percent() / 100;
          case AREA -> Math.sqrt(across * down * place.percent() / 100);
        };
    // What is cut off at both sides reaches from one to the other.
    return cut.left() && cut.right() ? Math.max(scale, across) : scale;
  }
}
