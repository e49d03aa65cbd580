package org.ablebatch.server.picture;

import java.util.List;
import java.util.function.Function;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.finding.Finding;

/** What is wrong with a cutout only because of what its ticket asks for. */
public interface TicketFindings {
  /**
   * Reads the ticket once, for many pictures.
   *
   * @return from a subject's measures to what is found
   */
  Function<SubjectMeasures, List<Finding>> of(long batchId);
}
