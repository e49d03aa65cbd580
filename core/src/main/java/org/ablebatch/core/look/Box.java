package org.ablebatch.core.look;

/**
 * A place in the frame.
 *
 * @param x left side, percent of the frame's width
 * @param y upper side, percent of the frame's height
 * @param width percent of the frame's width
 * @param height percent of the frame's height
 */
public record Box(double x, double y, double width, double height) {
  public Box {
    Limits.require("x", x, -100, 100);
    Limits.require("y", y, -100, 100);
    Limits.require("width", width, 0.5, 200);
    Limits.require("height", height, 0.5, 200);
  }
}
