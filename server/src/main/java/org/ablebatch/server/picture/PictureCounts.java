package org.ablebatch.server.picture;

import java.util.Collection;
import java.util.Map;
import org.ablebatch.server.batch.BatchFacts;
import org.springframework.stereotype.Component;

/** How many pictures of a batch stand where, how much they are trusted, and which stand for it. */
@Component
class PictureCounts implements BatchFacts.Source {
  private static final int SAMPLES = 5;

  private final PhotoRepository photos;

  PictureCounts(PhotoRepository photos) {
    this.photos = photos;
  }

  @Override
  public void addTo(Map<Long, BatchFacts> byBatch, Collection<Long> batchIds) {
    photos
        .countByState(batchIds)
        .forEach(row -> byBatch.get(row.batchId()).count(row.state(), row.queued(), row.count()));
    photos
        .countRemoved(batchIds)
        .forEach(row -> byBatch.get(row.batchId()).countRemoved(row.count()));
    photos
        .confidences(batchIds)
        .forEach(row -> byBatch.get(row.batchId()).countConfidence(row.confidence(), row.count()));
    photos
        .firstPlaces(batchIds, SAMPLES)
        .forEach(row -> byBatch.get(row.getBatchId()).sample(row.getId()));
  }
}
