package org.ablebatch.core.mend;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.GridMap;
import org.ablebatch.core.raster.PushPull;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.reading.AreaShrink;

/** Draws the colours of an edge from inside the subject, so that nothing of the backdrop shines. */
final class EdgeColours {
  private static final int PIXELS = 600_000;

  /** So many grid cells beside an edge may hold backdrop; from the next on none does. */
  private static final float HELD = 2.6f;

  private static final float FREE = 5;

  private EdgeColours() {}

  /**
   * @param zone what is looked at
   * @param part what may change, inside the zone
   */
  static void clean(Workpiece piece, Rect zone, Rect part, double strength01) {
    Rect grid = AreaShrink.readingGrid(zone.width(), zone.height(), PIXELS);
    Window window = Window.read(piece, zone, PIXELS);
    float[] solid = window.sure(true, FREE - 1, null);
    int solids = 0;
    for (float value : solid) {
      solids += value > 0 ? 1 : 0;
    }
    if (solids == 0) {
      return;
    }
    ColorPlanes inside = new PushPull(solid, grid.width(), grid.height()).fill(window.linear());
    float[] distance = Distance.to(notSolid(window), grid.width(), grid.height());
    GridMap map = new GridMap(zone.width(), zone.height(), grid.width(), grid.height());
    for (int y = part.y(); y < part.bottom(); y++) {
      map.row(y - zone.y());
      for (int x = part.x(); x < part.right(); x++) {
        int i = y * piece.width() + x;
        if (piece.cover(i) == 0) {
          continue;
        }
        map.column(x - zone.x());
        float near = (FREE - map.sample(distance)) / (FREE - HELD);
        double share = strength01 * Math.max(0, Math.min(1, near));
        if (share > 0) {
          int to =
              Srgb.pack(map.sample(inside.c0()), map.sample(inside.c1()), map.sample(inside.c2()));
          piece.colour(i, Blend.colour(piece.colour(i), to, (int) Math.round(255 * share)));
        }
      }
    }
  }

  private static boolean[] notSolid(Window window) {
    boolean[] not = new boolean[window.cover().length];
    for (int i = 0; i < not.length; i++) {
      not[i] = window.cover()[i] < 0.98f;
    }
    return not;
  }
}
