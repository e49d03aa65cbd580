package org.ablebatch.server.delivery;

import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.ablebatch.codec.archive.StoredZip;
import org.ablebatch.codec.archive.StoredZip.Entry;
import org.ablebatch.server.delivery.DeliveryViews.Manifest;
import org.ablebatch.server.delivery.DeliveryViews.ManifestFile;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.Sha256;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** A delivery's files with their manifests as one file that can be fetched in parts. */
@Service
class DeliveryZip {
  private final DeliveryPackage packages;
  private final DeliveredFileRepository files;
  private final BlobStore blobs;
  private final TransactionTemplate transaction;
  private final JsonMapper json;

  DeliveryZip(
      DeliveryPackage packages,
      DeliveredFileRepository files,
      BlobStore blobs,
      TransactionTemplate transaction,
      JsonMapper json) {
    this.packages = packages;
    this.files = files;
    this.blobs = blobs;
    this.transaction = transaction;
    this.json = json;
  }

  /**
   * @param tag the same as long as it would come out the same, to the byte
   */
  record Packed(StoredZip zip, String tag) {}

  /**
   * @param onlyChanged true = without the files that the delivery before had as they are
   * @throws Conflict while the run is not over, because a package is whole or not there
   */
  Packed of(long deliveryId, boolean onlyChanged) {
    packages.requireFinished(deliveryId);
    Manifest manifest = packages.manifest(deliveryId);
    Map<String, Long> sums = sums(deliveryId);
    List<Entry> entries = new ArrayList<>();
    for (ManifestFile file : manifest.files()) {
      if (packages.isIn(file, onlyChanged)) {
        String blob = file.sha256();
        entries.add(
            new Entry(file.name(), file.bytes(), sums.get(file.name()), () -> blobs.get(blob)));
      }
    }
    byte[] words = json.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest);
    entries.add(Entry.of("manifest.json", words));
    entries.add(
        Entry.of("manifest.csv", ManifestCsv.of(manifest).getBytes(StandardCharsets.UTF_8)));
    LocalDateTime at = LocalDateTime.ofInstant(manifest.createdAt(), ZoneOffset.UTC);
    // The manifest names every byte that is in it.
    return new Packed(new StoredZip(entries, at), Sha256.of(words) + (onlyChanged ? "-c" : ""));
  }

  /** Of files of before they were kept, they are reckoned now, once. */
  private Map<String, Long> sums(long deliveryId) {
    List<DeliveredFile> there =
        files.findByDeliveryIdOrderById(deliveryId).stream()
            .filter(DeliveredFile::isThere)
            .toList();
    List<DeliveredFile> unknown = there.stream().filter(file -> file.crc32() == null).toList();
    if (!unknown.isEmpty()) {
      unknown.forEach(file -> file.learn(StoredZip.crc32(blobs.get(file.blobId()))));
      transaction.executeWithoutResult(status -> files.saveAll(unknown));
    }
    return there.stream().collect(Collectors.toMap(DeliveredFile::name, DeliveredFile::crc32));
  }
}
