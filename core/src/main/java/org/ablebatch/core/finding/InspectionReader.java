package org.ablebatch.core.finding;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.sides.Sides;

/** Prepares everything that detectors share. */
final class InspectionReader {
  private static final float CLEAR = 0.02f;
  private static final float SOLID = 0.98f;

  /** So far from the outline a pixel's colour is one side's alone. */
  private static final float CLEAR_OF_THE_EDGE = 3;

  private InspectionReader() {}

  static Inspection read(PhotographReading reading, Cutout cutout, Expectations expectations) {
    ColorPlanes lab = reading.lab();
    int w = lab.width();
    int h = lab.height();
    ReducedCutout reduced = ReducedCutout.of(cutout, w, h);
    float[] cover = reduced.cover();
    float[] removed = sure(cover, w, h, false, CLEAR_OF_THE_EDGE);
    Sides sides = Sides.read(lab, sure(cover, w, h, true, 0), removed);
    boolean[] kept = new boolean[cover.length];
    for (int i = 0; i < kept.length; i++) {
      kept[i] = cover[i] >= 0.5f;
    }
    return new Inspection(
        reading.photograph().bounds(),
        lab,
        cover,
        kept,
        reduced.clean(),
        sides.behind().colours(),
        sides.behind().spread(),
        sides.shade(),
        sides.other(),
        sides.evidence(),
        reading.edges(),
        expectations);
  }

  /** 1 for pixels that lie wholly on one side, and so far from the other that nothing mixes. */
  private static float[] sure(float[] cover, int width, int height, boolean solid, float least) {
    boolean[] not = new boolean[cover.length];
    for (int i = 0; i < cover.length; i++) {
      not[i] = solid ? cover[i] < SOLID : cover[i] > CLEAR;
    }
    return Distance.beyond(least, not, width, height);
  }
}
