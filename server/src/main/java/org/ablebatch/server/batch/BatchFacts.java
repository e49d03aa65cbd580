package org.ablebatch.server.batch;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.picture.PhotoRepository;
import org.springframework.stereotype.Component;

/** Counts and spreads of many batches at once, in a fixed number of queries. */
@Component
class BatchFacts {
  private static final int SAMPLES = 5;

  private final PhotoRepository photos;

  BatchFacts(PhotoRepository photos) {
    this.photos = photos;
  }

  Map<Long, Facts> of(Collection<Long> batchIds) {
    Map<Long, Facts> all = new HashMap<>();
    for (Long id : batchIds) {
      all.put(id, new Facts());
    }
    if (batchIds.isEmpty()) {
      return all;
    }
    photos.countByState(batchIds).forEach(row -> all.get(row.batchId()).count(row));
    photos.countRemoved(batchIds).forEach(row -> all.get(row.batchId()).removed = row.count());
    photos.confidences(batchIds).forEach(row -> all.get(row.batchId()).add(row));
    photos
        .firstPlaces(batchIds, SAMPLES)
        .forEach(row -> all.get(row.getBatchId()).samples.add(row.getId()));
    photos
        .lastDeliveredFiles(batchIds)
        .forEach(row -> all.get(row.batchId()).deliveredFiles = row.count());
    return all;
  }

  /** What was counted for one batch. */
  static final class Facts {
    final Map<String, Long> counts = new LinkedHashMap<>();
    final List<Integer> confidences = new ArrayList<>();
    final List<Long> samples = new ArrayList<>();
    private final List<Integer> all = new ArrayList<>();
    long total;
    long removed;
    long queued;
    long deliveredFiles;

    Facts() {
      for (PictureState state : PictureState.values()) {
        counts.put(state.wireName(), 0L);
      }
      for (int band = 0; band < 10; band++) {
        confidences.add(0);
      }
    }

    private void count(PhotoRepository.StateCount row) {
      counts.merge(row.state().wireName(), row.count(), Long::sum);
      total += row.count();
      queued += row.queued() ? row.count() : 0;
    }

    private void add(PhotoRepository.ConfidenceCount row) {
      int band = Math.min(9, row.confidence() / 10);
      confidences.set(band, confidences.get(band) + (int) row.count());
      for (int i = 0; i < row.count(); i++) {
        all.add(row.confidence());
      }
    }

    Integer median() {
      all.sort(Integer::compare);
      return all.isEmpty() ? null : all.get(all.size() / 2);
    }
  }
}
