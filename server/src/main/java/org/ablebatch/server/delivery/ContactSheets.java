package org.ablebatch.server.delivery;

import java.util.List;
import org.ablebatch.codec.deliver.ContactSheet;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.look.Look;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.dressing.DressingService;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.problem.Conflict;
import org.springframework.stereotype.Service;

/** What is passed in a batch, on paper for whoever has to say yes to it. */
@Service
class ContactSheets {
  private static final int CELL_PX = 420;
  private static final Spec CELL =
      Spec.exact("Cell", CELL_PX, CELL_PX, new Encoding.Jpeg(85, Encoding.Chroma.HALF, false));

  private final BatchService batches;
  private final DeliveryService deliveries;
  private final DressingService dressing;

  ContactSheets(BatchService batches, DeliveryService deliveries, DressingService dressing) {
    this.batches = batches;
    this.deliveries = deliveries;
    this.dressing = dressing;
  }

  /**
   * @param perPage pictures on a page
   * @throws Conflict when no picture is passed
   */
  byte[] of(long batchId, int perPage) {
    Batch batch = batches.require(batchId);
    Look look = batch.look();
    List<PhotoRow> rows = deliveries.deliverable(batchId);
    if (rows.isEmpty()) {
      throw new Conflict("No picture of this batch has been passed yet, so the sheet is empty.");
    }
    try (ContactSheet sheet = new ContactSheet(batch.name(), perPage)) {
      for (PhotoRow row : rows) {
        sheet.add(
            dressing.previewOnce(row, CELL, look, CELL_PX),
            row.photo().labels().code(),
            row.photo().fileName());
      }
      return sheet.bytes();
    }
  }
}
