package org.ablebatch.core.look;

/**
 * The shape that is left of the whole, with a line along its edge.
 *
 * @param shape which
 * @param round radius of a rounded one's corners
 * @param inset distance to the frame's edge
 * @param line width of the line; 0 = none
 * @param path data of an SVG path (SVG 2, section 9.3), of which the largest size that fits is
 *     taken; null unless the shape is {@link Shape#PATH}
 */
public record Mask(Shape shape, double round, double inset, double line, Colour colour, String path)
    implements Setting {
  private static final int LONGEST_PATH = 20_000;

  /** What is left. */
  public enum Shape {
    /** The largest circle. */
    CIRCLE,
    /** The frame with round corners; without a radius the frame itself. */
    ROUNDED,
    /** One's own. */
    PATH
  }

  public Mask {
    Limits.given("shape", shape);
    Limits.require("round", round, 0, 50);
    Limits.require("inset", inset, 0, 45);
    Limits.require("line", line, 0, 20);
    Limits.given("colour", colour);
    if (shape == Shape.PATH) {
      PathData.parse(Limits.words("path", path, LONGEST_PATH));
    }
  }

  /** Without a path of one's own. */
  public Mask(Shape shape, double round, double inset, double line, Colour colour) {
    this(shape, round, inset, line, colour, null);
  }
}
