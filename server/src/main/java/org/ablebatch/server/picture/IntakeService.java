package org.ablebatch.server.picture;

import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.ReadPicture;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.deliver.FileNames;
import org.ablebatch.server.batch.BatchRepository;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.Renditions;
import org.ablebatch.server.storage.StorageFailed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Takes files into a batch, one by one, so that a bad file never costs a good one. The bytes are
 * safe in the store before the database speaks of them.
 */
@Service
public class IntakeService {
  private static final Logger LOG = LoggerFactory.getLogger(IntakeService.class);
  private static final int LONGEST_NAME = 200;

  /** Decoded pictures are large; more of them at once than cores gains nothing. */
  private final Semaphore decoding = new Semaphore(Runtime.getRuntime().availableProcessors());

  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
  private final BlobStore blobs;
  private final PhotoRepository photos;
  private final BatchRepository batches;
  private final BatchEvents events;
  private final TransactionTemplate transaction;
  private final Clock clock;

  IntakeService(
      BlobStore blobs,
      PhotoRepository photos,
      BatchRepository batches,
      BatchEvents events,
      TransactionTemplate transaction,
      Clock clock) {
    this.blobs = blobs;
    this.photos = photos;
    this.batches = batches;
    this.events = events;
    this.transaction = transaction;
    this.clock = clock;
  }

  /**
   * @param uploadedName as the browser sent it; may hold a path or anything else
   * @param keepDuplicates true = the same bytes may come twice
   */
  public IntakeResult take(
      long batchId, String uploadedName, byte[] bytes, boolean keepDuplicates) {
    String cleaned = FileNames.cleaned(uploadedName);
    String name = FileNames.shortened(cleaned, LONGEST_NAME);
    try {
      TakenFile taken = read(bytes);
      return transaction.execute(status -> add(batchId, name, taken, keepDuplicates));
    } catch (UnreadablePicture e) {
      return IntakeResult.refused(name, e.getMessage());
    } catch (StorageFailed e) {
      LOG.error("could not keep {}", name, e);
      return IntakeResult.refused(name, e.getMessage());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return IntakeResult.refused(name, "The server is stopping; send this file again");
    }
  }

  private TakenFile read(byte[] bytes) throws UnreadablePicture, InterruptedException {
    decoding.acquire();
    try {
      ReadPicture read = reader.read(bytes);
      return new TakenFile(
          blobs.put(bytes),
          bytes.length,
          read.kind(),
          read.shownByBrowsers(),
          read.picture().width(),
          read.picture().height(),
          blobs.put(Renditions.thumbnail(read.picture())),
          blobs.put(Renditions.preview(read.picture())));
    } finally {
      decoding.release();
    }
  }

  private IntakeResult add(long batchId, String name, TakenFile taken, boolean keepDuplicates) {
    // The batch's row is locked so that two uploads can't take the same place.
    batches.lock(batchId).orElseThrow(() -> new NotFound("batch", batchId));
    Optional<Photo> twin = photos.findFirstByBatchIdAndOriginalBlob(batchId, taken.originalBlob());
    if (twin.isPresent() && !keepDuplicates) {
      return IntakeResult.duplicate(name, twin.get());
    }
    int place = photos.lastPlace(batchId) + 1;
    Photo photo = photos.save(new Photo(batchId, place, name, taken, clock.instant()));
    events.changed(batchId, photo.id());
    return IntakeResult.taken(photo);
  }
}
