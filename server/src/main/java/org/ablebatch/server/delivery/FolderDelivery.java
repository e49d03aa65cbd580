package org.ablebatch.server.delivery;

import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.ablebatch.server.delivery.DeliveryViews.Manifest;
import org.ablebatch.server.delivery.DeliveryViews.ManifestFile;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.StorageFailed;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Writes a delivery's files into a folder of the server. */
@Service
class FolderDelivery {
  private final DeliverySettings settings;
  private final DeliveryPackage packages;
  private final BlobStore blobs;
  private final JsonMapper json;

  FolderDelivery(
      DeliverySettings settings, DeliveryPackage packages, BlobStore blobs, JsonMapper json) {
    this.settings = settings;
    this.packages = packages;
    this.blobs = blobs;
    this.json = json;
  }

  /**
   * What came of it.
   *
   * @param folder where the files are
   * @param skipped files that were there already and stayed as they were
   */
  @Schema(name = "InFolder")
  record View(String folder, int written, int replaced, int skipped) {}

  boolean isAllowed() {
    return settings.isAllowed();
  }

  /**
   * @param folder below the one that is set up for deliveries
   * @param onlyChanged without the files that the delivery before had as they are
   * @throws Conflict when nothing may be written
   */
  View write(long deliveryId, String folder, WhenThere whenThere, boolean onlyChanged) {
    if (!settings.isAllowed()) {
      throw new Conflict("This server delivers into no folder. Start it with --deliver-to DIR.");
    }
    packages.requireFinished(deliveryId);
    Manifest manifest = packages.manifest(deliveryId);
    TargetFolder target = null;
    try {
      target = TargetFolder.open(settings.to(), folder);
      for (ManifestFile file : manifest.files()) {
        if (packages.isIn(file, onlyChanged)) {
          target.put(file.name(), blobs.get(file.sha256()), whenThere);
        }
      }
      target.overwrite(
          "manifest.json", json.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest));
      target.overwrite("manifest.csv", ManifestCsv.of(manifest).getBytes(StandardCharsets.UTF_8));
      return new View(
          target.folder().toString(), target.written(), target.replaced(), target.skipped());
    } catch (IOException e) {
      throw new StorageFailed(
          String.format(
              Locale.ROOT,
              "Writing into the folder failed after %d files: %s. Do it again when there is room:"
                  + " what is there already stays.",
              target == null ? 0 : target.written(),
              e.getMessage()),
          StorageFailed.Kind.UNREACHABLE,
          e);
    }
  }
}
