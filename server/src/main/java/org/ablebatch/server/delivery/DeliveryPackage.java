package org.ablebatch.server.delivery;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.delivery.DeliveryViews.Manifest;
import org.ablebatch.server.delivery.DeliveryViews.ManifestFile;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.problem.Conflict;
import org.springframework.stereotype.Service;

/** What a delivery holds: its manifest. */
@Service
class DeliveryPackage {
  private static final String GONE = "gone";
  private static final String FORGOTTEN =
      "Its bytes were tidied away; the delivery can be made again as it was";

  private final DeliveryService service;
  private final DeliveredFileRepository files;
  private final PhotoRepository photos;
  private final BatchService batches;

  DeliveryPackage(
      DeliveryService service,
      DeliveredFileRepository files,
      PhotoRepository photos,
      BatchService batches) {
    this.service = service;
    this.files = files;
    this.photos = photos;
    this.batches = batches;
  }

  Manifest manifest(long deliveryId) {
    Delivery delivery = service.require(deliveryId);
    List<SpecEntry> specs = service.specs(delivery);
    List<DeliveredFile> all = files.findByDeliveryIdOrderById(deliveryId);
    Map<Long, Photo> byId = photosOf(all);
    List<ManifestFile> lines = new ArrayList<>();
    all.forEach(
        file -> lines.add(line(file, specs, byId.get(file.photoId()), file.change().wireName())));
    lines.addAll(gone(delivery, specs, all));
    return new Manifest(
        deliveryId,
        batches.require(delivery.batchId()).name(),
        delivery.createdAt(),
        delivery.previousId(),
        lines);
  }

  /** What the delivery before had and this one has no more. */
  private List<ManifestFile> gone(
      Delivery delivery, List<SpecEntry> specs, List<DeliveredFile> now) {
    if (delivery.previousId() == null) {
      return List.of();
    }
    Set<FileKey> here =
        now.stream().map(file -> FileKey.of(file, specs)).collect(Collectors.toSet());
    List<SpecEntry> then = service.specs(service.require(delivery.previousId()));
    List<DeliveredFile> gone =
        files.findByDeliveryIdOrderById(delivery.previousId()).stream()
            .filter(file -> file.isThere() && !here.contains(FileKey.of(file, then)))
            .toList();
    Map<Long, Photo> byId = photosOf(gone);
    return gone.stream().map(file -> line(file, then, byId.get(file.photoId()), GONE)).toList();
  }

  private Map<Long, Photo> photosOf(List<DeliveredFile> all) {
    return photos.findAllById(all.stream().map(DeliveredFile::photoId).distinct().toList()).stream()
        .collect(Collectors.toMap(Photo::id, Function.identity()));
  }

  private static ManifestFile line(
      DeliveredFile file, List<SpecEntry> specs, Photo photo, String change) {
    SpecEntry spec = specs.get(file.specIndex());
    return new ManifestFile(
        file.name(),
        file.blobId(),
        file.bytes(),
        file.width(),
        file.height(),
        spec.toSpec().format().name(),
        file.quality(),
        file.likeness(),
        spec.name(),
        change,
        photo.id(),
        photo.fileName(),
        photo.originalBlob(),
        file.versionId(),
        file.isForgotten() && file.problem() == null ? FORGOTTEN : file.problem());
  }

  /**
   * @throws Conflict while the run is not over, because a package is whole or not there
   */
  void requireFinished(long deliveryId) {
    DeliveryState state = service.require(deliveryId).state();
    if (!state.isOver()) {
      throw new Conflict(
          "This delivery is still being made; its package is there when it is done.");
    }
  }

  /** Whether a line of the manifest is a file of the package. */
  boolean isIn(ManifestFile file, boolean onlyChanged) {
    boolean same = file.change().equals(FileChange.SAME.wireName());
    return file.sha256() != null
        && file.problem() == null
        && !file.change().equals(GONE)
        && !(onlyChanged && same);
  }
}
