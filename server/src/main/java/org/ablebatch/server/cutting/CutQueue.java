package org.ablebatch.server.cutting;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.guiding.GuidanceData;
import org.ablebatch.server.guiding.GuidanceJson;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Puts pictures into the queue. The queue's rows are written in the same transaction as the
 * pictures' marks, so that neither is ever there without the other.
 */
@Service
public class CutQueue {
  private final BatchService batches;
  private final PhotoRepository photos;
  private final PhotoService photoService;
  private final Scheduler scheduler;
  private final BatchEvents events;
  private final Clock clock;
  private final GuidanceJson json;

  CutQueue(
      BatchService batches,
      PhotoRepository photos,
      PhotoService photoService,
      @Lazy Scheduler cutScheduler,
      BatchEvents events,
      Clock clock,
      GuidanceJson json) {
    this.batches = batches;
    this.photos = photos;
    this.photoService = photoService;
    this.scheduler = cutScheduler;
    this.events = events;
    this.clock = clock;
    this.json = json;
  }

  /**
   * Queues every waiting picture of the batch that is not queued yet; doing it twice is harmless.
   */
  @Transactional
  public int cutBatch(long batchId) {
    batches.require(batchId);
    List<Photo> waiting =
        photos.findByBatchIdAndStateAndQueuedOrderByPlace(batchId, PictureState.WAITING, false);
    Instant now = clock.instant();
    for (Photo photo : waiting) {
      photo.enqueue(photo.askedMethod());
      schedule(photo, now.plusMillis(photo.place()));
    }
    events.changed(batchId);
    return waiting.size();
  }

  /**
   * Queues every picture of the batch that could not be cut once more.
   *
   * @param method to cut them with; null = as they were asked for
   */
  @Transactional
  public int cutFailedAgain(long batchId, Method method) {
    batches.require(batchId);
    List<Photo> failed =
        photos.findByBatchIdAndStateAndQueuedOrderByPlace(batchId, PictureState.FAILED, false);
    Instant now = clock.instant();
    for (Photo photo : failed) {
      photo.enqueue(method != null ? method : photo.askedMethod());
      schedule(photo, now.plusMillis(photo.place()));
    }
    events.changed(batchId);
    return failed.size();
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
    schedule(photo, clock.instant().minusSeconds(3600));
    events.changed(photo.batchId(), photoId);
  }

  /** A box beside the picture or a hint without points is refused now, not by the worker. */
  private static void refuseNonsense(Photo photo, GuidanceData guidance) {
    try {
      guidance.check(new Rect(0, 0, photo.width(), photo.height()));
    } catch (IllegalArgumentException e) {
      throw new BadInput("guidance", e.getMessage());
    }
  }

  private void schedule(Photo photo, Instant at) {
    scheduler.scheduleIfNotExists(
        CutJob.TASK.instance(CutJob.instanceId(photo.id())).scheduledTo(at));
  }
}
