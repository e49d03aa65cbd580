package org.ablebatch.server.batch;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.ablebatch.core.line.PictureState;

/** What was counted of one batch. The rooms above this one count; each adds what it knows. */
public final class BatchFacts {
  private static final int BANDS = 10;

  /** A room that can say something about many batches in a fixed number of queries. */
  public interface Source {
    /**
     * Adds what it knows to the facts of each of these batches.
     *
     * @param byBatch has an entry for every one of {@code batchIds}, which are at least one
     */
    void addTo(Map<Long, BatchFacts> byBatch, Collection<Long> batchIds);
  }

  final Map<String, Long> counts = new LinkedHashMap<>();
  final List<Integer> confidences = new ArrayList<>();
  final List<Long> samples = new ArrayList<>();
  private final List<Integer> all = new ArrayList<>();
  long total;
  long removed;
  long queued;
  long deliveredFiles;

  BatchFacts() {
    for (PictureState state : PictureState.values()) {
      counts.put(state.wireName(), 0L);
    }
    for (int band = 0; band < BANDS; band++) {
      confidences.add(0);
    }
  }

  /** So many pictures in this state. */
  public void count(PictureState state, boolean inQueue, long pictures) {
    counts.merge(state.wireName(), pictures, Long::sum);
    total += pictures;
    queued += inQueue ? pictures : 0;
  }

  /** So many pictures that were taken out. */
  public void countRemoved(long pictures) {
    removed = pictures;
  }

  /** So many cutouts of this confidence, 0..100. */
  public void countConfidence(int confidence, long cutouts) {
    int band = Math.min(BANDS - 1, confidence / BANDS);
    confidences.set(band, confidences.get(band) + (int) cutouts);
    for (int i = 0; i < cutouts; i++) {
      all.add(confidence);
    }
  }

  /** One more picture by which the batch can be shown. */
  public void sample(long pictureId) {
    samples.add(pictureId);
  }

  /** So many files made in the last delivery. */
  public void countDelivered(long files) {
    deliveredFiles = files;
  }

  Integer medianConfidence() {
    all.sort(Integer::compare);
    return all.isEmpty() ? null : all.get(all.size() / 2);
  }
}
