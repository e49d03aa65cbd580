package org.ablebatch.core.mend;

import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.AreaMask;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Rect;

/** Brings a region of another cutout over; at its rim the two are mixed over a few pixels. */
final class Taking {
  private static final double SEAM_PX = 3;

  private Taking() {}

  static void carryOut(Workpiece piece, Cutout from, Area area) {
    if (!from.colours().bounds().equals(piece.bounds())) {
      throw new IllegalArgumentException(
          "The other version is of another size, so nothing can be taken from it");
    }
    Area soft = new Area(area.parts(), area.inverted(), Math.max(SEAM_PX, area.featherPx()));
    AreaMask mask = AreaMask.of(soft, piece.width(), piece.height());
    Rect box = mask.box();
    for (int y = 0; y < box.height(); y++) {
      for (int x = 0; x < box.width(); x++) {
        int share = mask.share()[y * box.width() + x] & 0xFF;
        if (share > 0) {
          int i = (box.y() + y) * piece.width() + box.x() + x;
          take(piece, from, i, share);
        }
      }
    }
  }

  /** Colours count by the coverage that they bring. */
  private static void take(Workpiece piece, Cutout from, int i, int share) {
    int before = piece.cover(i);
    int there = from.matte().coverage()[i] & 0xFF;
    int mine = before * (255 - share);
    int theirs = there * share;
    if (mine + theirs > 0) {
      int part = (int) (255L * theirs / (mine + theirs));
      piece.colour(i, Blend.colour(piece.colour(i), from.colours().argb()[i], part));
    }
    piece.cover(i, Blend.towards(before, there, share));
  }
}
