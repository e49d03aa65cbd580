package org.ablebatch.server.ticket;

import java.util.Map;
import org.ablebatch.core.dress.Fill;
import org.ablebatch.core.dress.Look;
import org.ablebatch.core.sets.NamePattern;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.batch.BatchView;
import org.ablebatch.server.batch.TicketRequest;
import org.ablebatch.server.delivery.TicketSpecs;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.sets.PatternData;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes a batch's ticket out and takes one in. */
@Service
class TicketService {
  private final BatchService batches;
  private final TicketSpecs specs;

  TicketService(BatchService batches, TicketSpecs specs) {
    this.batches = batches;
    this.specs = specs;
  }

  @Transactional(readOnly = true)
  public TicketFile of(long batchId) {
    Batch batch = batches.require(batchId);
    BatchView view = batches.view(batchId);
    return new TicketFile(
        TicketFile.KIND,
        TicketFile.VERSION,
        view.name(),
        view.method(),
        view.methodRules(),
        view.look(),
        specs.of(batchId),
        batch.namePattern().map(PatternData::of).orElse(null),
        view.sharpenEnlarged(),
        view.notes());
  }

  /** Takes a ticket over whole, or, where something in it is wrong, not at all. */
  @Transactional
  public void apply(long batchId, TicketFile file) {
    if (!TicketFile.KIND.equals(file.kind())) {
      throw new BadInput("able-batch", "This file is not a ticket of Able Batch");
    }
    if (file.version() != TicketFile.VERSION) {
      throw new BadInput(
          "version",
          "This ticket has form %d; this program reads form %d"
              .formatted(file.version(), TicketFile.VERSION));
    }
    NamePattern pattern = file.names() == null ? null : file.names().toPattern();
    batches.change(
        batchId,
        new TicketRequest(
            null,
            file.method() == null ? "auto" : file.method(),
            file.look() == null ? defaultLook() : file.look(),
            file.methodByGroup() == null ? Map.of() : file.methodByGroup(),
            Boolean.TRUE.equals(file.sharpenEnlarged()),
            file.notes() == null ? "" : file.notes()));
    batches.setNamePattern(batchId, pattern);
    specs.set(batchId, file.specs());
  }

  private static BatchView.LookView defaultLook() {
    Fill fill = Look.DEFAULT.backdrop();
    return new BatchView.LookView(fill.text(), Look.DEFAULT.marginPercent());
  }
}
