package org.ablebatch.core.dress;

import java.util.OptionalDouble;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.look.SubjectPlace.Size;

/** A place in real measures as a place in shares of the frame. */
final class MeasuredPlace {
  private static final double MARGIN_WITHOUT = 8;
  private static final double MM_PER_PERCENT = 100;
  private static final double SMALLEST = 1;
  private static final double LARGEST = 400;

  private MeasuredPlace() {}

  /** As large as fits when the picture's list does not say how high it is. */
  static SubjectPlace of(SubjectPlace place, Labels labels, Frame frame) {
    if (place.size() != Size.MILLIMETRES) {
      return place;
    }
    OptionalDouble millimetres = labels.millimetres(place.column());
    if (millimetres.isEmpty()) {
      return place.sized(Size.MARGIN, MARGIN_WITHOUT);
    }
    double high = frame.px(place.percent()) * millimetres.getAsDouble() / MM_PER_PERCENT;
    double percent = 100 * high / frame.height();
    return place.sized(Size.HEIGHT, Math.max(SMALLEST, Math.min(LARGEST, percent)));
  }
}
