package org.ablebatch.core.look;

/**
 * The shape that is left of the whole, with a line along its edge.
 *
 * @param shape which
 * @param round radius of a rounded one's corners
 * @param inset distance to the frame's edge
 * @param line width of the line; 0 = none
 */
public record Mask(Shape shape, double round, double inset, double line, Colour colour)
    implements Setting {
  /** What is left. */
  public enum Shape {
    /** The largest circle. */
    CIRCLE,
    /** The frame with round corners; without a radius the frame itself. */
    ROUNDED
  }

  public Mask {
    Limits.given("shape", shape);
    Limits.require("round", round, 0, 50);
    Limits.require("inset", inset, 0, 45);
    Limits.require("line", line, 0, 20);
    Limits.given("colour", colour);
  }
}
