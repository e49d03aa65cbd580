package org.ablebatch.core.subject;

import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Rect;

/** Sure subject that lies inside an enclosed place and touches nothing else: print on a label. */
final class Islands {
  private static final int LEAST_AREA = 120;

  private final Components places;
  private final BackdropLikeness likeness;
  private final int width;

  Islands(Components places, BackdropLikeness likeness, int width) {
    this.places = places;
    this.likeness = likeness;
    this.width = width;
  }

  /** Area of the sure subject in the place's holes, as a share of the place's own area. */
  double share(int label) {
    Components.Region region = places.regions().get(label - 1);
    if (region.area() < LEAST_AREA) {
      return 0;
    }
    Rect box = region.box();
    boolean[] reached =
        BorderReach.of(k -> places.labels()[pixel(k, box)] != label, box.width(), box.height());
    int islands = 0;
    for (int k = 0; k < reached.length; k++) {
      int i = pixel(k, box);
      boolean hole = !reached[k] && places.labels()[i] != label;
      islands += hole && likeness.markers()[i] == BackdropLikeness.SUBJECT ? 1 : 0;
    }
    return islands / (double) region.area();
  }

  private int pixel(int k, Rect box) {
    return (box.y() + k / box.width()) * width + box.x() + k % box.width();
  }
}
