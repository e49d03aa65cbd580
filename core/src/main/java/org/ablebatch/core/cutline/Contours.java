package org.ablebatch.core.cutline;

import java.util.ArrayList;
import java.util.List;

/**
 * The edges between inside and outside as closed paths over the corners of pixels: Selinger,
 * "Potrace: a polygon-based tracing algorithm", 2003, section 2.1. The inside lies to the right of
 * the way (x to the right, y downwards), so paths around parts turn clockwise and paths around
 * holes the other way. Parts that touch at a corner only are apart.
 */
final class Contours {
  private static final int[] DX = {1, 0, -1, 0};
  private static final int[] DY = {0, 1, 0, -1};

  private Contours() {}

  /**
   * A closed path; the last corner is followed by the first.
   *
   * @param area that it goes around; below zero for a hole
   */
  record Path(int[] x, int[] y, double area) {
    int length() {
      return x.length;
    }
  }

  static List<Path> of(Region region) {
    List<Path> paths = new ArrayList<>();
    // Each upper edge of the inside is begun at once.
    boolean[] begun = new boolean[region.width() * region.height()];
    for (int y = 0; y < region.height(); y++) {
      for (int x = 0; x < region.width(); x++) {
        int i = y * region.width() + x;
        if (region.inside()[i] && !region.at(x, y - 1) && !begun[i]) {
          paths.add(follow(region, begun, x, y));
        }
      }
    }
    return paths;
  }

  private static Path follow(Region region, boolean[] begun, int fromX, int fromY) {
    IntList xs = new IntList();
    IntList ys = new IntList();
    int x = fromX;
    int y = fromY;
    int way = 0;
    double area = 0;
    do {
      xs.add(x);
      ys.add(y);
      if (way == 0) {
        begun[y * region.width() + x] = true;
      }
      area += x * (double) (y + DY[way]) - y * (double) (x + DX[way]);
      x += DX[way];
      y += DY[way];
      way = turned(region, x, y, way);
    } while (x != fromX || y != fromY || way != 0);
    return new Path(xs.toArray(), ys.toArray(), area / 2);
  }

  /** The inside stays to the right: round it as tightly as can be. */
  private static int turned(Region region, int x, int y, int way) {
    boolean right = ahead(region, x, y, way, true);
    boolean left = ahead(region, x, y, way, false);
    if (!right) {
      return (way + 1) % 4;
    }
    return left ? (way + 3) % 4 : way;
  }

  /** Of the two pixels beyond a corner, the one to the right of the way or the one to the left. */
  private static boolean ahead(Region region, int x, int y, int way, boolean right) {
    return switch (way) {
      case 0 -> region.at(x, right ? y : y - 1);
      case 1 -> region.at(right ? x - 1 : x, y);
      case 2 -> region.at(x - 1, right ? y - 1 : y);
      default -> region.at(right ? x : x - 1, y - 1);
    };
  }

  /** Grows. */
  private static final class IntList {
    private int[] values = new int[64];
    private int size;

    void add(int value) {
      if (size == values.length) {
        values = java.util.Arrays.copyOf(values, 2 * size);
      }
      values[size++] = value;
    }

    int[] toArray() {
      return java.util.Arrays.copyOf(values, size);
    }
  }
}
