package org.ablebatch.core.look;

/**
 * A line along the subject's contour.
 *
 * @param width of the line
 * @param softness how far it fades at its far side
 * @param side where it lies
 */
public record Outline(double width, double softness, Side side, Colour colour) implements Setting {
  /** Where a line lies. */
  public enum Side {
    OUTSIDE,
    INSIDE,
    /** Outside, and small gaps in the subject are closed with it, as a sticker's rim. */
    RIM
  }

  public Outline {
    Limits.require("width", width, 0.05, 20);
    Limits.require("softness", softness, 0, 20);
    Limits.given("side", side);
    Limits.given("colour", colour);
  }
}
