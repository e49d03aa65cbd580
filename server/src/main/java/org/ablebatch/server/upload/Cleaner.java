package org.ablebatch.server.upload;

import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.ablebatch.server.AbleSettings;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.RenditionStore;
import org.ablebatch.server.storage.UploadFolder;
import org.ablebatch.server.storage.WorkingCopies;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Takes away bytes that nobody refers to: what a process that was killed had written before the
 * database spoke of it or had not yet cleared away after it did, and pieces of uploads that were
 * given up.
 */
@Component
class Cleaner {
  private static final Logger LOG = LoggerFactory.getLogger(Cleaner.class);

  /** Every column that refers to a blob, and where only some of its rows do, which. */
  private static final List<String> REFERENCES =
      List.of(
          "photo.original_blob",
          "cutout_version.source_blob",
          "cutout_version.matte_blob",
          "cutout_version.edge_blob",
          "cutout_version.labels_blob",
          "batch.empty_set_blob",
          "batch.empty_set_preview_blob",
          "delivered_file.blob_id AND NOT forgotten");

  /** Those of them that refer to what a person sent. */
  private static final List<String> ORIGINALS =
      List.of("photo.original_blob", "cutout_version.source_blob");

  /** Every column that refers to a rendition. */
  private static final List<String> RENDITION_REFERENCES =
      List.of(
          "photo.thumbnail_blob",
          "photo.preview_blob",
          "working_copy.copy_blob",
          "cutout_version.thumbnail_blob",
          "cutout_version.preview_blob",
          "shelf_file.thumbnail_blob");

  private final BlobStore blobs;
  private final RenditionStore renditions;
  private final WorkingCopies copies;
  private final UploadFolder folder;
  private final UploadRepository uploads;
  private final NamedParameterJdbcTemplate jdbc;
  private final AbleSettings settings;

  Cleaner(
      BlobStore blobs,
      RenditionStore renditions,
      WorkingCopies copies,
      UploadFolder folder,
      UploadRepository uploads,
      NamedParameterJdbcTemplate jdbc,
      AbleSettings settings) {
    this.blobs = blobs;
    this.renditions = renditions;
    this.copies = copies;
    this.folder = folder;
    this.uploads = uploads;
    this.jdbc = jdbc;
    this.settings = settings;
  }

  @Scheduled(initialDelayString = "${able.clean-after}", fixedDelayString = "PT6H")
  void clean() {
    clean(settings.cleanGrace());
  }

  /**
   * @param grace what is younger stays
   * @return how many blobs were taken away
   */
  int clean(Duration grace) {
    copies.forgetUnknown(names -> referred(names, ORIGINALS));
    int forgotten =
        blobs.forgetUnreferred(grace, names -> referred(names, REFERENCES))
            + renditions.forgetUnreferred(grace, names -> referred(names, RENDITION_REFERENCES));
    folder.forgetUnneeded(id -> uploads.existsByIdAndStateIn(id, UploadState.NEEDING_BYTES));
    LOG.info("{} blobs that nobody referred to were taken away", forgotten);
    return forgotten;
  }

  private Set<String> referred(Set<String> names, List<String> references) {
    Set<String> referred = new HashSet<>();
    for (String reference : references) {
      String[] parts = reference.split("[. ]", 3);
      String only = parts.length > 2 ? " " + parts[2] : "";
      referred.addAll(
          jdbc.queryForList(
              "SELECT DISTINCT %2$s FROM %1$s WHERE %2$s IN (:names)%3$s"
                  .formatted(parts[0], parts[1], only),
              java.util.Map.of("names", names),
              String.class));
    }
    return referred;
  }
}
