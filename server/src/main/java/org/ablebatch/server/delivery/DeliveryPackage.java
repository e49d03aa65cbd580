package org.ablebatch.server.delivery;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.delivery.DeliveryViews.Manifest;
import org.ablebatch.server.delivery.DeliveryViews.ManifestFile;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.storage.BlobStore;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** What leaves the house: the manifest, and the ZIP with manifest and files. */
@Service
class DeliveryPackage {
  private final DeliveryService service;
  private final DeliveredFileRepository files;
  private final PhotoRepository photos;
  private final BatchService batches;
  private final BlobStore blobs;
  private final JsonMapper json;

  DeliveryPackage(
      DeliveryService service,
      DeliveredFileRepository files,
      PhotoRepository photos,
      BatchService batches,
      BlobStore blobs,
      JsonMapper json) {
    this.service = service;
    this.files = files;
    this.photos = photos;
    this.batches = batches;
    this.blobs = blobs;
    this.json = json;
  }

  Manifest manifest(long deliveryId) {
    Delivery delivery = service.require(deliveryId);
    List<Spec> specs = service.requests(delivery).stream().map(SpecRequest::toSpec).toList();
    List<DeliveredFile> all = files.findByDeliveryIdOrderById(deliveryId);
    Map<Long, Photo> byId =
        photos.findAllById(all.stream().map(DeliveredFile::photoId).distinct().toList()).stream()
            .collect(Collectors.toMap(Photo::id, Function.identity()));
    return new Manifest(
        deliveryId,
        batches.require(delivery.batchId()).name(),
        delivery.createdAt(),
        all.stream()
            .map(file -> line(file, specs.get(file.specIndex()), byId.get(file.photoId())))
            .toList());
  }

  private static ManifestFile line(DeliveredFile file, Spec spec, Photo photo) {
    return new ManifestFile(
        file.name(),
        file.blobId(),
        file.bytes(),
        spec.width(),
        spec.height(),
        spec.format().name(),
        spec.name(),
        photo.id(),
        photo.fileName(),
        photo.originalBlob(),
        file.versionId(),
        file.problem());
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

  void writeZip(long deliveryId, OutputStream out) throws IOException {
    Manifest manifest = manifest(deliveryId);
    try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
      // Pictures are compressed already.
      zip.setLevel(Deflater.BEST_SPEED);
      for (ManifestFile file : manifest.files()) {
        if (file.sha256() != null) {
          zip.putNextEntry(new ZipEntry(file.name()));
          zip.write(blobs.get(file.sha256()));
        }
      }
      zip.putNextEntry(new ZipEntry("manifest.json"));
      zip.write(json.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest));
      zip.putNextEntry(new ZipEntry("manifest.csv"));
      zip.write(ManifestCsv.of(manifest).getBytes(StandardCharsets.UTF_8));
    }
  }
}
