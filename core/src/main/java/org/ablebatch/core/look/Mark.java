package org.ablebatch.core.look;

/**
 * A badge, a pattern, a mark of the house: a picture in a place, whole.
 *
 * @param picture which
 * @param opacity percent
 */
public record Mark(String picture, Box box, double opacity) implements Setting {
  public Mark {
    Limits.words("picture", picture, 80);
    Limits.given("box", box);
    Limits.percent("opacity", opacity);
  }
}
