package org.ablebatch.core.mend;

import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.sides.Sides;
import org.ablebatch.core.stroke.StrokeMask;

/**
 * Fine coverage and clean colours where strands are. Under the stroke every pixel is divided by
 * what it looks like, without a price for parting neighbours: strands are thinner than any smooth
 * outline. The band around them, which is nearly everything there, is then solved as after a cut.
 */
final class StrandBrush {
  private static final int PIXELS = 160_000;
  private static final Window.Surroundings AROUND = new Window.Surroundings(1.2, 28, 260);
  private static final float UNDER = 0.25f;
  private static final float CLEAR_OF_THE_EDGE = 2;
  private static final float AS_BEFORE = 0.2f;

  private StrandBrush() {}

  static void paint(Workpiece piece, StrandEdit edit, StrokeMask mask) {
    Rect frame =
        Window.around(mask.box(), edit.stroke().sizePx(), AROUND).intersect(piece.bounds());
    if (mask.box().isEmpty() || frame.isEmpty()) {
      return;
    }
    Window window = Window.read(piece, frame, PIXELS);
    float[] stroke = window.cells().means(mask.box(), mask.strength());
    Sides sides =
        Sides.read(
            window.lab(),
            window.sure(true, 0, stroke),
            window.sure(false, CLEAR_OF_THE_EDGE, stroke));
    boolean[] subject = new boolean[stroke.length];
    for (int i = 0; i < subject.length; i++) {
      boolean kept = window.cover()[i] >= 0.5f;
      subject[i] = stroke[i] > UNDER ? looksKept(sides, i, kept) : kept;
    }
    Resolved.around(window, subject, sides, Window.touched(stroke))
        .blendInto(piece, mask.box(), mask.strength(), Resolved.Way.EITHER);
  }

  private static boolean looksKept(Sides sides, int i, boolean before) {
    return sides.evidence()[i] + sides.byColour(i) + (before ? AS_BEFORE : -AS_BEFORE) > 0;
  }
}
