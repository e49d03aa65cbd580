package org.ablebatch.core.raster;

/** Shape checks at the door, with messages that name both sides. */
public final class Shapes {
  private Shapes() {}

  public static void requireSize(String name, int length, int width, int height) {
    if (width < 1 || height < 1) {
      throw new IllegalArgumentException(
          "a grid needs at least 1 × 1, not " + width + " × " + height);
    }
    if (length != Math.multiplyExact(width, height)) {
      throw new IllegalArgumentException(
          name
              + " holds "
              + length
              + " values, but "
              + width
              + " × "
              + height
              + " need "
              + Math.multiplyExact(width, height));
    }
  }
}
