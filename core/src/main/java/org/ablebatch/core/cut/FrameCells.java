package org.ablebatch.core.cut;

import org.ablebatch.core.raster.Rect;

/**
 * Where the cells of a whole picture's grid lie on the grid of a frame in it.
 *
 * @param picture the picture's size
 * @param grid the whole picture's grid
 * @param frame in pixels of the picture
 * @param inside the frame's grid
 */
record FrameCells(Rect picture, Rect grid, Rect frame, Rect inside) {

  /** The frame's cell under the middle of the whole's cell {@code i}, -1 beside the frame. */
  int at(int i) {
    int x = (int) ((i % grid.width() + 0.5) * picture.width() / grid.width()) - frame.x();
    int y = (int) ((i / grid.width() + 0.5) * picture.height() / grid.height()) - frame.y();
    if (x < 0 || y < 0 || x >= frame.width() || y >= frame.height()) {
      return -1;
    }
    int column = (int) ((long) x * inside.width() / frame.width());
    int row = (int) ((long) y * inside.height() / frame.height());
    return row * inside.width() + column;
  }
}
