package org.ablebatch.core.proposal;

import java.util.function.IntConsumer;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.AreaMask;
import org.ablebatch.core.finding.Inspection;

/** What lies at least half in an area of the picture, on the inspection's grid. */
final class OnGrid {
  private static final int HALF = 127;

  private final Inspection seen;
  private final AreaMask mask;

  OnGrid(Area area, Inspection seen) {
    this.seen = seen;
    double sx = seen.width() / (double) seen.picture().width();
    double sy = seen.height() / (double) seen.picture().height();
    this.mask = AreaMask.of(area.scaled(sx, sy), seen.width(), seen.height());
  }

  void each(IntConsumer pixel) {
    for (int k = 0; k < mask.share().length; k++) {
      if ((mask.share()[k] & 0xFF) > HALF) {
        pixel.accept(seen.at(mask.box(), k));
      }
    }
  }
}
