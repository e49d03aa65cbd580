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

  /** Labels over 4 or 8 neighbours: a region grows from its first pixel, neighbour by neighbour. */
  public static Components of(boolean[] set, int width, int height, boolean diagonal) {
    Flood flood = new Flood(set, width, height, diagonal);
    List<Region> regions = new ArrayList<>();
    for (int start = 0; start < set.length; start++) {
      if (set[start] && flood.labels[start] == 0) {
        regions.add(flood.from(start, regions.size() + 1));
      }
    }
    return new Components(flood.labels, List.copyOf(regions));
  }

  private static final class Flood {
    private final boolean[] set;
    private final int width;
    private final int height;
    private final boolean diagonal;
    private final int[] labels;
    private final int[] stack;
    private int depth;

    Flood(boolean[] set, int width, int height, boolean diagonal) {
      this.set = set;
      this.width = width;
      this.height = height;
      this.diagonal = diagonal;
      this.labels = new int[set.length];
      this.stack = new int[set.length];
    }

    Region from(int start, int label) {
      int area = 0;
      int left = width;
      int right = 0;
      int top = height;
      int bottom = 0;
      add(start, label);
      while (depth > 0) {
        int i = stack[--depth];
        int y = i / width;
        int x = i - y * width;
        area++;
        left = Math.min(left, x);
        right = Math.max(right, x);
        top = Math.min(top, y);
        bottom = Math.max(bottom, y);
        boolean leftFree = x > 0;
        boolean rightFree = x + 1 < width;
        if (leftFree) {
          add(i - 1, label);
        }
        if (rightFree) {
          add(i + 1, label);
        }
        if (y > 0) {
          addRow(i - width, label, leftFree, rightFree);
        }
        if (y + 1 < height) {
          addRow(i + width, label, leftFree, rightFree);
        }
      }
      return new Region(area, new Rect(left, top, right - left + 1, bottom - top + 1));
    }

    private void addRow(int i, int label, boolean leftFree, boolean rightFree) {
      add(i, label);
      if (diagonal && leftFree) {
        add(i - 1, label);
      }
      if (diagonal && rightFree) {
        add(i + 1, label);
      }
    }

    private void add(int i, int label) {
      if (set[i] && labels[i] == 0) {
        labels[i] = label;
        stack[depth++] = i;
      }
    }
  }
}
