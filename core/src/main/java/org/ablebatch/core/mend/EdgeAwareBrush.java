package org.ablebatch.core.mend;

import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.sides.Sides;
import org.ablebatch.core.stroke.StrokeMask;
import org.ablebatch.core.subject.ContrastCut;

/**
 * A brush that looks under itself. Around the stroke both sides are known; under it the pixels are
 * divided anew by what they look like and by the photograph's edges (Boykov &amp; Jolly, 2001), and
 * the outline that results is solved as after a cut. What lies outside the stroke never changes.
 */
final class EdgeAwareBrush {
  private static final int PIXELS = 110_000;
  private static final double AROUND = 0.8;
  private static final int LEAST_AROUND_PX = 20;
  private static final int MOST_AROUND_PX = 220;

  /** A pixel is open to change from this share of the stroke on. */
  private static final float OPEN = 0.1f;

  private static final float CERTAIN = 1000;

  /** The hand says something too: what speaks for neither side goes where the stroke goes. */
  private static final float MEANT = 0.3f;

  private static final float CLEAR_OF_THE_EDGE = 2;

  /** With fewer grid pixels of the other side around there is nothing to hold on to. */
  private static final int ENOUGH = 24;

  private EdgeAwareBrush() {}

  static void paint(Workpiece piece, BrushEdit edit, StrokeMask mask) {
    int around =
        (int) Math.max(LEAST_AROUND_PX, Math.min(MOST_AROUND_PX, AROUND * edit.stroke().sizePx()));
    Rect frame = mask.box().grow(around).intersect(piece.bounds());
    if (mask.box().isEmpty() || frame.isEmpty()) {
      return;
    }
    Window window = Window.read(piece, frame, PIXELS);
    boolean erase = edit.mode() == Mode.ERASE;
    float[] stroke = window.reduced(mask.box(), mask.strength());
    float[] kept = window.sure(true, 0, erase ? stroke : null);
    float[] removed = window.sure(false, CLEAR_OF_THE_EDGE, erase ? null : stroke);
    if (count(erase ? kept : removed) < ENOUGH) {
      Brush.paint(piece, edit.mode(), mask);
      return;
    }
    Sides sides = Sides.read(window.lab(), kept, removed);
    boolean[] subject =
        ContrastCut.divide(window.lab(), odds(window, stroke, sides.evidence(), edit.mode()));
    Resolved.around(
            window, subject, sides.evidence(), sides.behind().spread(), new boolean[subject.length])
        .blendInto(piece, mask.box(), mask.strength(), erase ? Resolved.Way.DOWN : Resolved.Way.UP);
  }

  private static float[] odds(Window window, float[] stroke, float[] evidence, Mode mode) {
    float[] odds = new float[stroke.length];
    for (int i = 0; i < odds.length; i++) {
      boolean kept = window.cover()[i] >= 0.5f;
      boolean open = stroke[i] > OPEN && kept == (mode == Mode.ERASE);
      if (open) {
        odds[i] = evidence[i] + (mode == Mode.ERASE ? -MEANT : MEANT);
      } else {
        odds[i] = kept ? CERTAIN : -CERTAIN;
      }
    }
    return odds;
  }

  private static int count(float[] set) {
    int count = 0;
    for (float value : set) {
      count += value > 0 ? 1 : 0;
    }
    return count;
  }
}
