package org.ablebatch.core.mend;

import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.sides.Sides;
import org.ablebatch.core.subject.ContrastCut;

/**
 * Moves the outline to the photograph's edge nearby. What lies farther from the outline than it may
 * move is known; the band between is divided anew by what it looks like and by the photograph's
 * edges (Boykov &amp; Jolly, 2001), and solved as after a cut.
 */
final class EdgeFit {
  private static final int PIXELS = 400_000;
  private static final float CERTAIN = 1000;
  private static final float AS_BEFORE = 0.25f;
  private static final int ENOUGH = 24;
  private static final int LEAST_CELLS = 2;
  private static final int FADES = 1;

  private EdgeFit() {}

  /**
   * @param zone what is looked at, in pixels of the picture
   * @param part what may change, inside the zone
   * @param px how far the outline may move
   */
  static void carryOut(Workpiece piece, Rect zone, Rect part, double px) {
    Window window = Window.read(piece, zone, PIXELS);
    int w = window.width();
    int h = window.height();
    boolean[] kept = new boolean[window.cover().length];
    boolean[] removed = new boolean[kept.length];
    for (int i = 0; i < kept.length; i++) {
      kept[i] = window.cover()[i] >= 0.5f;
      removed[i] = !kept[i];
    }
    float reach = (float) Math.max(LEAST_CELLS, px * w / zone.width());
    float[] intoKept = Distance.to(removed, w, h);
    float[] intoRemoved = Distance.to(kept, w, h);
    float[] inside = beyond(intoKept, reach);
    float[] outside = beyond(intoRemoved, reach);
    if (Window.count(inside) < ENOUGH || Window.count(outside) < ENOUGH) {
      return;
    }
    Sides sides = Sides.read(window.lab(), inside, outside);
    float[] odds = new float[kept.length];
    float[] band = new float[kept.length];
    for (int i = 0; i < odds.length; i++) {
      boolean open = inside[i] == 0 && outside[i] == 0;
      float before = kept[i] ? AS_BEFORE : -AS_BEFORE;
      band[i] = open ? 1 : 0;
      odds[i] =
          open ? sides.evidence()[i] + sides.byColour(i) + before : kept[i] ? CERTAIN : -CERTAIN;
    }
    boolean[] subject = ContrastCut.divide(window.lab(), odds);
    float[] moves = around(window, band);
    Resolved.around(window, subject, sides, Window.touched(moves))
        .blendInto(piece, part, share(window, moves, part), Resolved.Way.EITHER);
  }

  private static float[] beyond(float[] distance, float reach) {
    float[] out = new float[distance.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = distance[i] > reach ? 1 : 0;
    }
    return out;
  }

  /** All of the band, and a little beside it. */
  private static float[] around(Window window, float[] band) {
    int w = window.width();
    return BoxBlur.blur(
        Morphology.dilate(band, w, window.height(), 2 * FADES), w, window.height(), FADES);
  }

  /** How far each pixel of the part follows. */
  private static byte[] share(Window window, float[] soft, Rect part) {
    int w = window.width();
    Rect frame = window.frame();
    byte[] out = new byte[part.width() * part.height()];
    for (int y = 0; y < part.height(); y++) {
      long v = (long) (part.y() + y - frame.y()) * window.height() / frame.height();
      for (int x = 0; x < part.width(); x++) {
        long u = (long) (part.x() + x - frame.x()) * w / frame.width();
        out[y * part.width() + x] = (byte) Math.round(255 * Math.min(1, soft[(int) (v * w + u)]));
      }
    }
    return out;
  }
}
