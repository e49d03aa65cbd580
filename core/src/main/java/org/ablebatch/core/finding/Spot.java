package org.ablebatch.core.finding;

import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Rect;

/**
 * The very pixels of a place, on a grid.
 *
 * @param box around them
 * @param mask of the box, row by row
 */
public record Spot(Rect box, boolean[] mask) {

  /** One of the regions of a labelled grid. */
  public static Spot of(int[] labels, int gridWidth, int label, Components.Region region) {
    Rect box = region.box();
    boolean[] mask = new boolean[box.width() * box.height()];
    for (int k = 0; k < mask.length; k++) {
      int i = (box.y() + k / box.width()) * gridWidth + box.x() + k % box.width();
      mask[k] = labels[i] == label;
    }
    return new Spot(box, mask);
  }

  /** What is set of a grid, within a box on it. */
  public static Spot of(boolean[] set, int gridWidth, Rect box) {
    boolean[] mask = new boolean[box.width() * box.height()];
    for (int k = 0; k < mask.length; k++) {
      mask[k] = set[(box.y() + k / box.width()) * gridWidth + box.x() + k % box.width()];
    }
    return new Spot(box, mask);
  }

  /** Adds its pixels to a set on the grid. */
  public void addTo(boolean[] set, int gridWidth) {
    for (int k = 0; k < mask.length; k++) {
      if (mask[k]) {
        set[(box.y() + k / box.width()) * gridWidth + box.x() + k % box.width()] = true;
      }
    }
  }

  /** Whether a grid pixel, which lies in the box, is one of its own. */
  public boolean holds(int x, int y) {
    return mask[(y - box.y()) * box.width() + x - box.x()];
  }

  /** Intersection over union with another one on the same grid. */
  public double overlap(Spot other) {
    Rect common = box.intersect(other.box);
    int both = 0;
    for (int y = common.y(); y < common.bottom(); y++) {
      for (int x = common.x(); x < common.right(); x++) {
        both += holds(x, y) && other.holds(x, y) ? 1 : 0;
      }
    }
    return both / (double) Math.max(1, area() + other.area() - both);
  }

  /** Grid pixels. */
  public int area() {
    int area = 0;
    for (boolean one : mask) {
      area += one ? 1 : 0;
    }
    return area;
  }
}
