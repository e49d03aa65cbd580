package org.ablebatch.core.stroke;

import java.util.List;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/**
 * Carries out edits over an automatic cutout. The same base and edits give the same bytes, always;
 * what the browser shows while painting is the same computation.
 */
public final class EditReplay {
  private final Matte matte;
  private final byte[] fromOriginal;

  private EditReplay(Matte matte) {
    this.matte = matte;
    this.fromOriginal = new byte[matte.coverage().length];
  }

  /**
   * @param original the upright original, the cutout's size; unchanged
   * @param base the automatic cutout; unchanged
   * @param edits oldest first; only those that are switched on
   */
  public static Cutout replay(Picture original, Cutout base, List<Edit> edits) {
    EditReplay replay = new EditReplay(base.matte().copy());
    for (Edit edit : edits) {
      if (edit instanceof BrushStroke stroke) {
        replay.paint(stroke);
      }
    }
    return new Cutout(replay.matte, replay.colours(original, base.colours()));
  }

  private void paint(BrushStroke stroke) {
    StrokeMask mask = StrokeMask.of(stroke, matte.width(), matte.height());
    Rect box = mask.box();
    boolean erase = stroke.mode() == BrushStroke.Mode.ERASE;
    for (int y = 0; y < box.height(); y++) {
      for (int x = 0; x < box.width(); x++) {
        int s = mask.strength()[y * box.width() + x] & 0xFF;
        if (s == 0) {
          continue;
        }
        int i = (box.y() + y) * matte.width() + box.x() + x;
        int alpha = matte.coverage()[i] & 0xFF;
        if (erase) {
          matte.coverage()[i] = (byte) towards(alpha, 0, s);
        } else {
          matte.coverage()[i] = (byte) towards(alpha, 255, s);
          fromOriginal[i] = (byte) towards(fromOriginal[i] & 0xFF, 255, s);
        }
      }
    }
  }

  private Picture colours(Picture original, Picture base) {
    int[] argb = base.argb().clone();
    for (int i = 0; i < argb.length; i++) {
      int share = fromOriginal[i] & 0xFF;
      if (share != 0) {
        int from = argb[i];
        int to = original.argb()[i];
        argb[i] =
            0xFF000000
                | towards(from >> 16 & 0xFF, to >> 16 & 0xFF, share) << 16
                | towards(from >> 8 & 0xFF, to >> 8 & 0xFF, share) << 8
                | towards(from & 0xFF, to & 0xFF, share);
      }
    }
    return new Picture(base.width(), base.height(), argb);
  }

  /** {@code from} moved towards {@code to} by {@code share255 / 255}, rounded to the nearest. */
  private static int towards(int from, int to, int share255) {
    return (from * (255 - share255) + to * share255 + 127) / 255;
  }
}
