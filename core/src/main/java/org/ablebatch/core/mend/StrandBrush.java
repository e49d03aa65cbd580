package org.ablebatch.core.mend;

import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.sides.Sides;
import org.ablebatch.core.stroke.StrokeMask;

/** Fine coverage and clean colours where strands are: the colours alone decide under the stroke. */
final class StrandBrush {
  private static final int PIXELS = 160_000;
  private static final double AROUND = 1.2;
  private static final int LEAST_AROUND_PX = 28;
  private static final int MOST_AROUND_PX = 260;
  private static final float UNDER = 0.25f;
  private static final float CLEAR_OF_THE_EDGE = 2;

  private StrandBrush() {}

  static void paint(Workpiece piece, StrandEdit edit, StrokeMask mask) {
    int around =
        (int) Math.max(LEAST_AROUND_PX, Math.min(MOST_AROUND_PX, AROUND * edit.stroke().sizePx()));
    Rect frame = mask.box().grow(around).intersect(piece.bounds());
    if (mask.box().isEmpty() || frame.isEmpty()) {
      return;
    }
    Window window = Window.read(piece, frame, PIXELS);
    float[] stroke = window.reduced(mask.box(), mask.strength());
    boolean[] mixed = new boolean[stroke.length];
    boolean[] subject = new boolean[stroke.length];
    for (int i = 0; i < mixed.length; i++) {
      mixed[i] = stroke[i] > UNDER;
      subject[i] = window.cover()[i] >= 0.5f;
    }
    Sides sides =
        Sides.read(
            window.lab(),
            window.sure(true, 0, stroke),
            window.sure(false, CLEAR_OF_THE_EDGE, stroke));
    Resolved.around(window, subject, sides.evidence(), sides.behind().spread(), mixed)
        .blendInto(piece, mask.box(), mask.strength(), Resolved.Way.EITHER);
  }
}
