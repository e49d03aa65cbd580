package org.ablebatch.server.delivery;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ablebatch.codec.spec.SpecEntry;

/** The last delivery of a batch, to which the next one is compared. */
final class Before {
  static final Before NOTHING = new Before(null, List.of(), List.of());

  private final Long deliveryId;
  private final Map<FileKey, DeliveredFile> files;

  Before(Long deliveryId, List<DeliveredFile> files, List<SpecEntry> specs) {
    this.deliveryId = deliveryId;
    this.files =
        files.stream()
            .collect(
                Collectors.toMap(
                    file -> FileKey.of(file, specs),
                    Function.identity(),
                    (first, second) -> first));
  }

  /** Null where there is none. */
  Long deliveryId() {
    return deliveryId;
  }

  /** Bytes of what was made, by recipes. */
  Map<String, Long> weights() {
    return files.values().stream()
        .filter(file -> file.isThere() && file.recipe() != null)
        .collect(
            Collectors.toMap(
                DeliveredFile::recipe, DeliveredFile::bytes, (first, second) -> first));
  }

  /** What a planned file is beside it. */
  FileChange change(DeliveryPlan.Item item) {
    return files.isEmpty() ? FileChange.NEW : planned(0, item).change();
  }

  /** A planned file; one that is there already brings its bytes. */
  DeliveredFile planned(long ofDelivery, DeliveryPlan.Item item) {
    DeliveredFile file = new DeliveredFile(ofDelivery, item);
    DeliveredFile then = files.get(FileKey.of(item));
    if (then != null) {
      file.comparedWith(then);
    }
    return file;
  }
}
