package org.ablebatch.server.progress;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What has happened in each batch since it was last told. Several threads may add while one takes;
 * nothing that is added is lost.
 *
 * @param <T> what is to be told of a picture; the newest counts
 */
final class Gathered<T> {
  /** A batch's map is only touched inside {@code compute}; whoever has removed it has it alone. */
  private final Map<Long, Map<Long, T>> ofBatches = new ConcurrentHashMap<>();

  /**
   * @param ofPictures picture id to what is to be told; empty = the batch itself
   */
  record OfBatch<T>(long batchId, Map<Long, T> ofPictures) {}

  /** The batch itself has something to tell. */
  void add(long batchId) {
    ofBatches.computeIfAbsent(batchId, id -> new HashMap<>());
  }

  void add(long batchId, long photoId, T news) {
    ofBatches.compute(
        batchId,
        (id, there) -> {
          Map<Long, T> ofPictures = there == null ? new HashMap<>() : there;
          ofPictures.put(photoId, news);
          return ofPictures;
        });
  }

  /** Takes out all there is, batch by batch. */
  List<OfBatch<T>> take() {
    List<OfBatch<T>> out = new ArrayList<>();
    for (Long batchId : List.copyOf(ofBatches.keySet())) {
      out.add(new OfBatch<>(batchId, ofBatches.remove(batchId)));
    }
    return out;
  }
}
