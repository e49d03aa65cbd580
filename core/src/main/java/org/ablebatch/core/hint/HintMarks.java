package org.ablebatch.core.hint;

import java.util.List;
import org.ablebatch.core.raster.Rect;

/** Where hints mark the reading grid; a later hint wins over an earlier one at the same place. */
public record HintMarks(boolean[] subject, boolean[] backdrop, boolean[] mixed, boolean any) {
  /** Nobody has said anything; without a grid. */
  public static final HintMarks NONE =
      new HintMarks(new boolean[0], new boolean[0], new boolean[0], false);

  /**
   * @param picture the original's size
   */
  public static HintMarks of(List<Hint> hints, int width, int height, Rect picture) {
    boolean[] subject = new boolean[width * height];
    boolean[] backdrop = new boolean[width * height];
    boolean[] mixed = new boolean[width * height];
    for (Hint hint : hints) {
      boolean[] stroke = new boolean[width * height];
      hint.addTo(stroke, width, height, picture.width(), picture.height());
      for (int i = 0; i < stroke.length; i++) {
        if (stroke[i]) {
          subject[i] = hint.kind() == Hint.Kind.SUBJECT;
          backdrop[i] = hint.kind() == Hint.Kind.BACKDROP;
          mixed[i] = hint.kind() == Hint.Kind.MIXED;
        }
      }
    }
    return new HintMarks(subject, backdrop, mixed, !hints.isEmpty());
  }
}
