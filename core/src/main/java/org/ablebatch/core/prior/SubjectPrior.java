package org.ablebatch.core.prior;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;

/**
 * A learned guess at which pixels are subject. It only suggests where to look: the picture's own
 * colours and edges decide, and may outvote it. Implementations are deterministic and may be called
 * from several threads at once.
 */
public interface SubjectPrior {
  /**
   * @param linear the upright picture at reading size, linear light; unchanged
   * @return probability 0..1 per pixel, on the same grid; soft, and a few pixels off at edges
   */
  Plane suggest(ColorPlanes linear);
}
