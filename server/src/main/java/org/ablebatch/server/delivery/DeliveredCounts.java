package org.ablebatch.server.delivery;

import java.util.Collection;
import java.util.Map;
import org.ablebatch.server.batch.BatchFacts;
import org.springframework.stereotype.Component;

/** How many files the last delivery of a batch made. */
@Component
class DeliveredCounts implements BatchFacts.Source {
  private final DeliveredFileRepository files;

  DeliveredCounts(DeliveredFileRepository files) {
    this.files = files;
  }

  @Override
  public void addTo(Map<Long, BatchFacts> byBatch, Collection<Long> batchIds) {
    files
        .lastDelivered(batchIds)
        .forEach(row -> byBatch.get(row.batchId()).countDelivered(row.count()));
  }
}
