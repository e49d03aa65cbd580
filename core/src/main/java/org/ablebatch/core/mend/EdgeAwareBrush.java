package org.ablebatch.core.mend;

import org.ablebatch.core.raster.Morphology;
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
  private static final Window.Surroundings AROUND = new Window.Surroundings(0.8, 20, 220);

  /** A pixel is open to change from this share of the stroke on. */
  private static final float OPEN = 0.1f;

  private static final float CERTAIN = 1000;

  /** The hand says something too: what speaks for neither side goes where the stroke goes. */
  private static final float MEANT = 0.3f;

  private static final float AS_BEFORE = 0.3f;
  private static final float COLOUR = 0.6f;
  private static final float MOST_BY_COLOUR = 2;
  private static final float SHADED = 0.95f;
  private static final float IN_SHADE = 0.35f;
  private static final float UNHEARD_OF = 2e-5f;
  private static final float COMMON = 1.5e-4f;
  private static final float CLEAR_OF_THE_EDGE = 2;

  /** What lies beside the stroke within this share of its width may belong to what is meant. */
  private static final double BESIDE = 0.2;

  private static final int LEAST_BESIDE = 3;

  /** With fewer grid pixels of the other side around there is nothing to hold on to. */
  private static final int ENOUGH = 24;

  private EdgeAwareBrush() {}

  static void paint(Workpiece piece, BrushEdit edit, StrokeMask mask) {
    Rect frame =
        Window.around(mask.box(), edit.stroke().sizePx(), AROUND).intersect(piece.bounds());
    if (mask.box().isEmpty() || frame.isEmpty()) {
      return;
    }
    Window window = Window.read(piece, frame, PIXELS);
    boolean erase = edit.mode() == Mode.ERASE;
    float[] stroke = window.cells().means(mask.box(), mask.strength());
    float[] about = about(window, stroke, edit.stroke().sizePx());
    float[] kept = window.sure(true, 0, erase ? about : null);
    float[] removed = window.sure(false, CLEAR_OF_THE_EDGE, erase ? null : about);
    if (Window.count(erase ? kept : removed) < ENOUGH) {
      Brush.paint(piece, edit.mode(), mask);
      return;
    }
    Sides sides = Sides.read(window.lab(), kept, removed);
    boolean[] subject =
        ContrastCut.divide(window.lab(), odds(window, stroke, about, sides, edit.mode()));
    Resolved.around(window, subject, sides, Window.touched(stroke))
        .blendInto(piece, mask.box(), mask.strength(), erase ? Resolved.Way.DOWN : Resolved.Way.UP);
  }

  /** The stroke and what lies just beside it: a hand does not paint to the very edge. */
  private static float[] about(Window window, float[] stroke, double sizePx) {
    float[] under = new float[stroke.length];
    for (int i = 0; i < under.length; i++) {
      under[i] = stroke[i] > OPEN ? 1 : 0;
    }
    double cells = sizePx * window.width() / window.frame().width();
    int beside = (int) Math.max(LEAST_BESIDE, Math.round(BESIDE * cells));
    return Morphology.dilate(under, window.width(), window.height(), beside);
  }

  /**
   * Log odds of subject over backdrop. Beside the stroke they are open too, so that its rim is no
   * edge, though nothing is changed there.
   */
  private static float[] odds(
      Window window, float[] stroke, float[] about, Sides sides, Mode mode) {
    boolean erase = mode == Mode.ERASE;
    float[] odds = new float[stroke.length];
    for (int i = 0; i < odds.length; i++) {
      boolean kept = window.cover()[i] >= 0.5f;
      float seen = bySurface(sides, i) + sides.byColour(i);
      if (erase) {
        seen = Math.min(seen, clip(COLOUR * likeSubject(sides.inSubject()[i])));
      }
      if (kept != erase || about[i] == 0) {
        odds[i] = kept ? CERTAIN : -CERTAIN;
      } else if (stroke[i] > OPEN) {
        odds[i] = seen + (erase ? -MEANT : MEANT);
      } else {
        odds[i] = seen + (kept ? AS_BEFORE : -AS_BEFORE);
      }
    }
    return odds;
  }

  /** A darker shade of the backdrop is a shadow or something grey: the colours may say which. */
  private static float bySurface(Sides sides, int i) {
    float evidence = sides.evidence()[i];
    return evidence < 0 && sides.shade()[i] < SHADED ? IN_SHADE * evidence : evidence;
  }

  /** What is erased need not look like the backdrop: it is enough that the subject has no such. */
  private static float likeSubject(float share) {
    return (float) Math.log((share + UNHEARD_OF) / COMMON);
  }

  private static float clip(float v) {
    return Math.max(-MOST_BY_COLOUR, Math.min(MOST_BY_COLOUR, v));
  }
}
