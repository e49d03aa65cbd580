package org.ablebatch.server.dressing;

import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.LookCheck;
import org.ablebatch.core.dress.LookNote;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.look.Look;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoRow;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/**
 * What a batch's look hurts, picture by picture. It is found in the background, one picture after
 * the other, and kept until the picture or the look changes.
 */
@Service
class LookProblems {
  private static final Logger LOG = LoggerFactory.getLogger(LookProblems.class);
  private static final int MOST_KEPT = 30_000;
  private static final List<PictureState> DRESSED =
      Arrays.stream(PictureState.values()).filter(PictureState::isDeliverable).toList();

  private final BatchService batches;
  private final PhotoRepository photos;
  private final DressingService dressing;
  private final LookCheck check;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "look-problems");
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            return thread;
          });
  private final Set<Key> queued = new HashSet<>();
  private final Map<Key, List<LookNote>> known =
      new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, List<LookNote>> eldest) {
          return size() > MOST_KEPT;
        }
      };

  LookProblems(
      BatchService batches,
      PhotoRepository photos,
      DressingService dressing,
      LookSupplies supplies) {
    this.batches = batches;
    this.photos = photos;
    this.dressing = dressing;
    this.check = new LookCheck(supplies);
  }

  /** A picture under a look in a frame, each in one state. */
  private record Key(
      long photoId, long photoRevision, long lookVersion, long lookRevision, Frame frame) {}

  /** What is known so far; the rest is being found. */
  LookProblemsView of(long batchId, Frame frame) {
    Batch batch = batches.require(batchId);
    Look look = batch.look();
    List<PhotoRow> rows = photos.rowsInOrder(batchId, DRESSED);
    Map<LookNote.Kind, Integer> counts = new EnumMap<>(LookNote.Kind.class);
    List<LookProblemsView.Problem> problems = new ArrayList<>();
    int checked = 0;
    for (PhotoRow row : rows) {
      Key key = key(row.photo(), batch, frame);
      List<LookNote> notes = notesOf(key, row, look);
      if (notes != null) {
        checked++;
        for (LookNote note : notes) {
          counts.merge(note.kind(), 1, Integer::sum);
          problems.add(LookProblemsView.Problem.of(row.photo().id(), note));
        }
      }
    }
    return new LookProblemsView(
        checked,
        rows.size(),
        (int) problems.stream().map(LookProblemsView.Problem::pictureId).distinct().count(),
        counts.entrySet().stream()
            .sorted(Map.Entry.<LookNote.Kind, Integer>comparingByValue(Comparator.reverseOrder()))
            .map(
                e ->
                    new LookProblemsView.Count(
                        e.getKey().wireName(), e.getKey().label(), e.getValue()))
            .toList(),
        problems);
  }

  private static Key key(Photo photo, Batch batch, Frame frame) {
    return new Key(
        photo.id(),
        photo.revision(),
        batch.lookVersion().id(),
        batch.lookVersion().kept().revision(),
        frame);
  }

  /** Null while it is not known; it is found soon. */
  private List<LookNote> notesOf(Key key, PhotoRow row, Look look) {
    synchronized (known) {
      List<LookNote> notes = known.get(key);
      if (notes == null && queued.add(key)) {
        worker.submit(() -> find(key, row, look));
      }
      return notes;
    }
  }

  private void find(Key key, PhotoRow row, Look look) {
    List<LookNote> notes = List.of();
    try {
      Look effective = DressingService.lookOf(look, row.photo());
      Dressable dressable = dressing.readScreenSize(row, effective.needsPhotograph());
      double reduced = dressable.cutout().width() / (double) row.photo().width();
      notes = check.find(dressable, effective, key.frame(), reduced);
    } catch (RuntimeException | OutOfMemoryError e) {
      LOG.warn("looking for what a look hurts on picture {} failed", key.photoId(), e);
    }
    synchronized (known) {
      known.put(key, notes);
      queued.remove(key);
    }
  }

  @PreDestroy
  void stop() {
    worker.shutdownNow();
  }
}
