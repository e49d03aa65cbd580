package org.ablebatch.server.delivery;

import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.look.Look;
import org.ablebatch.server.dressing.DressingService;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.StorageFailed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Makes the planned files of a delivery, picture by picture. May be killed anywhere: files that are
 * there are kept, the others are made after the next start.
 */
@Component
public class DeliveryJob {
  static final TaskDescriptor<Void> TASK = TaskDescriptor.of("deliver");

  private static final Logger LOG = LoggerFactory.getLogger(DeliveryJob.class);

  private final DeliveryService service;
  private final DeliveryRepository deliveries;
  private final DeliveredFileRepository files;
  private final PhotoRepository photos;
  private final DressingService dressing;
  private final BlobStore blobs;
  private final BatchEvents events;
  private final TransactionTemplate transaction;
  private final Clock clock;

  DeliveryJob(
      DeliveryService service,
      DeliveryRepository deliveries,
      DeliveredFileRepository files,
      PhotoRepository photos,
      DressingService dressing,
      BlobStore blobs,
      BatchEvents events,
      TransactionTemplate transaction,
      Clock clock) {
    this.service = service;
    this.deliveries = deliveries;
    this.files = files;
    this.photos = photos;
    this.dressing = dressing;
    this.blobs = blobs;
    this.events = events;
    this.transaction = transaction;
    this.clock = clock;
  }

  /**
   * @param goesOn false once the server is stopping
   */
  void run(long deliveryId, BooleanSupplier goesOn) {
    Delivery delivery = transaction.execute(status -> begin(deliveryId));
    if (delivery == null) {
      return;
    }
    List<Spec> specs = service.requests(delivery).stream().map(SpecRequest::toSpec).toList();
    Map<Long, List<DeliveredFile>> byPhoto =
        files.findByDeliveryIdOrderById(deliveryId).stream()
            .collect(
                Collectors.groupingBy(
                    DeliveredFile::photoId, LinkedHashMap::new, Collectors.toList()));
    for (Map.Entry<Long, List<DeliveredFile>> entry : byPhoto.entrySet()) {
      if (!goesOn.getAsBoolean()) {
        throw new IllegalStateException("the server is stopping; the delivery goes on later");
      }
      makeFiles(delivery, entry.getKey(), entry.getValue(), specs);
    }
    transaction.executeWithoutResult(status -> finish(deliveryId));
  }

  private Delivery begin(long deliveryId) {
    Delivery delivery = deliveries.findById(deliveryId).orElse(null);
    if (delivery == null || delivery.state().isOver()) {
      return null;
    }
    delivery.begin();
    events.changed(delivery.batchId());
    return delivery;
  }

  private void makeFiles(
      Delivery delivery, long photoId, List<DeliveredFile> planned, List<Spec> specs) {
    Dressable dressable = null;
    Look look = delivery.look();
    for (DeliveredFile file : planned) {
      if (file.blobId() != null) {
        continue;
      }
      try {
        if (dressable == null) {
          PhotoRow row = transaction.execute(status -> photos.row(photoId).orElseThrow());
          dressable = dressing.fullSize(row);
          look = DressingService.lookOf(look, row.photo());
        }
        byte[] bytes =
            FileMaker.make(
                dressing,
                dressable,
                specs.get(file.specIndex()),
                look,
                delivery.sharpensEnlarged());
        file.made(blobs.put(bytes), bytes.length);
      } catch (StorageFailed e) {
        if (e.isFull()) {
          throw e;
        }
        file.failed(e.getMessage());
      } catch (RuntimeException | OutOfMemoryError e) {
        LOG.error("making {} failed", file.name(), e);
        file.failed("This file could not be made; the other files are not affected");
      }
    }
    transaction.executeWithoutResult(status -> keep(planned, photoId));
    events.changed(delivery.batchId());
  }

  /** A picture counts as delivered when all its files are there. */
  private void keep(List<DeliveredFile> made, long photoId) {
    files.saveAll(made);
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
    } else {
      delivery.fail("None of the files could be made", clock.instant());
    }
    events.changed(delivery.batchId());
  }
}
