package org.ablebatch.core.dress;

import org.ablebatch.core.look.DropShadow;
import org.ablebatch.core.raster.Plane;

/** The subject's coverage, moved and blurred. */
final class DropShadows {
  private DropShadows() {}

  /** Shade 0..1 on the mask's grid. */
  static Plane of(SubjectMask mask, DropShadow shadow) {
    Plane coverage = mask.coverage();
    int w = coverage.width();
    int h = coverage.height();
    double dx = mask.px(shadow.x());
    double dy = mask.px(shadow.y());
    float[] moved = new float[w * h];
    for (int y = 0; y < h; y++) {
      for (int x = 0; x < w; x++) {
        moved[y * w + x] = CastShadows.sample(coverage, x - dx, y - dy);
      }
    }
    return new Plane(w, h, SoftBlur.of(moved, w, h, mask.px(shadow.blur())));
  }
}
