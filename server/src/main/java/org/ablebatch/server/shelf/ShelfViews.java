package org.ablebatch.server.shelf;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.ablebatch.codec.spec.SpecEntry;

/** What the API shows of the shelf. */
final class ShelfViews {
  private ShelfViews() {}

  /**
   * @param total how many there are
   * @param more true = there are more than the total; whoever asks for further ones finds out
   * @param files from the one that was asked for, newest first
   */
  @Schema(name = "ShelfPage")
  record PageView(long total, boolean more, List<FileView> files) {}

  /**
   * @param batch how it is called now
   * @param replacedAt null = it is the newest of its picture and spec
   */
  @Schema(name = "ShelfFile")
  record FileView(
      long id,
      String name,
      long pictureId,
      long batchId,
      String batch,
      String spec,
      String look,
      String code,
      String group,
      String format,
      int width,
      int height,
      long bytes,
      Instant deliveredAt,
      Instant replacedAt) {}

  /** By what the shelf can be narrowed: what there is. */
  @Schema(name = "ShelfChoices")
  record ChoicesView(
      List<Choice> batches,
      List<Choice> specs,
      List<Choice> looks,
      List<Choice> groups,
      List<Choice> formats) {}

  /**
   * @param value as it is asked for
   */
  @Schema(name = "ShelfChoice")
  record Choice(String value, String label) {}

  /**
   * A file's whole story.
   *
   * @param sha256 of its bytes
   * @param quality that it was written with; null = its format has none
   * @param likeness to the picture before it was compressed; null = not measured
   * @param lookNumber of the look's version
   * @param deliveries that it was in, newest first, and those of other bytes under its spec
   */
  @Schema(name = "ShelfStory")
  record StoryView(
      FileView file,
      String sha256,
      Integer quality,
      Double likeness,
      SpecEntry spec,
      int lookNumber,
      OriginalView original,
      VersionView version,
      PassedView passed,
      List<DeliveredView> deliveries) {}

  @Schema(name = "StoryOriginal")
  record OriginalView(
      String name, String sha256, long bytes, int width, int height, Instant takenInAt) {}

  /**
   * @param method that cut it
   * @param byHand somebody mended it
   */
  @Schema(name = "StoryVersion")
  record VersionView(
      int number, String method, String reason, int confidence, boolean byHand, Instant madeAt) {}

  /**
   * @param together with others at once, from the contact sheet
   */
  @Schema(name = "StoryPassed")
  record PassedView(Instant at, boolean together) {}

  /**
   * @param same bytes as the file whose story it is
   */
  @Schema(name = "StoryDelivery")
  record DeliveredView(long deliveryId, Instant at, String name, String change, boolean same) {}
}
