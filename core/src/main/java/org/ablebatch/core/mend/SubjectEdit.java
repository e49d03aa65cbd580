package org.ablebatch.core.mend;

import org.ablebatch.core.raster.Rect;

/**
 * A subject that the engine finds in a box.
 *
 * @param mode restore = added to what is kept, erase = taken away from it
 * @param box around the subject, in pixels of the picture
 */
public record SubjectEdit(Mode mode, Rect box) implements Edit {
  private static final int LEAST_PX = 4;

  /**
   * @throws IllegalArgumentException with a sentence for a person
   */
  public SubjectEdit {
    if (box.width() < LEAST_PX || box.height() < LEAST_PX) {
      throw new IllegalArgumentException("A box around a subject is at least 4 px wide and high");
    }
  }
}
