package org.ablebatch.core.sides;

import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.CoarseGrid;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.PushPull;

/**
 * The backdrop as what was removed shows it, carried smoothly across what was kept. What stands out
 * among the removed, such as a part that is missing, is left out in a second look.
 *
 * @param colours OKLab
 * @param spread standard deviation around them, OKLab units, never below {@value #LEAST_SPREAD}
 */
public record BehindReader(ColorPlanes colours, float[] spread) {
  private static final float LEAST_SPREAD = 0.004f;
  private static final int WIDE_SHARE = 14;
  private static final int NEAR_SHARE = 60;

  /** Cells of the grid for a mean across its radius. */
  private static final int CELLS_ACROSS = 5;

  private static final float STANDS_OUT_SPREADS = 2.2f;
  private static final float STANDS_OUT = 0.015f;

  /**
   * @param known 1 where something was removed for sure, else 0
   */
  public static BehindReader read(ColorPlanes lab, float[] known) {
    int w = lab.width();
    int h = lab.height();
    int side = Math.max(w, h);
    BehindReader wide = over(lab, open(known, w, h), Math.max(4, side / WIDE_SHARE));
    float[] calm = known.clone();
    for (int i = 0; i < calm.length; i++) {
      float away = OkLab.distance(lab, i, wide.colours, i);
      if (away > STANDS_OUT + STANDS_OUT_SPREADS * wide.spread[i]) {
        calm[i] = 0;
      }
    }
    return over(lab, calm, Math.max(3, side / NEAR_SHARE));
  }

  /**
   * What hangs together with the picture's border. What the subject encloses may be a hole in it,
   * and has to look like the rest before it counts as backdrop.
   */
  private static float[] open(float[] known, int width, int height) {
    boolean[] set = new boolean[known.length];
    for (int i = 0; i < set.length; i++) {
      set[i] = known[i] > 0;
    }
    Components parts = Components.of(set, width, height, true);
    float[] out = new float[known.length];
    boolean any = false;
    for (int i = 0; i < out.length; i++) {
      if (set[i] && parts.regions().get(parts.labels()[i] - 1).box().touches(width, height)) {
        out[i] = known[i];
        any = true;
      }
    }
    return any ? out : known;
  }

  /** What is averaged over so many pixels is worked out on a grid that shows no less. */
  private static BehindReader over(ColorPlanes lab, float[] known, int radius) {
    int cell = Math.max(1, radius / CELLS_ACROSS);
    CoarseGrid grid = CoarseGrid.over(lab.width(), lab.height(), cell);
    CoarseGrid.Weighing weighing = grid.weighing(known);
    PushPull carry = new PushPull(weighing.share(), grid.width(), grid.height());
    int reach = Math.max(1, radius / cell);
    ColorPlanes colours = grid.spread(BoxBlur.blur(carry.fill(weighing.mean(lab)), reach));
    float[] squares = new float[known.length];
    for (int i = 0; i < squares.length; i++) {
      float away = known[i] > 0 ? OkLab.distance(lab, i, colours, i) : 0;
      squares[i] = away * away;
    }
    float[] spread =
        BoxBlur.blur(carry.fill(weighing.mean(squares)), grid.width(), grid.height(), reach);
    for (int i = 0; i < spread.length; i++) {
      spread[i] = Math.max(LEAST_SPREAD, (float) Math.sqrt(Math.max(0, spread[i])));
    }
    return new BehindReader(colours, grid.spread(spread));
  }
}
