package org.ablebatch.server.cutting;

import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.CutRequest;
import org.ablebatch.core.cut.CutStopped;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.batch.EmptySetService;
import org.ablebatch.server.guiding.GuidanceJson;
import org.ablebatch.server.picture.CutoutFiles;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.CutoutVersionRepository;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.SavedCutout;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.StorageFailed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Cuts one queued picture. Written so that it may be killed anywhere and run again: the picture is
 * claimed in one transaction and finished in another, and a picture that was finished is left
 * alone.
 */
@Component
public class CutJob {
  static final TaskDescriptor<Void> TASK = TaskDescriptor.of("cut");

  private static final String SEPARATOR = "#";
  private static final Logger LOG = LoggerFactory.getLogger(CutJob.class);

  private final Cutter cutter;
  private final BatchService batches;
  private final PhotoRepository photos;
  private final CutoutVersionRepository versions;
  private final CutoutFiles files;
  private final EmptySetService emptySets;
  private final GuidanceJson json;
  private final BatchEvents events;
  private final TransactionTemplate transaction;
  private final Clock clock;

  CutJob(
      Cutter cutter,
      BatchService batches,
      PhotoRepository photos,
      CutoutVersionRepository versions,
      CutoutFiles files,
      EmptySetService emptySets,
      GuidanceJson json,
      BatchEvents events,
      TransactionTemplate transaction,
      Clock clock) {
    this.cutter = cutter;
    this.batches = batches;
    this.photos = photos;
    this.versions = versions;
    this.files = files;
    this.emptySets = emptySets;
    this.json = json;
    this.events = events;
    this.transaction = transaction;
    this.clock = clock;
  }

  /**
   * A new name for every time that a picture is queued: the row of the time before may still be
   * there for a moment when a picture is cut again.
   */
  static String instanceId(long photoId) {
    return photoId + SEPARATOR + UUID.randomUUID();
  }

  static long photoId(String instanceId) {
    return Long.parseLong(instanceId.substring(0, instanceId.indexOf(SEPARATOR)));
  }

  /**
   * @param goesOn false once the server is stopping; the picture is then cut after the next start
   * @throws StorageFailed when the disk is full; the queue tries again later
   */
  void run(long photoId, CutProgress goesOn) {
    Optional<Claim> claim = transaction.execute(status -> claim(photoId));
    if (claim == null || claim.isEmpty()) {
      return;
    }
    try {
      cut(claim.get(), goesOn);
    } catch (StorageFailed | CutStopped e) {
      throw e;
    } catch (RuntimeException | OutOfMemoryError e) {
      LOG.error("cutting picture {} failed", photoId, e);
      fail(photoId, sentenceFor(e));
    }
  }

  private record Claim(Photo photo, Batch batch, Method method) {}

  /**
   * A picture that is already being cut belongs to a process that died: the queue gave it to us.
   */
  private Optional<Claim> claim(long photoId) {
    Photo photo = photos.lock(photoId).orElse(null);
    if (photo == null || !photo.isQueued()) {
      return Optional.empty();
    }
    if (photo.state() == PictureState.WAITING) {
      photo.beginCutting();
    }
    events.changed(photo.batchId(), photoId);
    Method asked = photo.askedMethod();
    Batch batch = batches.require(photo.batchId());
    return Optional.of(new Claim(photo, batch, asked != null ? asked : batch.method()));
  }

  private void cut(Claim claim, CutProgress goesOn) {
    long began = System.nanoTime();
    Picture original = files.original(claim.photo());
    CutOutcome outcome = cutter.cut(request(claim, original), goesOn);
    if (outcome instanceof CutOutcome.NothingFound nothing) {
      fail(claim.photo().id(), nothing.reason());
      return;
    }
    CutOutcome.Done done = (CutOutcome.Done) outcome;
    SavedCutout saved = files.save(original, done.cutout());
    long millis = (System.nanoTime() - began) / 1_000_000;
    var judgement =
        new CutoutVersion.Judgement(
            done.method().wireName(),
            done.reason(),
            done.confidence().percent(),
            new CutoutVersion.FoundSubjects(
                done.subjects().keptCount(),
                json.write(done.subjects()),
                files.saveLabels(done.subjects())),
            claim.photo().guidance(),
            millis);
    transaction.executeWithoutResult(status -> finish(claim.photo().id(), saved, judgement));
  }

  private CutRequest request(Claim claim, Picture original) {
    return json.guidance(claim.photo().guidance())
        .addTo(CutRequest.of(original, claim.method()))
        .withEmptySet(emptySets.photograph(claim.batch()));
  }

  private void finish(long photoId, SavedCutout saved, CutoutVersion.Judgement judgement) {
    Photo photo = photos.lock(photoId).orElseThrow();
    if (photo.state() != PictureState.CUTTING) {
      return;
    }
    int number = versions.lastNumber(photoId) + 1;
    CutoutVersion version =
        versions.save(new CutoutVersion(photoId, number, saved, judgement, clock.instant()));
    photo.receive(version);
    events.changed(photo.batchId(), photoId);
  }

  private void fail(long photoId, String sentence) {
    transaction.executeWithoutResult(
        status -> {
          Photo photo = photos.lock(photoId).orElseThrow();
          if (photo.state() == PictureState.CUTTING) {
            photo.fail(sentence);
            events.changed(photo.batchId(), photoId);
          }
        });
  }

  private static String sentenceFor(Throwable e) {
    return e instanceof OutOfMemoryError
        ? "The picture needs more memory than the program may use; the original is kept"
        : "Cutting stopped unexpectedly; the original is kept. Cut it again or leave it whole";
  }
}
