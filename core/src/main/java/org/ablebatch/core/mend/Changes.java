package org.ablebatch.core.mend;

import org.ablebatch.core.area.AreaMask;
import org.ablebatch.core.raster.Rect;

/** What an edit has changed, against what was before. */
final class Changes {
  private Changes() {}

  /** The same patch, no larger than what differs from the workpiece now. */
  static Patch trimmed(Patch before, Workpiece piece) {
    Rect box = before.box();
    int left = box.width();
    int right = -1;
    int top = -1;
    int bottom = -1;
    for (int y = 0; y < box.height(); y++) {
      for (int x = 0; x < box.width(); x++) {
        int k = y * box.width() + x;
        int i = (box.y() + y) * piece.width() + box.x() + x;
        if ((before.coverage()[k] & 0xFF) != piece.cover(i)
            || before.colours()[k] != piece.colour(i)) {
          left = Math.min(left, x);
          right = Math.max(right, x);
          top = top < 0 ? y : top;
          bottom = y;
        }
      }
    }
    return right < 0
        ? new Patch(new Rect(box.x(), box.y(), 0, 0), new byte[0], new int[0], before.hints())
        : part(before, new Rect(left, top, right - left + 1, bottom - top + 1));
  }

  /**
   * @param part in pixels of the patch
   */
  private static Patch part(Patch whole, Rect part) {
    byte[] coverage = new byte[part.width() * part.height()];
    int[] colours = new int[coverage.length];
    for (int y = 0; y < part.height(); y++) {
      int from = (part.y() + y) * whole.box().width() + part.x();
      System.arraycopy(whole.coverage(), from, coverage, y * part.width(), part.width());
      System.arraycopy(whole.colours(), from, colours, y * part.width(), part.width());
    }
    return new Patch(
        part.moved(whole.box().x(), whole.box().y()), coverage, colours, whole.hints());
  }

  /** Takes back what was changed outside of an area. */
  static void keepInside(Patch before, Workpiece piece, AreaMask area) {
    Rect box = before.box();
    for (int y = box.y(); y < box.bottom(); y++) {
      for (int x = box.x(); x < box.right(); x++) {
        int back = 255 - area.at(x, y);
        if (back > 0) {
          int k = (y - box.y()) * box.width() + x - box.x();
          int i = y * piece.width() + x;
          piece.cover(i, Blend.towards(piece.cover(i), before.coverage()[k] & 0xFF, back));
          piece.colour(i, Blend.colour(piece.colour(i), before.colours()[k], back));
        }
      }
    }
  }
}
