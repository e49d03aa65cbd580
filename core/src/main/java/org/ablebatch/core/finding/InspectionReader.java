package org.ablebatch.core.finding;

import org.ablebatch.core.color.ColourGradient;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.reading.AreaShrink;
import org.ablebatch.core.sides.Sides;

/** Prepares everything that detectors share. */
final class InspectionReader {
  private static final int PIXELS = 500_000;
  private static final float CLEAR = 0.02f;
  private static final float SOLID = 0.98f;

  /** So far from the outline a pixel's colour is one side's alone. */
  private static final float CLEAR_OF_THE_EDGE = 3;

  private InspectionReader() {}

  static Inspection read(Picture photograph, Cutout cutout, Expectations expectations) {
    Rect grid = AreaShrink.readingGrid(photograph.width(), photograph.height(), PIXELS);
    int w = grid.width();
    int h = grid.height();
    ColorPlanes lab = AreaShrink.toOkLab(AreaShrink.toLinear(photograph, w, h));
    ReducedCutout reduced = ReducedCutout.of(cutout, w, h);
    float[] cover = reduced.cover();
    float[] removed = sure(cover, w, h, false, CLEAR_OF_THE_EDGE);
    Sides sides = Sides.read(lab, sure(cover, w, h, true, 0), removed);
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
        sides.behind().colours(),
        sides.behind().spread(),
        sides.shade(),
        sides.other(),
        sides.evidence(),
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
}
