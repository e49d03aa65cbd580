package org.ablebatch.core.prior;

import java.util.List;
import org.ablebatch.core.raster.Plane;

/**
 * What pieces of evidence are worth in a picture, learned from many. Implementations are
 * deterministic and may be called from several threads at once.
 */
public interface EvidenceNetwork {
  /**
   * @param evidence planes of one size, values -1..1, in the order in which the network learned
   *     them
   * @return probability of subject, 0..1, on the same grid
   */
  Plane weigh(List<Plane> evidence);
}
