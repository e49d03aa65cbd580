package org.ablebatch.core.matting;

import org.ablebatch.core.raster.Morphology;

/**
 * Known pixels around a zone, thinned to one per small cell, so that the nearest few of any place
 * are found without looking at all of them. The order depends on places only.
 */
final class NearSamples {
  /** Side of a cell, reading pixels; all pixels of one have the same samples. */
  static final int CELL = 5;

  /** How far from the zone a known pixel may lie, reading pixels. */
  private static final int REACH = 12;

  private static final int NONE = -1;

  private final int columns;
  private final int rows;
  private final int[] sampleOfCell;

  private NearSamples(int columns, int rows, int[] sampleOfCell) {
    this.columns = columns;
    this.rows = rows;
    this.sampleOfCell = sampleOfCell;
  }

  /**
   * @param known pixels that are surely of one side
   * @param zone the undecided pixels
   */
  static NearSamples around(boolean[] zone, boolean[] known, int width, int height) {
    boolean[] near = Morphology.dilate(zone, width, height, REACH);
    int columns = (width + CELL - 1) / CELL;
    int rows = (height + CELL - 1) / CELL;
    int[] sampleOfCell = new int[columns * rows];
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        sampleOfCell[row * columns + column] =
            mostCentral(near, known, column * CELL, row * CELL, width, height);
      }
    }
    return new NearSamples(columns, rows, sampleOfCell);
  }

  private static int mostCentral(
      boolean[] near, boolean[] known, int left, int top, int width, int height) {
    int best = NONE;
    int bestDistance = Integer.MAX_VALUE;
    for (int y = top; y < Math.min(top + CELL, height); y++) {
      for (int x = left; x < Math.min(left + CELL, width); x++) {
        int i = y * width + x;
        int dx = x - left - CELL / 2;
        int dy = y - top - CELL / 2;
        int distance = dx * dx + dy * dy;
        if (near[i] && known[i] && distance < bestDistance) {
          best = i;
          bestDistance = distance;
        }
      }
    }
    return best;
  }

  /**
   * Fills {@code out} with samples from the nearest rings of cells, ring by whole ring, so that no
   * side is preferred.
   *
   * @param enough the ring that brings so many is the last
   * @return how many there are
   */
  int nearest(int x, int y, int mostRings, int enough, int[] out) {
    int column = x / CELL;
    int row = y / CELL;
    int found = 0;
    for (int ring = 0; ring <= mostRings && found < enough; ring++) {
      for (int v = row - ring; v <= row + ring && found < out.length; v++) {
        if (v < 0 || v >= rows) {
          continue;
        }
        boolean whole = v == row - ring || v == row + ring;
        int step = whole || ring == 0 ? 1 : 2 * ring;
        for (int u = column - ring; u <= column + ring && found < out.length; u += step) {
          if (u >= 0 && u < columns && sampleOfCell[v * columns + u] != NONE) {
            out[found++] = sampleOfCell[v * columns + u];
          }
        }
      }
    }
    return found;
  }
}
