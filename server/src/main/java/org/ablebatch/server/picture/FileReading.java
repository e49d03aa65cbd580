package org.ablebatch.server.picture;

import java.io.InterruptedIOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.ablebatch.codec.read.FileKind;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.ReadPicture;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.check.Sharpness;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.scene.SceneFacts;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.RenditionStore;
import org.ablebatch.server.storage.Renditions;
import org.ablebatch.server.storage.StorageFailed;
import org.ablebatch.server.storage.WorkingCopies;
import org.springframework.stereotype.Component;

/** Reads a file once and keeps everything that is to be known of it later. */
@Component
class FileReading {
  /** Decoded pictures are large; more of them at once than cores gains nothing. */
  private final Semaphore decoding = new Semaphore(Runtime.getRuntime().availableProcessors());

  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
  private final BlobStore blobs;
  private final RenditionStore renditions;
  private final WorkingCopies copies;

  FileReading(BlobStore blobs, RenditionStore renditions, WorkingCopies copies) {
    this.blobs = blobs;
    this.renditions = renditions;
    this.copies = copies;
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
    String original = keep.get();
    if (decoded.workingCopy != null) {
      copies.keep(original, decoded.workingCopy);
    }
    return new TakenFile(
        original,
        bytes.length,
        decoded.kind,
        decoded.shownByBrowsers,
        decoded.width,
        decoded.height,
        renditions.put(decoded.thumbnail),
        renditions.put(decoded.preview),
        decoded.facts);
  }

  /**
   * What is kept of a decoded picture, without its pixels.
   *
   * @param workingCopy null = the file itself is read quickly
   */
  private record Decoded(
      FileKind kind,
      boolean shownByBrowsers,
      int width,
      int height,
      byte[] thumbnail,
      byte[] preview,
      byte[] workingCopy,
      IntakeFacts facts) {}

  private Decoded decoded(byte[] bytes) throws UnreadablePicture, InterruptedException {
    decoding.acquire();
    try {
      ReadPicture read = readable(bytes);
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
          read.kind().isHeif() ? PictureWriter.quickPng(picture) : null,
          new IntakeFacts(
              read.profile(),
              read.bits(),
              read.hasPlace(),
              picture.hasTransparency(),
              read.pictures(),
              Sharpness.of(preview),
              SceneFacts.of(preview).toText()));
    } finally {
      decoding.release();
    }
  }

  /** Some formats are decoded by another program, through files; those need room, too. */
  private ReadPicture readable(byte[] bytes) throws UnreadablePicture {
    try {
      return reader.read(bytes);
    } catch (UncheckedIOException e) {
      if (e.getCause() instanceof InterruptedIOException) {
        throw new StorageFailed(
            "The server is stopping; send this file again.", StorageFailed.Kind.UNREACHABLE, e);
      }
      throw new StorageFailed(
          "A picture could not be decoded: there is no room for temporary files. Everything saved"
              + " before is safe.",
          StorageFailed.Kind.FULL,
          e);
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
      Picture whole = readable(copies.readable(originalBlob)).picture();
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
