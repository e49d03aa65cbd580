package org.ablebatch.codec.read;

import com.twelvemonkeys.imageio.plugins.tiff.TIFFImageMetadata;
import java.io.IOException;
import java.nio.ByteBuffer;
import javax.imageio.ImageReader;

/** How many pictures a file holds: frames of an animation, pages. Only the first is taken. */
final class PicturesInFile {
  private static final int NEW_SUBFILE_TYPE = 254;
  private static final int REDUCED = 1;
  private static final int PNG_SIGNATURE = 8;
  private static final int ACTL = 0x6163544C;
  private static final int IDAT = 0x49444154;

  private PicturesInFile() {}

  /**
   * @param reader has read the first picture already
   * @return at least 1; 1 as well where what follows the first is damaged
   */
  static int count(ImageReader reader, FileKind kind, byte[] bytes) {
    try {
      return switch (kind) {
        case GIF, WEBP -> Math.max(1, reader.getNumImages(true));
        case TIFF -> pages(reader);
        case PNG -> framesOfPng(bytes);
        default -> 1;
      };
    } catch (IOException | RuntimeException e) {
      // The first picture is whole, and nothing else is taken of the file.
      return 1;
    }
  }

  /** Smaller copies of the same picture are no pages (TIFF 6.0, section 8, NewSubfileType). */
  private static int pages(ImageReader reader) throws IOException {
    int pages = 0;
    for (int i = 0; i < reader.getNumImages(true); i++) {
      boolean reduced =
          reader.getImageMetadata(i) instanceof TIFFImageMetadata metadata
              && metadata.getTIFFField(NEW_SUBFILE_TYPE) != null
              && metadata.getTIFFField(NEW_SUBFILE_TYPE).getValue() instanceof Number type
              && (type.intValue() & REDUCED) != 0;
      pages += reduced ? 0 : 1;
    }
    return Math.max(1, pages);
  }

  /** The chunk acTL of an animated PNG (PNG specification, third edition, section 11.3.4.1). */
  private static int framesOfPng(byte[] bytes) {
    ByteBuffer chunks = ByteBuffer.wrap(bytes);
    int at = PNG_SIGNATURE;
    while (at + 12 <= bytes.length) {
      int type = chunks.getInt(at + 4);
      int length = chunks.getInt(at);
      if (type == ACTL) {
        return Math.max(1, chunks.getInt(at + 8));
      }
      if (type == IDAT || length < 0 || length > bytes.length - at - 12) {
        return 1;
      }
      at += 12 + length;
    }
    return 1;
  }
}
