package org.ablebatch.server.delivery;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.ablebatch.codec.spec.SpecEntry;

/** What the API shows of deliveries. */
final class DeliveryViews {
  private DeliveryViews() {}

  /**
   * @param state queued, running, paused, done or failed
   * @param same as in the last delivery: not made again
   * @param forgotten whose bytes were tidied away
   * @param bytes of the files made so far
   */
  @Schema(name = "Delivery")
  record DeliveryView(
      long id,
      long batchId,
      String state,
      List<SpecEntry> specs,
      long planned,
      long made,
      long failed,
      long same,
      long forgotten,
      long bytes,
      String problem,
      Instant createdAt,
      Instant finishedAt) {}

  /**
   * What will be made, before it is made.
   *
   * @param notPassed pictures of the batch that stay out because nobody has passed them
   * @param blocked files that can't be made
   * @param same files that are as in the last delivery and need not be made again
   */
  @Schema(name = "Preflight")
  record PreflightView(
      int pictures,
      int notPassed,
      int files,
      int needALook,
      int blocked,
      int same,
      List<PreflightFile> content) {}

  /**
   * @param kind what it is about, such as {@code enlarged}
   */
  @Schema(name = "PreflightNote")
  record NoteView(String kind, String sentence) {}

  /**
   * @param specIndex of its spec among those that were asked for
   * @param change beside the last delivery: new, changed or same
   * @param notes what its owner would want to know
   */
  @Schema(name = "PreflightFile")
  record PreflightFile(
      String name,
      long pictureId,
      String from,
      String spec,
      int specIndex,
      int width,
      int height,
      String format,
      String change,
      boolean blocked,
      List<NoteView> notes) {}

  /**
   * One line of the manifest.
   *
   * @param quality that the file was written with; null = its format has none
   * @param likeness to the picture before it was compressed (SSIM), where the spec limits the
   *     weight
   * @param change beside the delivery before: new, changed, same or gone
   */
  @Schema(name = "ManifestFile")
  record ManifestFile(
      String name,
      String sha256,
      long bytes,
      int width,
      int height,
      String format,
      Integer quality,
      Double likeness,
      String spec,
      String change,
      long pictureId,
      String original,
      String originalSha256,
      Long versionId,
      String problem) {}

  /**
   * Everything that a delivery holds.
   *
   * @param previousDeliveryId with which it is compared; null = it is the first
   */
  @Schema(name = "Manifest")
  record Manifest(
      long deliveryId,
      String batch,
      Instant createdAt,
      Long previousDeliveryId,
      List<ManifestFile> files) {}
}
