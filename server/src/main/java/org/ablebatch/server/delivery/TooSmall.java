package org.ablebatch.server.delivery;

import java.util.List;
import java.util.function.Function;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.codec.spec.SpecFile;
import org.ablebatch.core.deliver.SizeCheck;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.look.Look;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.picture.TicketFindings;
import org.springframework.stereotype.Component;

/** Holds the size of subjects against the specs on the ticket. */
@Component
class TooSmall implements TicketFindings {
  private final TicketSpecs specs;
  private final BatchService batches;

  TooSmall(TicketSpecs specs, BatchService batches) {
    this.specs = specs;
    this.batches = batches;
  }

  @Override
  public Function<SubjectMeasures, List<Finding>> of(long batchId) {
    List<SpecEntry> asked = specs.of(batchId);
    if (asked.isEmpty()) {
      return subject -> List.of();
    }
    List<Spec> wanted = SpecFile.toSpecs(asked);
    Look look = batches.require(batchId).look();
    return new SizeCheck(wanted, look)::find;
  }
}
