package org.ablebatch.core.raster;

import java.util.function.UnaryOperator;

/**
 * Three channels on one grid. The names of the channels depend on the space: R, G, B in linear
 * light (0..1) or L, a, b in OKLab; whoever makes the planes says which.
 */
public record ColorPlanes(int width, int height, float[] c0, float[] c1, float[] c2) {
  public ColorPlanes {
    Shapes.requireSize("c0", c0.length, width, height);
    Shapes.requireSize("c1", c1.length, width, height);
    Shapes.requireSize("c2", c2.length, width, height);
  }

  public ColorPlanes(int width, int height) {
    this(
        width,
        height,
        new float[width * height],
        new float[width * height],
        new float[width * height]);
  }

  /** The pixels of a part that lies inside. */
  public ColorPlanes crop(Rect part) {
    ColorPlanes out = new ColorPlanes(part.width(), part.height());
    for (int c = 0; c < 3; c++) {
      for (int y = 0; y < part.height(); y++) {
        System.arraycopy(
            channel(c),
            (part.y() + y) * width + part.x(),
            out.channel(c),
            y * part.width(),
            part.width());
      }
    }
    return out;
  }

  /** What {@code change} makes of every channel, on a grid of {@code width} by {@code height}. */
  ColorPlanes mapped(int width, int height, UnaryOperator<float[]> change) {
    return new ColorPlanes(width, height, change.apply(c0), change.apply(c1), change.apply(c2));
  }

  public float[] channel(int index) {
    return switch (index) {
      case 0 -> c0;
      case 1 -> c1;
      case 2 -> c2;
      default -> throw new IndexOutOfBoundsException(index);
    };
  }
}
