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
   * @param linear the upright picture, or a part of it, in linear light; unchanged
   * @param subject 1 where somebody marked subject, else 0; on the same grid, like all planes
   * @param backdrop 1 where somebody marked backdrop, else 0
   * @param cutout coverage 0..1 as it is now
   * @return probability of subject, 0..1
   */
  Plane answer(ColorPlanes linear, Plane subject, Plane backdrop, Plane cutout);
}
