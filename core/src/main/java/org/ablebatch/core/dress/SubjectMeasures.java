package org.ablebatch.core.dress;

import org.ablebatch.core.look.Copies;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.raster.Rect;

/**
 * What has to be known of a subject to say how large a look makes it, without its pixels.
 *
 * @param content its measured box in its picture; not empty
 * @param picture the whole picture
 * @param labels what is known of it in words, its true size among them
 */
public record SubjectMeasures(Rect content, Rect picture, Labels labels) {

  /** A picture that is left whole: all of it is content. */
  public static SubjectMeasures whole(int width, int height, Labels labels) {
    Rect all = new Rect(0, 0, width, height);
    return new SubjectMeasures(all, all, labels);
  }

  /**
   * How many times a look enlarges the subject. What is turned is reckoned by the box of its turned
   * box, so it may say a little less than what will be.
   */
  public double enlargement(Look look, Frame frame) {
    SubjectPlace place = MeasuredPlace.of(look.subject(), labels, frame);
    Standing.CutSides cut = Standing.CutSides.kept(place, content, picture);
    Copies copies = place.copies();
    if (copies != null) {
      // Only below do all of them stay cut off, and only while they stand side by side.
      cut = new Standing.CutSides(false, false, false, cut.bottom() && copies.y() == 0);
    }
    return Standing.of(arrangedBox(place), cut, place, frame).placement().scale();
  }

  /** The box of all that a place makes of the subject, in its picture's pixels. */
  public Rect arrangedBox(SubjectPlace place) {
    return copied(turned(content, Math.toRadians(place.rotate())), place.copies());
  }

  private static Rect turned(Rect box, double angle) {
    double cos = Math.abs(Math.cos(angle));
    double sin = Math.abs(Math.sin(angle));
    int width = (int) Math.round(cos * box.width() + sin * box.height());
    int height = (int) Math.round(sin * box.width() + cos * box.height());
    return new Rect(0, 0, Math.max(1, width), Math.max(1, height));
  }

  private static Rect copied(Rect box, Copies copies) {
    if (copies == null) {
      return box;
    }
    int more = copies.count() - 1;
    int width = box.width() + more * (int) Math.round(Math.abs(copies.x()) / 100 * box.width());
    int height = box.height() + more * (int) Math.round(Math.abs(copies.y()) / 100 * box.height());
    return new Rect(0, 0, width, height);
  }
}
