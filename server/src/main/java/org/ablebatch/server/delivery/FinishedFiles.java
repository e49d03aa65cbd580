package org.ablebatch.server.delivery;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.core.deliver.FileWords;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.server.problem.NotFound;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What deliveries made, for those who keep, find or send it. */
@Component
public class FinishedFiles {
  private final DeliveryService service;
  private final DeliveryRepository deliveries;
  private final DeliveredFileRepository files;

  FinishedFiles(
      DeliveryService service, DeliveryRepository deliveries, DeliveredFileRepository files) {
    this.service = service;
    this.deliveries = deliveries;
    this.files = files;
  }

  /** The next finished delivery that is not on the shelf; empty = all are. */
  @Transactional(readOnly = true)
  public List<Long> nextUnshelved() {
    return deliveries.findByShelvedFalseAndStateOrderById(DeliveryState.DONE, Limit.of(1)).stream()
        .map(Delivery::id)
        .toList();
  }

  @Transactional
  public void markShelved(long deliveryId) {
    service.require(deliveryId).shelve();
  }

  /** Every file of a delivery that is there, in its order. */
  @Transactional(readOnly = true)
  public List<FinishedFile> of(long deliveryId) {
    return finished(files.findByDeliveryIdOrderById(deliveryId));
  }

  /**
   * @throws NotFound when there is no such file, or its bytes are gone
   */
  @Transactional(readOnly = true)
  public FinishedFile file(long fileId) {
    return finished(files.findById(fileId).stream().toList()).stream()
        .findFirst()
        .orElseThrow(() -> new NotFound("file", fileId));
  }

  /** What a picture was delivered as, newest first. */
  @Transactional(readOnly = true)
  public List<FinishedFile> ofPicture(long photoId) {
    return finished(files.findByPhotoIdOrderByIdDesc(photoId));
  }

  /** What a delivery's files say of themselves for a picture with these labels. */
  @Transactional(readOnly = true)
  public Function<Labels, FileWords> words(long deliveryId) {
    return service.words(service.require(deliveryId))::of;
  }

  /**
   * Something is being made in these batches that may take over what is there, or is not shelved.
   */
  @Transactional(readOnly = true)
  public boolean mayTakeOver(Collection<Long> batchIds) {
    return deliveries.existsByBatchIdInAndStateIn(batchIds, DeliveryState.NOT_OVER)
        || !nextUnshelved().isEmpty();
  }

  private List<FinishedFile> finished(List<DeliveredFile> all) {
    Map<Long, Run> runs = new HashMap<>();
    return all.stream()
        .filter(DeliveredFile::isThere)
        .flatMap(file -> runs.computeIfAbsent(file.deliveryId(), this::run).finished(file).stream())
        .toList();
  }

  private Run run(long deliveryId) {
    Delivery delivery = service.require(deliveryId);
    return new Run(delivery, service.specs(delivery));
  }

  private record Run(Delivery delivery, List<SpecEntry> specs) {
    /** Nothing as long as the run goes on. */
    List<FinishedFile> finished(DeliveredFile file) {
      if (delivery.finishedAt() == null) {
        return List.of();
      }
      return List.of(
          new FinishedFile(
              file.id(),
              delivery.id(),
              delivery.batchId(),
              file.photoId(),
              file.versionId(),
              specs.get(file.specIndex()),
              delivery.lookVersion().kept().name(),
              delivery.lookVersion().number(),
              file.name(),
              file.width(),
              file.height(),
              file.bytes(),
              file.blobId(),
              file.quality(),
              file.likeness(),
              file.change().wireName(),
              delivery.finishedAt()));
    }
  }
}
