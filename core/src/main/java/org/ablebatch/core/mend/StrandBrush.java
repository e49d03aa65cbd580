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
  private static final double AROUND = 1.2;
  private static final int LEAST_AROUND_PX = 28;
  private static final int MOST_AROUND_PX = 260;
  private static final float UNDER = 0.25f;
  private static final float CLEAR_OF_THE_EDGE = 2;
  private static final float COLOUR = 0.6f;
  private static final float MOST_BY_COLOUR = 2;
  private static final float AS_BEFORE = 0.2f;

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
    Resolved.around(
            window, subject, sides.evidence(), sides.behind().spread(), new boolean[subject.length])
        .blendInto(piece, mask.box(), mask.strength(), Resolved.Way.EITHER);
  }

  private static boolean looksKept(Sides sides, int i, boolean before) {
    float byColour = COLOUR * sides.odds()[i];
    float clipped = Math.max(-MOST_BY_COLOUR, Math.min(MOST_BY_COLOUR, byColour));
    return sides.evidence()[i] + clipped + (before ? AS_BEFORE : -AS_BEFORE) > 0;
  }
}
