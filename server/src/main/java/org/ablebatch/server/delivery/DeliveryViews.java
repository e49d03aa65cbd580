package org.ablebatch.server.delivery;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** What the API shows of deliveries. */
final class DeliveryViews {
  private DeliveryViews() {}

  /**
   * @param state queued, running, done or failed
   * @param bytes of the files made so far
   */
  @Schema(name = "Delivery")
  record DeliveryView(
      long id,
      long batchId,
      String state,
      List<SpecRequest> specs,
      long planned,
      long made,
      long failed,
      long bytes,
      String problem,
      Instant createdAt,
      Instant finishedAt) {}

  /** What will be made, before it is made. */
  @Schema(name = "Preflight")
  record PreflightView(int pictures, int files, int needALook, List<PreflightFile> content) {}

  /**
   * @param notes what its owner would want to know
   */
  @Schema(name = "PreflightFile")
  record PreflightFile(
      String name,
      long pictureId,
      String from,
      String spec,
      int width,
      int height,
      String format,
      List<String> notes) {}

  /** One line of the manifest. */
  @Schema(name = "ManifestFile")
  record ManifestFile(
      String name,
      String sha256,
      long bytes,
      int width,
      int height,
      String format,
      String spec,
      long pictureId,
      String original,
      String originalSha256,
      Long versionId,
      String problem) {}

  /** Everything that a delivery holds. */
  @Schema(name = "Manifest")
  record Manifest(long deliveryId, String batch, Instant createdAt, List<ManifestFile> files) {}
}
