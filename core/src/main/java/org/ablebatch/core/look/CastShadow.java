package org.ablebatch.core.look;

/**
 * The subject's shadow on the floor, from its foot line.
 *
 * @param direction where it falls, seen from above, in degrees: 0 = right, 90 = backwards, 180 =
 *     left, 270 = to the front
 * @param length percent of the subject's height
 * @param strength percent
 * @param softness blur radius at the feet
 * @param softerAway how much softer it is at its far end, percent of its length
 */
public record CastShadow(
    double direction,
    double length,
    double strength,
    double softness,
    double softerAway,
    Colour colour)
    implements Setting {
  public static final CastShadow DEFAULT =
      new CastShadow(34, 42, 34, 0.8, 20, new Colour(0x3A2C1E));

  public CastShadow {
    Limits.require("direction", direction, -360, 360);
    Limits.require("length", length, 0, 300);
    Limits.percent("strength", strength);
    Limits.require("softness", softness, 0, 20);
    Limits.percent("softerAway", softerAway);
    Limits.given("colour", colour);
  }
}
