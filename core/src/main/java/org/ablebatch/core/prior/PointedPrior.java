package org.ablebatch.core.prior;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;

/**
 * A learned guess at which pixels are subject once somebody has marked what is missing of it and
 * what is too much. Implementations are deterministic and may be called from several threads at
 * once.
 */
public interface PointedPrior {
  /**
   * Looks at a picture and its cutout, once for all that is marked in them.
   *
   * @param linear the upright picture, or a part of it, in linear light; unchanged
   * @param cutout coverage 0..1 as it is now, on the same grid
   */
  View look(ColorPlanes linear, Plane cutout);

  /** What was looked at; answers marks on its grid. */
  interface View {
    /**
     * @param subject 1 where somebody marked subject, else 0
     * @param backdrop 1 where somebody marked backdrop, else 0
     * @return probability of subject, 0..1
     */
    Plane answer(Plane subject, Plane backdrop);
  }
}
