package org.ablebatch.core.area;

import java.util.List;

/**
 * A part of a picture, put together shape by shape.
 *
 * @param parts in the order in which they were drawn; at least one, at most {@value #MOST_PARTS}
 * @param inverted everything but them
 * @param featherPx how far the rim fades to either side, 0..{@value #MOST_FEATHER_PX}
 */
public record Area(List<Part> parts, boolean inverted, double featherPx) {
  public static final int MOST_PARTS = 200;
  public static final double MOST_FEATHER_PX = 200;

  /** What a shape does with those before it. */
  public enum Joining {
    ADD,
    SUBTRACT,
    INTERSECT
  }

  /** One shape and what it does. */
  public record Part(Joining joining, Shape shape) {}

  /**
   * @throws IllegalArgumentException with a sentence for a person
   */
  public Area {
    parts = List.copyOf(parts);
    if (parts.isEmpty() || parts.size() > MOST_PARTS) {
      throw new IllegalArgumentException("An area has 1 to " + MOST_PARTS + " shapes");
    }
    if (!(featherPx >= 0 && featherPx <= MOST_FEATHER_PX)) {
      throw new IllegalArgumentException("An area fades over 0 to 200 px, not " + featherPx);
    }
  }

  public static Area of(Shape shape) {
    return new Area(List.of(new Part(Joining.ADD, shape)), false, 0);
  }

  /** The same area of the picture at another size. */
  public Area scaled(double sx, double sy) {
    return new Area(
        parts.stream().map(part -> new Part(part.joining(), part.shape().scaled(sx, sy))).toList(),
        inverted,
        Math.min(MOST_FEATHER_PX, featherPx * Math.max(sx, sy)));
  }
}
