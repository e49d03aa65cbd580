package org.ablebatch.server.cutting;

import java.time.Clock;
import java.util.Optional;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.CutStopped;
import org.ablebatch.core.cut.Method;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.CutoutVersionRepository;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.StorageFailed;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Cuts the next queued picture. Written so that it may be killed anywhere: the picture is claimed
 * in one transaction and finished in another, and only by the process that claimed it.
 */
@Component
@Order(2)
class CutJob implements BackgroundWork {
  private final NextPicture next;
  private final CutWork work;
  private final BatchService batches;
  private final PhotoRepository photos;
  private final CutoutVersionRepository versions;
  private final WorkerPresence presence;
  private final BatchEvents events;
  private final Patience patience;
  private final Clock clock;

  CutJob(
      NextPicture next,
      CutWork work,
      BatchService batches,
      PhotoRepository photos,
      CutoutVersionRepository versions,
      WorkerPresence presence,
      BatchEvents events,
      Patience patience,
      Clock clock) {
    this.next = next;
    this.work = work;
    this.batches = batches;
    this.photos = photos;
    this.versions = versions;
    this.presence = presence;
    this.events = events;
    this.patience = patience;
    this.clock = clock;
  }

  /**
   * @param isDone true when the cutout was there already
   */
  private record Claim(Photo photo, Batch batch, Method method, boolean isDone) {}

  @Override
  public boolean runNext(CutProgress goesOn) {
    Optional<Claim> claim = patience.inTransaction(this::claim);
    if (claim.isEmpty()) {
      return false;
    }
    if (claim.get().isDone()) {
      return true;
    }
    Photo photo = claim.get().photo();
    try {
      CutWork.Result result =
          work.cut(photo, claim.get().batch(), claim.get().method(), photo.guidance(), goesOn);
      patience.inTransaction(() -> finish(photo.id(), result));
      return true;
    } catch (StorageFailed | CutStopped e) {
      patience.inTransaction(() -> release(photo.id()));
      throw e;
    }
  }

  private Optional<Claim> claim() {
    Photo photo = next.find().flatMap(photos::lock).orElse(null);
    if (photo == null) {
      return Optional.empty();
    }
    photo.beginCutting(presence.processId(), clock.instant());
    events.changed(photo.batchId(), photo.id());
    Batch batch = batches.require(photo.batchId());
    Method method = batch.methodFor(photo.askedMethod(), photo.group());
    CutoutVersion.Asked asked = CutKey.of(photo, batch, method, photo.guidance());
    Optional<CutoutVersion> known =
        versions.findFirstByPhotoIdAndAskedMethodAndSourceKey(
            photo.id(), asked.method(), asked.sourceKey());
    known.ifPresent(photo::receive);
    return Optional.of(new Claim(photo, batch, method, known.isPresent()));
  }

  /** A process that was thought dead may come back; what it brings is then not wanted any more. */
  private Void finish(long photoId, CutWork.Result result) {
    Photo photo = photos.lock(photoId).orElse(null);
    if (photo == null || !photo.isBeingCutBy(presence.processId())) {
      return null;
    }
    if (result instanceof CutWork.Result.Saved saved) {
      int number = versions.lastNumber(photoId) + 1;
      photo.receive(versions.save(saved.version(photo, number, clock.instant())));
    } else if (result instanceof CutWork.Result.Failed failed) {
      photo.fail(failed.kind(), failed.sentence());
    }
    events.changed(photo.batchId(), photoId);
    return null;
  }

  private Void release(long photoId) {
    photos
        .lock(photoId)
        .filter(photo -> photo.isBeingCutBy(presence.processId()))
        .ifPresent(
            photo -> {
              photo.release();
              events.changed(photo.batchId(), photoId);
            });
    return null;
  }
}
