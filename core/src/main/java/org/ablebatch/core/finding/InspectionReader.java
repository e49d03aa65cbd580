package org.ablebatch.core.finding;

import org.ablebatch.core.color.ColourGradient;
import org.ablebatch.core.color.ColourTable;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.reading.AreaShrink;

/** Prepares everything that detectors share. */
final class InspectionReader {
  private static final int PIXELS = 500_000;
  private static final float CLEAR = 0.02f;
  private static final float SOLID = 0.98f;

  /** So far from the outline a pixel's colour is one side's alone. */
  private static final float CLEAR_OF_THE_EDGE = 3;

  private static final float OFF_RAY = 0.018f;
  private static final float OFF_RAY_SPREADS = 3f;
  private static final float SHADOW_TINT = 0.07f;
  private static final float BRIGHTER = 0.022f;
  private static final float BRIGHTER_SPREADS = 4f;
  private static final float DARKEST_SHADOW = 0.45f;
  private static final float DARKER_PER_SHADE = 8;

  /** From this spread on the colour tables have more of a say; at the next one all of it. */
  private static final float SMOOTH_SPREAD = 0.014f;

  private static final float ROUGH_SPREAD = 0.032f;
  private static final float RARE = 2e-5f;
  private static final float MOST = 2;

  private InspectionReader() {}

  static Inspection read(Picture photograph, Cutout cutout, Expectations expectations) {
    Rect grid = AreaShrink.readingGrid(photograph.width(), photograph.height(), PIXELS);
    int w = grid.width();
    int h = grid.height();
    ColorPlanes lab = AreaShrink.toOkLab(AreaShrink.toLinear(photograph, w, h));
    ReducedCutout reduced = ReducedCutout.of(cutout, w, h);
    float[] cover = reduced.cover();
    float[] removed = sure(cover, w, h, false, CLEAR_OF_THE_EDGE);
    BehindReader behind = BehindReader.read(lab, removed);
    float[] shade = new float[cover.length];
    float[] other = new float[cover.length];
    likeness(lab, behind, shade, other);
    float[] odds = odds(lab, sure(cover, w, h, true, 0), removed);
    boolean[] kept = new boolean[cover.length];
    for (int i = 0; i < kept.length; i++) {
      kept[i] = cover[i] >= 0.5f;
    }
    return new Inspection(
        photograph.bounds(),
        lab,
        cover,
        kept,
        reduced.clean(),
        behind.colours(),
        behind.spread(),
        shade,
        other,
        evidence(behind.spread(), other, odds, w, h),
        ColourGradient.lengths(lab),
        expectations);
  }

  /** 1 for pixels that lie wholly on one side, and so far from the other that nothing mixes. */
  private static float[] sure(float[] cover, int width, int height, boolean solid, float least) {
    boolean[] not = new boolean[cover.length];
    for (int i = 0; i < cover.length; i++) {
      not[i] = solid ? cover[i] < SOLID : cover[i] > CLEAR;
    }
    float[] distance = Distance.to(not, width, height);
    float[] out = new float[cover.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = distance[i] > least ? 1 : 0;
    }
    return out;
  }

  private static void likeness(ColorPlanes lab, BehindReader behind, float[] shade, float[] other) {
    ColorPlanes back = behind.colours();
    for (int i = 0; i < shade.length; i++) {
      float bl = Math.max(0.05f, back.c0()[i]);
      float ba = back.c1()[i];
      float bb = back.c2()[i];
      float l = lab.c0()[i];
      float a = lab.c1()[i];
      float b = lab.c2()[i];
      float s = (l * bl + a * ba + b * bb) / (bl * bl + ba * ba + bb * bb);
      float dl = l - s * bl;
      float da = a - s * ba;
      float db = b - s * bb;
      float off = (float) Math.sqrt(dl * dl + da * da + db * db);
      float allowed =
          OFF_RAY + OFF_RAY_SPREADS * behind.spread()[i] + SHADOW_TINT * Math.max(0, 1 - s);
      float brighter = (s - 1) * bl / (BRIGHTER + BRIGHTER_SPREADS * behind.spread()[i]);
      float darker = s < DARKEST_SHADOW ? 1 + (DARKEST_SHADOW - s) * DARKER_PER_SHADE : 0;
      shade[i] = s;
      other[i] = Math.max(off / allowed, Math.max(brighter, darker));
    }
  }

  private static float[] odds(ColorPlanes lab, float[] inside, float[] removed) {
    int[] cells = ColourTable.cells(lab);
    float[] subject = ColourTable.density(cells, inside);
    float[] backdrop = ColourTable.density(cells, removed);
    float[] out = new float[cells.length];
    for (int i = 0; i < out.length; i++) {
      int cell = cells[i];
      out[i] = (float) Math.log((subject[cell] + RARE) / (backdrop[cell] + RARE));
    }
    return out;
  }

  private static float[] evidence(
      float[] spread, float[] other, float[] odds, int width, int height) {
    float[] out = new float[other.length];
    for (int i = 0; i < out.length; i++) {
      float rough = (spread[i] - SMOOTH_SPREAD) / (ROUGH_SPREAD - SMOOTH_SPREAD);
      float share = Math.max(0, Math.min(1, rough));
      float bySurface = Math.max(-MOST, Math.min(MOST, 2 * (other[i] - 1)));
      float byColour = Math.max(-MOST, Math.min(MOST, 0.6f * odds[i]));
      out[i] = (1 - share) * bySurface + share * byColour;
    }
    return BoxBlur.blur(out, width, height, 1);
  }
}
