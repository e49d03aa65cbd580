package org.ablebatch.server.shelf;

import java.util.Optional;
import java.util.concurrent.Semaphore;
import org.ablebatch.codec.deliver.OpenedFile;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.deliver.OutputFormat;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.RenditionStore;
import org.ablebatch.server.storage.Renditions;
import org.ablebatch.server.storage.StorageFailed;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Finished files for the screen: small ones are made when somebody looks, once. */
@Service
class ShelfPictures {
  private static final int OPENED_AT_ONCE = 2;

  private final ShelfFileRepository shelf;
  private final BlobStore blobs;
  private final RenditionStore renditions;
  private final TransactionTemplate transaction;
  private final Semaphore opening = new Semaphore(OPENED_AT_ONCE, true);

  ShelfPictures(
      ShelfFileRepository shelf,
      BlobStore blobs,
      RenditionStore renditions,
      TransactionTemplate transaction) {
    this.shelf = shelf;
    this.blobs = blobs;
    this.renditions = renditions;
    this.transaction = transaction;
  }

  byte[] file(ShelfFile file) {
    return blobs.get(file.blobId());
  }

  byte[] thumbnail(ShelfFile file) {
    return Optional.ofNullable(file.thumbnailBlob())
        .flatMap(renditions::find)
        .orElseGet(() -> madeAnew(file));
  }

  private byte[] madeAnew(ShelfFile file) {
    byte[] bytes = Renditions.thumbnail(opened(file));
    String blob = renditions.put(bytes);
    transaction.executeWithoutResult(status -> shelf.showThumbnail(file.id(), blob));
    return bytes;
  }

  /** With its transparency, for programs that take nothing else. */
  byte[] png(ShelfFile file) {
    return PictureWriter.quickPng(opened(file));
  }

  /** A page for print fills the memory by itself; whoever scrolls asks for many at once. */
  private Picture opened(ShelfFile file) {
    opening.acquireUninterruptibly();
    try {
      return OpenedFile.of(file(file), OutputFormat.valueOf(file.format()));
    } catch (UnreadablePicture e) {
      throw new StorageFailed(
          "A finished file can’t be read any more: " + e.getMessage(),
          StorageFailed.Kind.DAMAGED,
          e);
    } finally {
      opening.release();
    }
  }
}
