package org.ablebatch.codec.read;

import com.twelvemonkeys.imageio.stream.ByteArrayImageInputStream;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.ablebatch.codec.heif.HeifFacts;
import org.ablebatch.codec.heif.NclxToSrgb;
import org.ablebatch.codec.read.UnreadablePicture.Reason;

/**
 * Pixels of a file as its decoder gives them. Order of the checks: is there anything, is it a
 * picture, does its header ask for too much, do its pixels decode, are they all there.
 */
final class FileDecoder {
  /** All pictures of one file together, of what one picture may have. */
  private static final int LARGEST_SERIES = 4;

  private final ReadLimits limits;
  private final HeifReading heifReading = new HeifReading();

  FileDecoder(ReadLimits limits) {
    this.limits = limits;
  }

  /**
   * @param image lying or mirrored as {@code facts} say; in the colours of its own profile
   * @param bits of each colour in the file
   * @param turned the file asked for a turn or a flip
   * @param pictures in the file
   */
  record Decoded(
      BufferedImage image,
      FileKind kind,
      FileFacts facts,
      int bits,
      boolean turned,
      int pictures) {}

  Decoded decode(byte[] bytes) throws UnreadablePicture {
    FileKind kind = kindOf(bytes);
    FileFacts facts = FileFacts.of(bytes);
    if (kind.isHeif()) {
      return decodeHeif(bytes, kind, facts);
    }
    Raw raw = decode(bytes, kind);
    return new Decoded(
        raw.image(),
        kind,
        facts,
        raw.image().getColorModel().getComponentSize(0),
        facts.orientation() != Orientation.UPRIGHT,
        raw.pictures());
  }

  /**
   * The decoder turns it upright; what its EXIF block says of that does not count (section 6.5).
   */
  private Decoded decodeHeif(byte[] bytes, FileKind kind, FileFacts facts)
      throws UnreadablePicture {
    HeifFacts heif = HeifFacts.of(bytes).orElseThrow(() -> damaged(kind));
    requireWithinLimits(heif.widest(), heif.highest());
    requireFew(heif);
    BufferedImage image = decode(heifReading.toPng(bytes, heif, kind), FileKind.PNG).image();
    boolean coded = !heif.nclx().isPlainSrgb();
    return new Decoded(
        coded ? NclxToSrgb.convert(image, heif.nclx()) : image,
        kind,
        facts.upright(coded ? heif.nclx().label() : facts.profile()),
        heif.bits(),
        heif.turned(),
        heif.moving() ? Math.max(2, heif.pictures()) : heif.pictures());
  }

  /**
   * @param pictures in the file
   */
  private record Raw(BufferedImage image, int pictures) {}

  private Raw decode(byte[] bytes, FileKind kind) throws UnreadablePicture {
    ImageReader reader = null;
    try (ImageInputStream in = new ByteArrayImageInputStream(bytes)) {
      reader = readerFor(in);
      if (reader == null) {
        throw damaged(kind);
      }
      reader.setInput(in, false, true);
      requireWithinLimits(reader.getWidth(0), reader.getHeight(0));
      List<String> warnings = new ArrayList<>();
      reader.addIIOReadWarningListener((source, warning) -> warnings.add(warning));
      BufferedImage image = reader.read(0);
      if (warnings.stream().anyMatch(FileDecoder::saysCutShort)) {
        throw cutShort(kind);
      }
      return new Raw(
          kind == FileKind.PNG ? PngProfile.applied(image, bytes) : image,
          PicturesInFile.count(reader, kind, bytes));
    } catch (java.io.EOFException e) {
      throw cutShort(kind);
    } catch (IOException | RuntimeException e) {
      // Decoders answer damage with whatever their arithmetic runs into; all of it means damage.
      throw saysCutShort(String.valueOf(e.getMessage())) ? cutShort(kind) : damaged(kind);
    } finally {
      if (reader != null) {
        reader.dispose();
      }
    }
  }

  /** The pure-Java readers first: they know profiles and CMYK. */
  private static ImageReader readerFor(ImageInputStream in) {
    ImageReader fallback = null;
    for (Iterator<ImageReader> all = ImageIO.getImageReaders(in); all.hasNext(); ) {
      ImageReader reader = all.next();
      if (reader.getClass().getName().startsWith("com.twelvemonkeys.")) {
        return reader;
      }
      fallback = fallback == null ? reader : fallback;
    }
    return fallback;
  }

  private void requireWithinLimits(int width, int height) throws UnreadablePicture {
    long pixels = (long) width * height;
    if (pixels > limits.maxPixels() || Math.max(width, height) > limits.maxSidePx()) {
      throw new UnreadablePicture(
          Reason.TOO_LARGE,
          String.format(
              Locale.ROOT,
              "The picture says it is %,d × %,d pixels; at most %,d million pixels and %,d on a side"
                  + " are taken. Setting %s when Able Batch is started raises the first limit",
              width,
              height,
              limits.maxPixels() / 1_000_000,
              limits.maxSidePx(),
              ReadLimits.MEGAPIXELS));
    }
  }

  private static boolean saysCutShort(String message) {
    String lower = message.toLowerCase(Locale.ROOT);
    return lower.contains("premature")
        || lower.contains("truncat")
        || lower.contains("unexpected end")
        || lower.contains("end of file");
  }

  /** The tool decodes every picture of such a file. */
  private void requireFew(HeifFacts heif) throws UnreadablePicture {
    long pixels = (long) heif.widest() * heif.highest() * heif.pictures();
    if (pixels > LARGEST_SERIES * limits.maxPixels()) {
      throw new UnreadablePicture(
          Reason.TOO_LARGE,
          "The file holds %,d pictures, which is more than is taken in one file"
              .formatted(heif.pictures()));
    }
  }

  private static UnreadablePicture cutShort(FileKind kind) {
    return new UnreadablePicture(
        Reason.CUT_SHORT,
        "The " + kind.label() + " file ends too early: part of the picture is missing");
  }

  static UnreadablePicture damaged(FileKind kind) {
    return new UnreadablePicture(
        Reason.DAMAGED, "The " + kind.label() + " file is damaged and can’t be read");
  }

  private static FileKind kindOf(byte[] bytes) throws UnreadablePicture {
    if (bytes.length == 0) {
      throw new UnreadablePicture(Reason.EMPTY, "The file is empty (0 bytes)");
    }
    FileKind kind = FileKind.of(bytes).orElse(null);
    if (kind == null) {
      throw new UnreadablePicture(
          Reason.NOT_A_PICTURE,
          FileKind.looksLikeText(bytes)
              ? "This is a text file, not a picture"
              : "This is not a JPEG, PNG, WebP, HEIC, AVIF, TIFF, GIF or BMP picture");
    }
    return kind;
  }
}
