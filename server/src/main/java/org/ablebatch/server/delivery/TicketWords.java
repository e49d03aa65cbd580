package org.ablebatch.server.delivery;

import org.ablebatch.codec.spec.WordsEntry;
import org.ablebatch.server.batch.BatchService;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What a batch's delivered files say of themselves. */
@Component
public class TicketWords {
  private final BatchService batches;
  private final JsonMapper json;

  TicketWords(BatchService batches, JsonMapper json) {
    this.batches = batches;
    this.json = json;
  }

  public WordsEntry of(long batchId) {
    return read(batches.fileWords(batchId));
  }

  /**
   * @param text as it is kept; null = nothing
   */
  WordsEntry read(String text) {
    return text == null ? WordsEntry.NONE : json.readValue(text, WordsEntry.class);
  }

  /** As it is kept; null where nothing is said. */
  String kept(WordsEntry words) {
    return words == null || words.equals(WordsEntry.NONE) ? null : json.writeValueAsString(words);
  }

  /**
   * @param words null = nothing
   * @throws org.ablebatch.core.deliver.InvalidSpec naming the field that is wrong
   */
  public void set(long batchId, WordsEntry words) {
    if (words != null) {
      words.toPlan();
    }
    batches.setFileWords(batchId, kept(words));
  }
}
