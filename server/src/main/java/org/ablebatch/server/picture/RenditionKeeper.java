package org.ablebatch.server.picture;

import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.StorageFailed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.data.domain.Limit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Makes thumbnails and previews anew, in the background, where a crop has changed. */
@Component
class RenditionKeeper {
  private static final int AT_ONCE = 50;
  private static final long LOOK_MILLIS = 5000;
  private static final Logger LOG = LoggerFactory.getLogger(RenditionKeeper.class);

  private final PhotoRepository photos;
  private final FileReading reading;
  private final BatchEvents events;
  private final TransactionTemplate transaction;
  private final AtomicBoolean busy = new AtomicBoolean();
  private final ExecutorService thread =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread made = new Thread(work, "renditions");
            made.setDaemon(true);
            return made;
          });

  RenditionKeeper(
      PhotoRepository photos,
      FileReading reading,
      BatchEvents events,
      TransactionTemplate transaction) {
    this.photos = photos;
    this.reading = reading;
    this.events = events;
    this.transaction = transaction;
  }

  /** Looks at once whether there is something to do; also after a restart. */
  @Scheduled(fixedDelay = LOOK_MILLIS)
  void ring() {
    if (busy.compareAndSet(false, true)) {
      thread.execute(this::work);
    }
  }

  private void work() {
    try {
      List<Long> due = photos.renditionsDue(Limit.of(AT_ONCE));
      while (!due.isEmpty()) {
        for (long id : due) {
          renew(id);
        }
        due = photos.renditionsDue(Limit.of(AT_ONCE));
      }
    } catch (RuntimeException e) {
      LOG.warn("thumbnails wait: {}", e.getMessage());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } finally {
      busy.set(false);
    }
  }

  /** A photograph that can't be read any more must not keep others waiting. */
  private static FileReading.Small asBefore(Photo photo, Exception because) {
    LOG.error("the original of picture {} can’t be read any more", photo.id(), because);
    return new FileReading.Small(photo.thumbnailBlob(), photo.previewBlob());
  }

  private void renew(long id) throws InterruptedException {
    Photo seen = photos.findById(id).orElseThrow();
    Rect crop = seen.crop();
    FileReading.Small small;
    try {
      small = reading.small(seen.originalBlob(), crop);
    } catch (UnreadablePicture e) {
      small = asBefore(seen, e);
    } catch (StorageFailed e) {
      if (!e.isLasting()) {
        throw e;
      }
      small = asBefore(seen, e);
    }
    FileReading.Small made = small;
    transaction.executeWithoutResult(
        status -> {
          Photo photo = photos.lock(id).orElseThrow();
          boolean unchanged =
              photo.originalBlob().equals(seen.originalBlob())
                  && java.util.Objects.equals(photo.crop(), crop);
          if (unchanged) {
            photo.showRenditions(made);
            events.changed(photo.batchId(), id);
          }
        });
  }
}
