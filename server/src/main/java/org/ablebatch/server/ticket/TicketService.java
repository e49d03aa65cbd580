package org.ablebatch.server.ticket;

import java.util.Map;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.sets.NamePattern;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.batch.BatchView;
import org.ablebatch.server.batch.LookRequest;
import org.ablebatch.server.batch.TicketRequest;
import org.ablebatch.server.delivery.TicketSpecs;
import org.ablebatch.server.delivery.TicketWords;
import org.ablebatch.server.look.LookService;
import org.ablebatch.server.look.LookVersion;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.sets.PatternData;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Writes a batch's ticket out and takes one in. */
@Service
class TicketService {
  private final BatchService batches;
  private static final JsonMapper JSON = new JsonMapper();

  private final TicketSpecs specs;
  private final TicketWords words;
  private final LookService looks;

  TicketService(BatchService batches, TicketSpecs specs, TicketWords words, LookService looks) {
    this.words = words;
    this.batches = batches;
    this.specs = specs;
    this.looks = looks;
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
        look(batch.lookVersion()),
        specs.of(batchId),
        words.of(batchId),
        batch.namePattern().map(PatternData::of).orElse(null),
        view.sharpenEnlarged(),
        view.takeSafeMends(),
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
            look(file.look()),
            file.methodByGroup() == null ? Map.of() : file.methodByGroup(),
            Boolean.TRUE.equals(file.sharpenEnlarged()),
            Boolean.TRUE.equals(file.takeSafeMends()),
            file.notes() == null ? "" : file.notes()));
    batches.setNamePattern(batchId, pattern);
    specs.set(batchId, file.specs());
    words.set(batchId, file.words());
  }

  /** What is a backdrop and a margin alone stands there as such. */
  private static TicketLook look(LookVersion version) {
    Look look = version.look();
    boolean measured = look.subject().size() == SubjectPlace.Size.MARGIN;
    double margin = measured ? look.subject().percent() : 0;
    if (measured && look.equals(Look.plain(look.backdrop(), margin))) {
      return new TicketLook(look.backdrop().text(), margin, null, null);
    }
    return new TicketLook(null, null, version.kept().name(), JSON.readTree(version.parts()));
  }

  private LookRequest look(TicketLook look) {
    if (look == null) {
      Look plain = Look.DEFAULT;
      return new LookRequest(null, plain.backdrop().text(), plain.subject().percent());
    }
    if (look.parts() == null) {
      return new LookRequest(null, look.backdrop(), look.marginPercent());
    }
    Look whole = LookFile.ofParts(look.parts().toString());
    return new LookRequest(looks.keepOnce(look.name(), whole).kept().id(), null, null);
  }
}
