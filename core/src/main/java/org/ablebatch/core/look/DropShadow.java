package org.ablebatch.core.look;

/**
 * The subject's shadow on a wall right behind it.
 *
 * @param x to the right
 * @param y downwards
 * @param blur radius
 * @param strength percent
 */
public record DropShadow(double x, double y, double blur, double strength, Colour colour)
    implements Setting {
  public DropShadow {
    Limits.require("x", x, -50, 50);
    Limits.require("y", y, -50, 50);
    Limits.require("blur", blur, 0, 20);
    Limits.percent("strength", strength);
    Limits.given("colour", colour);
  }
}
