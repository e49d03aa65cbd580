package org.ablebatch.server.strip;

import java.time.Clock;
import java.util.Optional;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.CutStopped;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.cutting.BackgroundWork;
import org.ablebatch.server.cutting.CutKey;
import org.ablebatch.server.cutting.CutWork;
import org.ablebatch.server.cutting.Patience;
import org.ablebatch.server.cutting.WorkerPresence;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.CutoutVersionRepository;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.StorageFailed;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Cuts the cells of test strips, ahead of every batch: somebody is looking at them. A cell becomes
 * a version of its picture that is not the current one, and the run finds it there.
 */
@Component
@Order(1)
class StripJob implements BackgroundWork {
  private final StripCellRepository cells;
  private final CutWork work;
  private final BatchService batches;
  private final PhotoRepository photos;
  private final CutoutVersionRepository versions;
  private final WorkerPresence presence;
  private final BatchEvents events;
  private final Patience patience;
  private final Clock clock;

  StripJob(
      StripCellRepository cells,
      CutWork work,
      BatchService batches,
      PhotoRepository photos,
      CutoutVersionRepository versions,
      WorkerPresence presence,
      BatchEvents events,
      Patience patience,
      Clock clock) {
    this.cells = cells;
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
  private record Claim(StripCell cell, Photo photo, Batch batch, boolean isDone) {}

  @Override
  public boolean runNext(CutProgress goesOn) {
    Optional<Claim> claimed = patience.inTransaction(this::claim);
    if (claimed.isEmpty() || claimed.get().isDone()) {
      return claimed.isPresent();
    }
    Claim claim = claimed.get();
    try {
      CutWork.Result result =
          work.cut(claim.photo, claim.batch, claim.cell.method(), claim.photo.guidance(), goesOn);
      patience.inTransaction(() -> finish(claim, result));
      return true;
    } catch (StorageFailed | CutStopped e) {
      patience.inTransaction(() -> release(claim.cell.id()));
      throw e;
    }
  }

  private Optional<Claim> claim() {
    StripCell cell = cells.next().flatMap(cells::lock).orElse(null);
    if (cell == null) {
      return Optional.empty();
    }
    cell.begin(presence.processId());
    events.changed(cell.batchId());
    Photo photo = photos.findById(cell.photoId()).orElseThrow();
    Batch batch = batches.require(cell.batchId());
    CutoutVersion.Asked asked = CutKey.of(photo, batch, cell.method(), photo.guidance());
    Optional<CutoutVersion> known =
        versions.findFirstByPhotoIdAndAskedMethodAndSourceKey(
            photo.id(), asked.method(), asked.sourceKey());
    known.ifPresent(version -> cell.finish(version.id()));
    return Optional.of(new Claim(cell, photo, batch, known.isPresent()));
  }

  private Void finish(Claim claim, CutWork.Result result) {
    StripCell cell = cells.lock(claim.cell.id()).orElse(null);
    if (cell == null || !cell.isBeingCutBy(presence.processId())) {
      return null;
    }
    if (result instanceof CutWork.Result.Saved saved) {
      // The picture's row is locked so that two versions can't take the same number.
      photos.lock(cell.photoId());
      int number = versions.lastNumber(cell.photoId()) + 1;
      CutoutVersion version = versions.save(saved.version(claim.photo, number, clock.instant()));
      cell.finish(version.id());
    } else if (result instanceof CutWork.Result.Failed failed) {
      cell.fail(failed.sentence());
    }
    events.changed(cell.batchId());
    return null;
  }

  private Void release(long cellId) {
    cells
        .lock(cellId)
        .filter(cell -> cell.isBeingCutBy(presence.processId()))
        .ifPresent(StripCell::release);
    return null;
  }
}
