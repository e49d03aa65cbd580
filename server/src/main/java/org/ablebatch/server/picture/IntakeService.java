package org.ablebatch.server.picture;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.function.Consumer;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.naming.SafeNames;
import org.ablebatch.core.sets.FolderPath;
import org.ablebatch.core.sets.SetPlace;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchRepository;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.StorageFailed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Takes files into a batch, one by one, so that a bad file never costs a good one. The bytes are
 * safe in the store before the database speaks of them.
 */
@Service
public class IntakeService {
  private static final Logger LOG = LoggerFactory.getLogger(IntakeService.class);
  private static final int LONGEST_NAME = 200;
  private static final String TOO_LITTLE_MEMORY =
      "This picture needs more memory than the program may use";
  private static final String STUMBLED =
      "This file could not be read because of a mistake in the program; others are not affected";

  private final FileReading reading;
  private final PhotoRepository photos;
  private final BatchRepository batches;
  private final BatchEvents events;
  private final TransactionTemplate transaction;
  private final Clock clock;

  IntakeService(
      FileReading reading,
      PhotoRepository photos,
      BatchRepository batches,
      BatchEvents events,
      TransactionTemplate transaction,
      Clock clock) {
    this.reading = reading;
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
    return take(
        new Arrival(batchId, uploadedName, null),
        keepDuplicates,
        () -> reading.read(bytes),
        result -> {});
  }

  /**
   * A file that has come.
   *
   * @param path its name, with folders where it came in some; may be anything
   * @param place the place in the batch that was kept for it; null = the next
   */
  public record Arrival(long batchId, String path, Integer place) {}

  /** Reads a file, and by that puts it into the store. */
  private interface Reading {
    TakenFile read() throws UnreadablePicture, InterruptedException;
  }

  /**
   * @param together is done in the transaction in which the picture appears, so that neither is
   *     ever there without the other; also hears what was refused
   * @throws StorageFailed when the disk is full: nothing is wrong with the file
   */
  private IntakeResult take(
      Arrival arrival, boolean keepDuplicates, Reading file, Consumer<IntakeResult> together) {
    String name = SafeNames.shortened(SafeNames.cleaned(arrival.path()), LONGEST_NAME);
    TakenFile taken;
    try {
      taken = file.read();
    } catch (UnreadablePicture e) {
      return refused(name, e.getMessage(), together);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return IntakeResult.refused(name, "The server is stopping; send this file again");
    } catch (StorageFailed e) {
      throw e;
    } catch (OutOfMemoryError e) {
      LOG.error("{} needs more memory", name, e);
      return refused(name, TOO_LITTLE_MEMORY, together);
    } catch (RuntimeException e) {
      // One file that the program stumbles over must not stand in the way of all others.
      LOG.error("reading {} failed", name, e);
      return refused(name, STUMBLED, together);
    }
    return transaction.execute(
        status -> {
          IntakeResult result = add(arrival, name, taken, keepDuplicates);
          together.accept(result);
          return result;
        });
  }

  private IntakeResult refused(String name, String problem, Consumer<IntakeResult> together) {
    IntakeResult result = IntakeResult.refused(name, problem);
    transaction.executeWithoutResult(status -> together.accept(result));
    return result;
  }

  /** The first place of a batch that is free; nobody else may take it in this transaction. */
  public int nextPlace(long batchId) {
    lock(batchId);
    return photos.lastPlace(batchId) + 1;
  }

  private IntakeResult add(Arrival arrival, String name, TakenFile taken, boolean keepDuplicates) {
    Batch batch = lock(arrival.batchId());
    Optional<Photo> twin =
        photos.findFirstByBatchIdAndTakenOriginalBlobAndRemovedAtIsNullOrderByPlace(
            batch.id(), taken.originalBlob());
    if (twin.isPresent() && !keepDuplicates) {
      return IntakeResult.duplicate(name, twin.get());
    }
    return IntakeResult.taken(append(batch, arrival, name, taken));
  }

  /** The batch's row is locked so that two uploads can't take the same place. */
  private Batch lock(long batchId) {
    return batches.lock(batchId).orElseThrow(() -> new NotFound("batch", batchId));
  }

  private Photo append(Batch batch, Arrival arrival, String name, TakenFile taken) {
    int place = arrival.place() != null ? arrival.place() : photos.lastPlace(batch.id()) + 1;
    String folder = FolderPath.of(arrival.path());
    SetPlace set =
        batch.namePattern().map(pattern -> pattern.of(folder, name)).orElse(SetPlace.NONE);
    Photo photo =
        photos.save(new Photo(batch.id(), place, folder, name, set, taken, clock.instant()));
    events.changed(batch.id(), photo.id());
    return photo;
  }

  /**
   * A file that lies in the upload folder: its bytes are not written a second time.
   *
   * @param together as above
   */
  public IntakeResult take(
      Arrival arrival, Path file, byte[] bytes, Consumer<IntakeResult> together) {
    return take(arrival, false, () -> reading.read(bytes, file), together);
  }

  /**
   * A file out of an archive.
   *
   * @param together as above
   */
  public IntakeResult take(Arrival arrival, byte[] bytes, Consumer<IntakeResult> together) {
    return take(arrival, false, () -> reading.read(bytes), together);
  }

  /** The same bytes once more, as a picture of its own. */
  @Transactional
  public IntakeResult takeTwin(Arrival arrival, long twinId) {
    Batch batch = lock(arrival.batchId());
    Photo twin =
        photos
            .findById(twinId)
            .filter(photo -> photo.batchId() == batch.id())
            .orElseThrow(() -> new NotFound("picture", twinId));
    String name = SafeNames.shortened(SafeNames.cleaned(arrival.path()), LONGEST_NAME);
    Photo added = append(batch, arrival, name, twin.asTaken());
    if (twin.crop() != null) {
      added.needsRenditions();
    }
    return IntakeResult.taken(added);
  }
}
