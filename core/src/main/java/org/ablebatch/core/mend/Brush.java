package org.ablebatch.core.mend;

import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokeMask;

/** The plain brush, exact and instant: the browser computes the same bytes while it is drawn. */
final class Brush {
  private Brush() {}

  static void paint(Workpiece piece, Mode mode, StrokeMask mask) {
    paint(piece, mode, mask.box(), mask.strength());
  }

  /**
   * @param strength 0..255 for each pixel of the box
   */
  static void paint(Workpiece piece, Mode mode, Rect box, byte[] strength) {
    for (int y = 0; y < box.height(); y++) {
      for (int x = 0; x < box.width(); x++) {
        int s = strength[y * box.width() + x] & 0xFF;
        if (s == 0) {
          continue;
        }
        int i = (box.y() + y) * piece.width() + box.x() + x;
        if (mode == Mode.ERASE) {
          piece.cover(i, Blend.towards(piece.cover(i), 0, s));
        } else {
          piece.cover(i, Blend.towards(piece.cover(i), 255, s));
          piece.colour(i, Blend.colour(piece.colour(i), piece.original().argb()[i], s));
        }
      }
    }
  }
}
