package org.ablebatch.core.raster;

import java.util.Arrays;
import java.util.Objects;

/**
 * Coverage per pixel: 0 = backdrop, 255 = subject, linear in area between.
 *
 * @param width pixels, at least 1
 * @param height pixels, at least 1
 * @param coverage {@code width * height} unsigned bytes, row by row; shared, not copied
 */
public record Matte(int width, int height, byte[] coverage) {
  public Matte {
    Objects.requireNonNull(coverage, "coverage");
    Shapes.requireSize("coverage", coverage.length, width, height);
  }

  public static Matte filled(int width, int height, int coverage255) {
    byte[] values = new byte[Math.multiplyExact(width, height)];
    Arrays.fill(values, (byte) coverage255);
    return new Matte(width, height, values);
  }

  /** Coverage 0..255 at a pixel. */
  public int at(int x, int y) {
    return coverage[y * width + x] & 0xFF;
  }

  public Matte copy() {
    return new Matte(width, height, coverage.clone());
  }

  /** Mean coverage 0..1. */
  public double mean() {
    long sum = 0;
    for (byte value : coverage) {
      sum += value & 0xFF;
    }
    return sum / (255.0 * coverage.length);
  }

  /**
   * The smallest rectangle that holds every pixel of at least this coverage; null when there is
   * none.
   */
  public Rect contentBox(int atLeast255) {
    int top = 0;
    while (top < height && firstIn(top, width, atLeast255) == width) {
      top++;
    }
    if (top == height) {
      return null;
    }
    int bottom = height - 1;
    while (firstIn(bottom, width, atLeast255) == width) {
      bottom--;
    }
    // Of each row only what may still make the box wider.
    int left = width;
    int right = -1;
    for (int y = top; y <= bottom; y++) {
      left = firstIn(y, left, atLeast255);
      right = lastIn(y, right, atLeast255);
    }
    return new Rect(left, top, right - left + 1, bottom - top + 1);
  }

  /** The first column of a row with so much coverage, {@code before} when there is none. */
  private int firstIn(int y, int before, int atLeast255) {
    int row = y * width;
    for (int x = 0; x < before; x++) {
      if ((coverage[row + x] & 0xFF) >= atLeast255) {
        return x;
      }
    }
    return before;
  }

  /** The last column of a row with so much coverage, {@code beyond} when none lies beyond it. */
  private int lastIn(int y, int beyond, int atLeast255) {
    int row = y * width;
    for (int x = width - 1; x > beyond; x--) {
      if ((coverage[row + x] & 0xFF) >= atLeast255) {
        return x;
      }
    }
    return beyond;
  }
}
