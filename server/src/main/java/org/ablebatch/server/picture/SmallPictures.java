package org.ablebatch.server.picture;

import java.util.function.Function;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.storage.RenditionStore;
import org.ablebatch.server.storage.Renditions;
import org.ablebatch.server.storage.StorageFailed;
import org.springframework.stereotype.Component;

/** The small pictures of photographs and cutouts; one that was lost is made anew. */
@Component
public class SmallPictures {
  private final RenditionStore store;
  private final FileReading reading;
  private final CutoutFiles files;

  SmallPictures(RenditionStore store, FileReading reading, CutoutFiles files) {
    this.store = store;
    this.reading = reading;
    this.files = files;
  }

  byte[] thumbnail(Photo photo) {
    return store
        .find(photo.thumbnailBlob())
        .orElseGet(() -> found(madeAnew(photo).thumbnailBlob()));
  }

  public byte[] preview(Photo photo) {
    return store.find(photo.previewBlob()).orElseGet(() -> found(madeAnew(photo).previewBlob()));
  }

  byte[] thumbnail(CutoutVersion version) {
    return store
        .find(version.thumbnailBlob())
        .orElseGet(() -> madeAnew(version, Renditions::cutoutThumbnail));
  }

  public byte[] preview(CutoutVersion version) {
    return store
        .find(version.previewBlob())
        .orElseGet(() -> madeAnew(version, Renditions::cutoutPreview));
  }

  /** The same pixels make the same bytes, so they are found under the names in the row again. */
  private FileReading.Small madeAnew(Photo photo) {
    try {
      return reading.small(photo.originalBlob(), photo.crop());
    } catch (UnreadablePicture e) {
      throw new StorageFailed(
          "A saved photograph can’t be read any more: " + e.getMessage(),
          StorageFailed.Kind.DAMAGED,
          e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new StorageFailed(
          "The server is stopping; ask again in a moment.", StorageFailed.Kind.UNREACHABLE, e);
    }
  }

  private byte[] madeAnew(CutoutVersion version, Function<Picture, byte[]> rendition) {
    Picture cutout = files.picture(files.original(version), version);
    byte[] bytes = rendition.apply(cutout);
    store.put(bytes);
    return bytes;
  }

  private byte[] found(String name) {
    return store
        .find(name)
        .orElseThrow(
            () ->
                new StorageFailed(
                    "A small picture could not be kept.", StorageFailed.Kind.UNREACHABLE, null));
  }
}
