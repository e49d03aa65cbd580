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
  static Spot of(boolean[] set, int gridWidth, Rect box) {
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

  /** Grid pixels. */
  public int area() {
    int area = 0;
    for (boolean one : mask) {
      area += one ? 1 : 0;
    }
    return area;
  }
}
