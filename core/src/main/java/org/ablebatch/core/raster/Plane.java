package org.ablebatch.core.raster;

import java.util.Objects;

/**
 * One channel of numbers on a grid, row by row; shared, not copied.
 *
 * @param values {@code width * height} numbers; the range is the owner's business
 */
public record Plane(int width, int height, float[] values) {
  public Plane {
    Objects.requireNonNull(values, "values");
    Shapes.requireSize("values", values.length, width, height);
  }

  public Plane(int width, int height) {
    this(width, height, new float[Math.multiplyExact(width, height)]);
  }

  public float at(int x, int y) {
    return values[y * width + x];
  }
}
