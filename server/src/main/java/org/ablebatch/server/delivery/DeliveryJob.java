package org.ablebatch.server.delivery;

import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import org.ablebatch.codec.deliver.FileMaker;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.codec.spec.SpecFile;
import org.ablebatch.codec.write.CannotWrite;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.deliver.WordsPlan;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.look.Look;
import org.ablebatch.server.dressing.DressingService;
import org.ablebatch.server.picture.CutoutVersionRepository;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.Sha256;
import org.ablebatch.server.storage.StorageFailed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Makes the planned files of a delivery, picture by picture. May be killed anywhere: files that are
 * there are kept, the others are made after the next start.
 */
@Component
public class DeliveryJob {
  static final TaskDescriptor<Void> TASK = TaskDescriptor.of("deliver");

  private static final String AGAIN = "-";

  private static final Logger LOG = LoggerFactory.getLogger(DeliveryJob.class);

  private static final String NOT_AS_IT_WAS =
      "It can’t be made exactly as it was: the picture’s crop, words or look were changed since."
          + " Deliver it anew";

  private static final String TAKEN_BACK =
      "The picture was taken back after the delivery was started; pass it and deliver again";

  private final MakingPool pool;
  private final DeliveryService service;
  private final DeliveryRepository deliveries;
  private final DeliveredFileRepository files;
  private final PhotoRepository photos;
  private final CutoutVersionRepository versions;
  private final DressingService dressing;
  private final BlobStore blobs;
  private final BatchEvents events;
  private final ApplicationEventPublisher said;
  private final TransactionTemplate transaction;
  private final Clock clock;

  DeliveryJob(
      MakingPool pool,
      DeliveryService service,
      DeliveryRepository deliveries,
      DeliveredFileRepository files,
      PhotoRepository photos,
      CutoutVersionRepository versions,
      DressingService dressing,
      BlobStore blobs,
      BatchEvents events,
      ApplicationEventPublisher said,
      TransactionTemplate transaction,
      Clock clock) {
    this.pool = pool;
    this.service = service;
    this.deliveries = deliveries;
    this.files = files;
    this.photos = photos;
    this.versions = versions;
    this.dressing = dressing;
    this.blobs = blobs;
    this.events = events;
    this.said = said;
    this.transaction = transaction;
    this.clock = clock;
  }

  static TaskInstance.Builder<Void> task(long deliveryId) {
    return TASK.instance(String.valueOf(deliveryId));
  }

  /** For a delivery whose first task may still be there. */
  static TaskInstance.Builder<Void> taskAgain(long deliveryId, Instant now) {
    return TASK.instance(deliveryId + AGAIN + now.toEpochMilli());
  }

  /** Of a task that was made here. */
  static long deliveryId(String task) {
    return Long.parseLong(task.split(AGAIN)[0]);
  }

  /**
   * @param goesOn false once the server is stopping
   */
  void run(long deliveryId, BooleanSupplier goesOn) {
    Delivery delivery = transaction.execute(status -> begin(deliveryId));
    if (delivery == null) {
      return;
    }
    Run run = new Run(delivery, service.specs(delivery), service.words(delivery));
    Map<Long, List<DeliveredFile>> byPhoto =
        files.findByDeliveryIdOrderById(deliveryId).stream()
            .collect(
                Collectors.groupingBy(
                    DeliveredFile::photoId, LinkedHashMap::new, Collectors.toList()));
    Map<Long, Long> pixels =
        photos.findAllById(byPhoto.keySet()).stream()
            .collect(Collectors.toMap(Photo::id, photo -> (long) photo.width() * photo.height()));
    List<MakingPool.Share> shares =
        byPhoto.entrySet().stream()
            .map(
                entry ->
                    new MakingPool.Share(
                        pixels.getOrDefault(entry.getKey(), 0L),
                        () -> makeFiles(run, entry.getKey(), entry.getValue())))
            .toList();
    boolean all = pool.work(shares, () -> goesOn.getAsBoolean() && !service.isPaused(deliveryId));
    if (!goesOn.getAsBoolean()) {
      throw new IllegalStateException("the server is stopping; the delivery goes on later");
    }
    // One that was paused meanwhile has a task of its own once it goes on.
    if (all) {
      transaction.executeWithoutResult(status -> finish(deliveryId));
    }
  }

  /** What all files of a delivery share. */
  private static final class Run {
    private final Delivery delivery;
    private final List<Spec> specs;
    private final Look look;
    private final WordsPlan words;
    private final Recipes recipes;

    Run(Delivery delivery, List<SpecEntry> specs, WordsPlan words) {
      this.delivery = delivery;
      this.specs = SpecFile.toSpecs(specs);
      this.look = delivery.look();
      this.words = words;
      this.recipes = new Recipes(specs, look, words, delivery.sharpensEnlarged());
    }
  }

  private Delivery begin(long deliveryId) {
    Delivery delivery = deliveries.findById(deliveryId).orElse(null);
    if (delivery == null || delivery.state().isOver() || delivery.state() == DeliveryState.PAUSED) {
      return null;
    }
    delivery.begin();
    events.changed(delivery.batchId());
    return delivery;
  }

  private void makeFiles(Run run, long photoId, List<DeliveredFile> planned) {
    List<DeliveredFile> missing = planned.stream().filter(file -> !file.isThere()).toList();
    boolean again = missing.stream().anyMatch(DeliveredFile::isForgotten);
    if (!missing.isEmpty()) {
      try {
        if (again) {
          makeAgain(run, missing);
        } else {
          make(run, photoId, missing);
        }
      } catch (StorageFailed e) {
        if (e.isFull()) {
          throw e;
        }
        missing.forEach(file -> file.failed(e.getMessage()));
      }
    }
    transaction.executeWithoutResult(status -> keep(planned, photoId, again));
    events.changed(run.delivery.batchId());
  }

  /** From the version of then; what comes out otherwise is not what was delivered. */
  private void makeAgain(Run run, List<DeliveredFile> missing) {
    for (DeliveredFile file : missing) {
      if (!file.isForgotten()) {
        continue;
      }
      PhotoRow row = transaction.execute(status -> rowOfThen(file));
      Look look = DressingService.lookOf(run.look, row.photo());
      attempt(
          file,
          () -> {
            FileMaker.Made made = made(run, dressing.fullSize(row), file, look, row);
            if (Sha256.of(made.bytes()).equals(file.blobId())) {
              blobs.put(made.bytes());
              file.remade();
            } else {
              file.failed(NOT_AS_IT_WAS);
            }
          });
    }
  }

  /**
   * One file that can't be made keeps no other from being made; a disk that fails is everybody's.
   */
  private static void attempt(DeliveredFile file, Runnable making) {
    try {
      making.run();
    } catch (CannotWrite e) {
      file.failed(e.getMessage());
    } catch (StorageFailed e) {
      throw e;
    } catch (RuntimeException | OutOfMemoryError e) {
      LOG.error("making {} failed", file.name(), e);
      file.failed("This file could not be made; the other files are not affected");
    }
  }

  private PhotoRow rowOfThen(DeliveredFile file) {
    Photo photo = photos.row(file.photoId()).orElseThrow().photo();
    return new PhotoRow(
        photo, file.versionId() == null ? null : versions.findById(file.versionId()).orElseThrow());
  }

  private FileMaker.Made made(
      Run run, Dressable dressable, DeliveredFile file, Look look, PhotoRow row) {
    return dressing.make(
        dressable,
        run.specs.get(file.specIndex()),
        look,
        run.delivery.sharpensEnlarged(),
        run.words.of(row.photo().labels()));
  }

  private void make(Run run, long photoId, List<DeliveredFile> missing) {
    PhotoRow row = transaction.execute(status -> photos.row(photoId).orElseThrow());
    if (!row.photo().state().isDeliverable()) {
      missing.forEach(file -> file.failed(TAKEN_BACK));
      return;
    }
    Dressable dressable = dressing.fullSize(row);
    Look look = DressingService.lookOf(run.look, row.photo());
    for (DeliveredFile file : missing) {
      file.takenFrom(
          row.photo().shown().versionId(),
          run.recipes.of(row.planned(), look).under(file.specIndex()));
      attempt(
          file,
          () -> {
            FileMaker.Made made = made(run, dressable, file, look, row);
            file.made(blobs.put(made.bytes()), made);
          });
    }
  }

  /**
   * A picture counts as delivered when all its files are there.
   *
   * @param again true = as they were; that says nothing of what the picture is now
   */
  private void keep(List<DeliveredFile> made, long photoId, boolean again) {
    files.saveAll(made);
    if (again) {
      return;
    }
    boolean complete = made.stream().allMatch(file -> file.blobId() != null);
    Photo photo = photos.lock(photoId).orElseThrow();
    if (complete && photo.state().mayMoveTo(PictureState.DELIVERED)) {
      photo.moveTo(PictureState.DELIVERED);
      events.changed(photo.batchId(), photoId);
    }
  }

  private void finish(long deliveryId) {
    Delivery delivery = deliveries.findById(deliveryId).orElseThrow();
    boolean any =
        files.findByDeliveryIdOrderById(deliveryId).stream()
            .anyMatch(file -> file.blobId() != null);
    if (any) {
      delivery.finish(clock.instant());
      events.afterCommit(() -> said.publishEvent(new DeliveryFinished(deliveryId)));
    } else {
      delivery.fail("None of the files could be made", clock.instant());
    }
    events.changed(delivery.batchId());
  }
}
