package org.ablebatch.core.raster;

import java.util.ArrayList;
import java.util.List;

/**
 * The connected regions of a set of pixels.
 *
 * @param labels per pixel 0 = not in the set, else 1 + the index of its region
 * @param regions in order of their first pixel, row by row
 */
public record Components(int[] labels, List<Region> regions) {

  /** One region: pixel count and bounding box. */
  public record Region(int area, Rect box) {}

  /** Labels by flood fill, over 4 or 8 neighbours. */
  public static Components of(boolean[] set, int width, int height, boolean diagonal) {
    int[] labels = new int[set.length];
    int[] stack = new int[set.length];
    List<Region> regions = new ArrayList<>();
    for (int start = 0; start < set.length; start++) {
      if (set[start] && labels[start] == 0) {
        regions.add(flood(set, width, height, diagonal, labels, stack, start, regions.size() + 1));
      }
    }
    return new Components(labels, List.copyOf(regions));
  }

  private static Region flood(
      boolean[] set,
      int width,
      int height,
      boolean diagonal,
      int[] labels,
      int[] stack,
      int start,
      int label) {
    int depth = 0;
    stack[depth++] = start;
    labels[start] = label;
    int area = 0;
    int left = width;
    int right = 0;
    int top = height;
    int bottom = 0;
    while (depth > 0) {
      int i = stack[--depth];
      int x = i % width;
      int y = i / width;
      area++;
      left = Math.min(left, x);
      right = Math.max(right, x);
      top = Math.min(top, y);
      bottom = Math.max(bottom, y);
      for (int ny = Math.max(0, y - 1); ny <= Math.min(height - 1, y + 1); ny++) {
        for (int nx = Math.max(0, x - 1); nx <= Math.min(width - 1, x + 1); nx++) {
          int n = ny * width + nx;
          boolean straight = nx == x || ny == y;
          if ((straight || diagonal) && set[n] && labels[n] == 0) {
            labels[n] = label;
            stack[depth++] = n;
          }
        }
      }
    }
    return new Region(area, new Rect(left, top, right - left + 1, bottom - top + 1));
  }
}
