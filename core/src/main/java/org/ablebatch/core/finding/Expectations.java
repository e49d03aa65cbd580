package org.ablebatch.core.finding;

import org.ablebatch.core.cut.Method;

/**
 * What is no fault in this picture.
 *
 * @param seeThrough the subject is glass or the like: wide faint coverage is right
 * @param person the lower edge of the picture may cut the subject off
 * @param strokes the subject is ink or line art: many small parts are right
 */
public record Expectations(boolean seeThrough, boolean person, boolean strokes) {
  public static final Expectations NONE = new Expectations(false, false, false);

  /** What a method is for. */
  public static Expectations of(Method used) {
    return new Expectations(used == Method.SEE_THROUGH, used == Method.PERSON, used == Method.INK);
  }
}
