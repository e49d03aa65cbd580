package org.ablebatch.core.matting;

import org.ablebatch.core.raster.Morphology;

/**
 * Where somebody will use what is solved. Most of an outline stays as it was when a thing in a
 * window changes sides, and solving it costs as much as the rest.
 */
public final class Asked {
  public static final Asked EVERYWHERE = new Asked(null);

  /** Cells around it that are solved, too: a place's coverage hangs on its neighbours'. */
  private static final int MARGIN = 6;

  private final boolean[] cells;

  private Asked(boolean[] cells) {
    this.cells = cells;
  }

  /**
   * @param cells on the trimap's grid
   */
  public static Asked in(boolean[] cells, int width, int height) {
    return new Asked(Morphology.dilate(cells, width, height, MARGIN));
  }

  /** Takes out of a set what nobody asks for. */
  void limit(boolean[] zone) {
    if (cells == null) {
      return;
    }
    for (int i = 0; i < zone.length; i++) {
      zone[i] &= cells[i];
    }
  }

  boolean at(int cell) {
    return cells == null || cells[cell];
  }
}
