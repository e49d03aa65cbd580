package org.ablebatch.server.cutting;

import java.util.List;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.run.RunPriority;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.guiding.GuidanceData;
import org.ablebatch.server.guiding.GuidanceJson;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Puts pictures into the queue and takes them out. A picture's own row is its place in the queue,
 * so that a picture and its place are never at odds.
 */
@Service
public class CutQueue {
  private final BatchService batches;
  private final PhotoRepository photos;
  private final PhotoService photoService;
  private final CutWorkers workers;
  private final BatchEvents events;
  private final GuidanceJson json;

  CutQueue(
      BatchService batches,
      PhotoRepository photos,
      PhotoService photoService,
      CutWorkers workers,
      BatchEvents events,
      GuidanceJson json) {
    this.batches = batches;
    this.photos = photos;
    this.photoService = photoService;
    this.workers = workers;
    this.events = events;
    this.json = json;
  }

  /**
   * Queues every waiting picture of the batch that is not queued yet; doing it twice is harmless. A
   * paused batch goes on.
   */
  @Transactional
  public int cutBatch(long batchId) {
    List<Photo> waiting = inState(batchId, PictureState.WAITING);
    waiting.forEach(photo -> photo.enqueue(photo.askedMethod()));
    if (!waiting.isEmpty()) {
      batches.require(batchId).setPaused(false);
    }
    return queued(batchId, waiting);
  }

  /**
   * Queues every picture of the batch that could not be cut once more.
   *
   * @param method to cut them with; null = as they were asked for
   * @param ids only these; null = all
   */
  @Transactional
  public int cutFailedAgain(long batchId, Method method, List<Long> ids) {
    List<Photo> failed =
        inState(batchId, PictureState.FAILED).stream()
            .filter(photo -> ids == null || ids.contains(photo.id()))
            .toList();
    failed.forEach(photo -> photo.enqueue(method != null ? method : photo.askedMethod()));
    return queued(batchId, failed);
  }

  private List<Photo> inState(long batchId, PictureState state) {
    batches.require(batchId);
    return photos.lockAllInState(batchId, state, false);
  }

  private int queued(long batchId, List<Photo> added) {
    events.changed(batchId);
    added.forEach(photo -> events.changed(batchId, photo.id()));
    events.afterCommit(workers::ring);
    return added.size();
  }

  /** Takes what waits out of the queue; what is being cut is finished. */
  @Transactional
  public int cancel(long batchId) {
    batches.require(batchId);
    List<Photo> queued = photos.lockAllInState(batchId, PictureState.WAITING, true);
    queued.forEach(Photo::dequeue);
    batches.require(batchId).setPaused(false);
    return queued(batchId, queued);
  }

  /** Holds the batch's queue, or lets it go on. */
  @Transactional
  public void pause(long batchId, boolean paused) {
    batches.require(batchId).setPaused(paused);
    queued(batchId, List.of());
  }

  @Transactional
  public void setPriority(long batchId, RunPriority priority) {
    batches.require(batchId).setPriority(priority);
    queued(batchId, List.of());
  }

  /**
   * Cuts one picture again, ahead of the rest. Its present cutout stays until the new one is there.
   */
  @Transactional
  public void cutAgain(long photoId, Method method, GuidanceData guidance) {
    Photo photo = photoService.lock(photoId);
    if (photo.isQueued() || photo.state() == PictureState.CUTTING) {
      throw new Conflict("This picture is already in the queue.");
    }
    refuseNonsense(photo, guidance);
    photo.enqueue(method, json.write(guidance));
    photo.hurry();
    events.changed(photo.batchId(), photoId);
    events.afterCommit(workers::ring);
  }

  /** A box beside the picture or a hint without points is refused now, not by the worker. */
  private static void refuseNonsense(Photo photo, GuidanceData guidance) {
    try {
      guidance.check(new Rect(0, 0, photo.width(), photo.height()));
    } catch (BadInput e) {
      throw e;
    } catch (IllegalArgumentException e) {
      throw new BadInput("guidance", e.getMessage());
    }
  }
}
