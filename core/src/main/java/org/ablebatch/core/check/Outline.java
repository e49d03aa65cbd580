package org.ablebatch.core.check;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SubjectRegion;

/** What can be said of a region's outline against the picture. */
final class Outline {
  private static final float LEAST_STEP = 0.02f;
  private static final float STEP_SIGMAS = 3f;

  private Outline() {}

  /** Share of the picture's border that the region touches, 0..1. */
  static double borderShare(SubjectRegion region) {
    int w = region.width();
    int h = region.height();
    int touched = 0;
    for (int x = 0; x < w; x++) {
      touched += region.subject()[x] ? 1 : 0;
      touched += region.subject()[(h - 1) * w + x] ? 1 : 0;
    }
    for (int y = 0; y < h; y++) {
      touched += region.subject()[y * w] ? 1 : 0;
      touched += region.subject()[y * w + w - 1] ? 1 : 0;
    }
    return touched / (2.0 * (w + h));
  }

  /** Share of the outline across which the picture's colour really steps, 0..1. */
  static double onEdges(Scene scene, SubjectRegion region) {
    int w = region.width();
    int h = region.height();
    double least = Math.max(LEAST_STEP, STEP_SIGMAS * scene.backdrop().sigma());
    int length = 0;
    int onEdge = 0;
    for (int y = 1; y + 2 < h; y++) {
      for (int x = 1; x + 2 < w; x++) {
        int i = y * w + x;
        if (region.subject()[i] != region.subject()[i + 1]) {
          length++;
          onEdge += step(scene.lab(), i - 1, i + 2) > least ? 1 : 0;
        }
        if (region.subject()[i] != region.subject()[i + w]) {
          length++;
          onEdge += step(scene.lab(), i - w, i + 2 * w) > least ? 1 : 0;
        }
      }
    }
    return length == 0 ? 1 : onEdge / (double) length;
  }

  private static double step(ColorPlanes lab, int i, int j) {
    double l = lab.c0()[i] - lab.c0()[j];
    double a = lab.c1()[i] - lab.c1()[j];
    double b = lab.c2()[i] - lab.c2()[j];
    return Math.sqrt(l * l + a * a + b * b);
  }
}
