package org.ablebatch.server.delivery;

import java.util.List;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.codec.spec.SpecFile;
import org.ablebatch.server.batch.BatchService;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The specs that stand on a batch's ticket. */
@Component
public class TicketSpecs {
  private final BatchService batches;
  private final JsonMapper json;

  TicketSpecs(BatchService batches, JsonMapper json) {
    this.batches = batches;
    this.json = json;
  }

  /** Empty = none yet. */
  public List<SpecEntry> of(long batchId) {
    String text = batches.specs(batchId);
    return text == null ? List.of() : List.of(json.readValue(text, SpecEntry[].class));
  }

  /**
   * @param specs null or empty = none
   * @throws org.ablebatch.core.deliver.InvalidSpec naming the field that is wrong
   */
  public void set(long batchId, List<SpecEntry> specs) {
    if (specs == null || specs.isEmpty()) {
      batches.setSpecs(batchId, null);
      return;
    }
    SpecFile.toSpecs(specs);
    batches.setSpecs(batchId, json.writeValueAsString(specs));
  }
}
