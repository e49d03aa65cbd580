package org.ablebatch.server.picture;

import java.nio.file.Path;
import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.ablebatch.codec.read.FileKind;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.ReadPicture;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.check.Sharpness;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.scene.SceneFacts;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.RenditionStore;
import org.ablebatch.server.storage.Renditions;
import org.springframework.stereotype.Component;

/** Reads a file once and keeps everything that is to be known of it later. */
@Component
class FileReading {
  /** Decoded pictures are large; more of them at once than cores gains nothing. */
  private final Semaphore decoding = new Semaphore(Runtime.getRuntime().availableProcessors());

  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
  private final BlobStore blobs;
  private final RenditionStore renditions;

  FileReading(BlobStore blobs, RenditionStore renditions) {
    this.blobs = blobs;
    this.renditions = renditions;
  }

  /** Reads the bytes and puts them into the store. */
  TakenFile read(byte[] bytes) throws UnreadablePicture, InterruptedException {
    return read(bytes, () -> blobs.put(bytes));
  }

  /**
   * @param file where the bytes lie already
   */
  TakenFile read(byte[] bytes, Path file) throws UnreadablePicture, InterruptedException {
    return read(bytes, () -> blobs.put(file, bytes));
  }

  /**
   * @param keep puts the original into the store and gives its name there; only asked when the
   *     bytes are a picture
   */
  private TakenFile read(byte[] bytes, Supplier<String> keep)
      throws UnreadablePicture, InterruptedException {
    Decoded decoded = decoded(bytes);
    // The disk is waited for without a decoded picture in the hand.
    return new TakenFile(
        keep.get(),
        bytes.length,
        decoded.kind,
        decoded.shownByBrowsers,
        decoded.width,
        decoded.height,
        renditions.put(decoded.thumbnail),
        renditions.put(decoded.preview),
        decoded.facts);
  }

  /** What is kept of a decoded picture, without its pixels. */
  private record Decoded(
      FileKind kind,
      boolean shownByBrowsers,
      int width,
      int height,
      byte[] thumbnail,
      byte[] preview,
      IntakeFacts facts) {}

  private Decoded decoded(byte[] bytes) throws UnreadablePicture, InterruptedException {
    decoding.acquire();
    try {
      ReadPicture read = reader.read(bytes);
      Picture picture = read.picture();
      // Everything that is seen on a screen follows from one reduction of the original.
      Picture preview = Renditions.reduced(picture);
      return new Decoded(
          read.kind(),
          read.shownByBrowsers(),
          picture.width(),
          picture.height(),
          Renditions.thumbnail(preview),
          Renditions.preview(preview),
          new IntakeFacts(
              read.profile(),
              read.bits(),
              read.hasPlace(),
              picture.hasTransparency(),
              Sharpness.of(preview),
              SceneFacts.of(preview).toText()));
    } finally {
      decoding.release();
    }
  }

  /**
   * The smaller pictures of a part of an original.
   *
   * @param crop null = all of it
   */
  Small small(String originalBlob, Rect crop) throws UnreadablePicture, InterruptedException {
    decoding.acquire();
    try {
      Picture whole = reader.read(blobs.get(originalBlob)).picture();
      Picture preview = Renditions.reduced(crop == null ? whole : whole.crop(crop));
      return new Small(
          renditions.put(Renditions.thumbnail(preview)),
          renditions.put(Renditions.preview(preview)));
    } finally {
      decoding.release();
    }
  }

  record Small(String thumbnailBlob, String previewBlob) {}
}
