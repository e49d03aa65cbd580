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
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.ablebatch.core.dress.BackdropAdvice;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.LookCheck;
import org.ablebatch.core.dress.LookFix;
import org.ablebatch.core.dress.LookNote;
import org.ablebatch.core.dress.RimColours;
import org.ablebatch.core.dress.ToneStatistics;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.Tone;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.PlannedPhoto;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/**
 * What a batch's look hurts, picture by picture. It is found in the background, one picture after
 * the other, and kept until the picture or the look changes.
 */
@Service
public class LookProblems {
  private static final Logger LOG = LoggerFactory.getLogger(LookProblems.class);
  private static final int MOST_KEPT = 30_000;
  private static final int MOST_COMPARED = 300;
  private static final List<PictureState> DRESSED =
      Arrays.stream(PictureState.values()).filter(PictureState::isDeliverable).toList();

  private final BatchService batches;
  private final PhotoRepository photos;
  private final DressingService dressing;
  private final LookCheck check;
  private final LookFix fix;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "look-problems");
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            return thread;
          });
  private final Set<Key> queued = new HashSet<>();
  private final Map<Key, Found> known =
      new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Found> eldest) {
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
    this.fix = new LookFix(supplies);
  }

  /** A picture under a look in a frame, each in one state. */
  private record Key(
      long photoId, long photoRevision, long lookVersion, long lookRevision, Frame frame) {}

  /**
   * What was found on a picture.
   *
   * @param tone of its subject, without the look
   */
  private record Found(List<LookNote> notes, ToneStatistics tone, RimColours rim) {
    static final Found NOTHING = new Found(List.of(), null, new RimColours(List.of()));
  }

  /** What is known so far; the rest is being found. */
  LookProblemsView of(long batchId, Frame frame) {
    Batch batch = batches.require(batchId);
    Look look = batch.look();
    List<PhotoRow> rows = photos.rowsInOrder(batchId, DRESSED);
    Map<LookNote.Kind, Integer> counts = new EnumMap<>(LookNote.Kind.class);
    List<LookProblemsView.Problem> problems = new ArrayList<>();
    List<Found> all = new ArrayList<>();
    for (PhotoRow row : rows) {
      Found found = foundOn(key(row.photo(), batch, frame), row, look);
      if (found != null) {
        all.add(found);
        for (LookNote note : found.notes()) {
          counts.merge(note.kind(), 1, Integer::sum);
          problems.add(LookProblemsView.Problem.of(row.photo().id(), note));
        }
      }
    }
    return new LookProblemsView(
        all.size(),
        rows.size(),
        (int) problems.stream().map(LookProblemsView.Problem::pictureId).distinct().count(),
        counts.entrySet().stream()
            .sorted(Map.Entry.<LookNote.Kind, Integer>comparingByValue(Comparator.reverseOrder()))
            .map(
                e ->
                    new LookProblemsView.Count(
                        e.getKey().wireName(),
                        e.getKey().label(),
                        e.getValue(),
                        LookFix.mends(e.getKey())))
            .toList(),
        problems,
        cohesion(all, look),
        all.size() < rows.size() ? List.of() : advice(all));
  }

  /** What is known already of a picture under its batch's look in a frame; looks for nothing. */
  public List<LookNote> knownOf(PlannedPhoto photo, Batch batch, Frame frame) {
    synchronized (known) {
      Found found =
          known.isEmpty() ? null : known.get(key(photo.id(), photo.revision(), batch, frame));
      return found == null ? List.of() : found.notes();
    }
  }

  private static LookProblemsView.Cohesion cohesion(List<Found> all, Look look) {
    List<ToneStatistics> before =
        thinned(all).stream().map(Found::tone).filter(Objects::nonNull).toList();
    if (look.tone().isEmpty() || before.size() < 2) {
      return null;
    }
    Tone tone = look.tone().get();
    return new LookProblemsView.Cohesion(
        ToneStatistics.cohesion(before),
        ToneStatistics.cohesion(before.stream().map(t -> t.under(tone)).toList()));
  }

  private static List<LookProblemsView.Advice> advice(List<Found> all) {
    List<RimColours> rims =
        thinned(all).stream().map(Found::rim).filter(rim -> !rim.lab().isEmpty()).toList();
    return BackdropAdvice.of(rims).stream()
        .map(s -> new LookProblemsView.Advice(s.colour().text(), s.least()))
        .toList();
  }

  /** Pairs grow with the square; a part of a large set says the same of it. */
  private static List<Found> thinned(List<Found> all) {
    int step = (all.size() + MOST_COMPARED - 1) / MOST_COMPARED;
    return step <= 1
        ? all
        : IntStream.range(0, all.size() / step).mapToObj(i -> all.get(i * step)).toList();
  }

  /** What can be done about one kind: for every picture that has it, the part as it should be. */
  Map<PhotoRow, Part> mended(long batchId, Frame frame, LookNote.Kind kind) {
    Batch batch = batches.require(batchId);
    Map<PhotoRow, Part> mended = new LinkedHashMap<>();
    for (PhotoRow row : photos.rowsInOrder(batchId, DRESSED)) {
      if (isKnownWithout(key(row.photo(), batch, frame), kind)) {
        continue;
      }
      Look effective = DressingService.lookOf(batch.look(), row.photo());
      Dressable dressable = dressing.checkSize(row, effective.needsPhotograph());
      double reduced = dressable.cutout().width() / (double) row.photo().width();
      check.find(dressable, effective, frame, reduced).stream()
          .filter(note -> note.kind() == kind)
          .findFirst()
          .flatMap(note -> fix.of(note, dressable, effective, frame, reduced))
          .ifPresent(part -> mended.put(row, part));
    }
    return mended;
  }

  private static Key key(Photo photo, Batch batch, Frame frame) {
    return key(photo.id(), photo.revision(), batch, frame);
  }

  private static Key key(long photoId, long revision, Batch batch, Frame frame) {
    return new Key(
        photoId, revision, batch.lookVersion().id(), batch.lookVersion().kept().revision(), frame);
  }

  private boolean isKnownWithout(Key key, LookNote.Kind kind) {
    synchronized (known) {
      Found found = known.get(key);
      return found != null && found.notes().stream().noneMatch(note -> note.kind() == kind);
    }
  }

  /** Null while it is not known; it is found soon. */
  private Found foundOn(Key key, PhotoRow row, Look look) {
    synchronized (known) {
      Found found = known.get(key);
      if (found == null && queued.add(key)) {
        worker.submit(() -> find(key, row, look));
      }
      return found;
    }
  }

  private void find(Key key, PhotoRow row, Look look) {
    Found found = Found.NOTHING;
    try {
      Look effective = DressingService.lookOf(look, row.photo());
      Dressable dressable = dressing.checkSize(row, effective.needsPhotograph());
      double reduced = dressable.cutout().width() / (double) row.photo().width();
      found =
          new Found(
              check.find(dressable, effective, key.frame(), reduced),
              dressable.tone(),
              RimColours.of(dressable));
    } catch (RuntimeException | OutOfMemoryError e) {
      LOG.warn("looking for what a look hurts on picture {} failed", key.photoId(), e);
    }
    synchronized (known) {
      known.put(key, found);
      queued.remove(key);
    }
  }

  @PreDestroy
  void stop() {
    worker.shutdownNow();
  }
}
