package org.ablebatch.core.mend;

import org.ablebatch.core.area.AreaMask;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.sides.Sides;

/**
 * Settles an area for one side. Coverage only moves towards that side, so that nothing else of the
 * surroundings changes with it.
 */
final class Settler {
  private static final int PIXELS = 300_000;
  private static final double AROUND = 0.3;
  private static final int LEAST_AROUND_PX = 40;
  private static final float HALF = 0.5f;

  private Settler() {}

  static Rect reach(Workpiece piece, SettleEdit edit) {
    return around(AreaMask.of(edit.area(), piece.width(), piece.height()).box())
        .intersect(piece.bounds());
  }

  private static Rect around(Rect box) {
    return box.grow((int) Math.max(LEAST_AROUND_PX, AROUND * Math.max(box.width(), box.height())));
  }

  static void carryOut(Workpiece piece, SettleEdit edit) {
    AreaMask mask = AreaMask.of(edit.area(), piece.width(), piece.height());
    Rect frame = around(mask.box()).intersect(piece.bounds());
    if (mask.box().isEmpty() || frame.isEmpty()) {
      return;
    }
    boolean restores = edit.mode() == Mode.RESTORE;
    Window window = Window.read(piece, frame, PIXELS);
    float[] share = window.cells().means(mask.box(), mask.share());
    float[] inside = window.sure(true, 0, share);
    float[] outside = window.sure(false, Window.CLEAR_OF_THE_EDGE, share);
    boolean[] after = new boolean[share.length];
    boolean[] changed = new boolean[share.length];
    for (int i = 0; i < share.length; i++) {
      boolean settled = share[i] >= HALF;
      boolean before = window.cover()[i] >= HALF;
      after[i] = settled ? restores : before;
      changed[i] = settled;
      if (settled && restores) {
        inside[i] = 1;
      } else if (settled) {
        outside[i] = 1;
      }
    }
    Sides sides = Sides.read(window.lab(), inside, outside);
    float[] moves = window.around(changed);
    Resolved.around(window, after, sides, Window.touched(moves))
        .blendInto(
            piece,
            frame,
            window.cells().enlarged(moves),
            restores ? Resolved.Way.UP : Resolved.Way.DOWN);
  }
}
