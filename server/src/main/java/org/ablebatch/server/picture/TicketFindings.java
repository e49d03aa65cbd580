package org.ablebatch.server.picture;

import java.util.List;
import java.util.function.Function;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.raster.Rect;

/** What is wrong with a cutout only because of what its ticket asks for. */
public interface TicketFindings {
  /**
   * Reads the ticket once, for many pictures.
   *
   * @return from a subject's measured box to what is found
   */
  Function<Rect, List<Finding>> of(long batchId);
}
