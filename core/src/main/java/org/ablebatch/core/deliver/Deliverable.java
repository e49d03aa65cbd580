package org.ablebatch.core.deliver;

import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.look.Look;

/**
 * A picture that may be delivered, as far as a plan has to know it.
 *
 * @param measures at the original's size
 * @param look the batch's, with what the picture does otherwise
 */
public record Deliverable(SubjectMeasures measures, Look look) {
  public Labels labels() {
    return measures.labels();
  }
}
