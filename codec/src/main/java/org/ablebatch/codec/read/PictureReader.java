package org.ablebatch.codec.read;

import com.twelvemonkeys.imageio.stream.ByteArrayImageInputStream;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.ablebatch.codec.read.UnreadablePicture.Reason;
import org.ablebatch.core.raster.DeepPicture;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;

/**
 * Reads one picture file. Order of the checks: is there anything, is it a picture, does its header
 * ask for too much, do its pixels decode, are they all there. Safe for use by several threads.
 */
public final class PictureReader {
  private final ReadLimits limits;

  public PictureReader(ReadLimits limits) {
    this.limits = limits;
  }

  /**
   * @param bytes the whole file; unchanged
   * @throws UnreadablePicture with a sentence that does not name the file
   */
  public ReadPicture read(byte[] bytes) throws UnreadablePicture {
    FileKind kind = kindOf(bytes);
    FileFacts facts = FileFacts.of(bytes);
    BufferedImage image = decode(bytes, kind);
    boolean plain = isPlainForBrowsers(image, kind) && facts.isPlainSrgb();
    Picture picture = Orientation.apply(SrgbPixels.of(image), facts.orientation());
    return new ReadPicture(
        picture,
        kind,
        facts.orientation() != Orientation.UPRIGHT,
        plain,
        image.getColorModel().getComponentSize(0),
        facts.profile(),
        facts.hasPlace());
  }

  /**
   * All 16 bits of a file that has them.
   *
   * @return upright, sRGB; empty for a file with 8 bits or less
   * @throws UnreadablePicture with a sentence that does not name the file
   */
  public Optional<DeepPicture> readDeep(byte[] bytes) throws UnreadablePicture {
    BufferedImage image = decode(bytes, kindOf(bytes));
    if (image.getColorModel().getComponentSize(0) <= 8) {
      return Optional.empty();
    }
    return Optional.of(Orientation.apply(DeepPixels.of(image), FileFacts.of(bytes).orientation()));
  }

  /**
   * Reads a grey PNG that this program wrote.
   *
   * @throws UnreadablePicture when the bytes are not that
   */
  public Matte readMatte(byte[] bytes) throws UnreadablePicture {
    Picture picture = SrgbPixels.of(decode(bytes, kindOf(bytes)));
    byte[] coverage = new byte[picture.argb().length];
    for (int i = 0; i < coverage.length; i++) {
      coverage[i] = (byte) picture.argb()[i];
    }
    return new Matte(picture.width(), picture.height(), coverage);
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
              : "This is not a JPEG, PNG, WebP, TIFF, GIF or BMP picture");
    }
    return kind;
  }

  private BufferedImage decode(byte[] bytes, FileKind kind) throws UnreadablePicture {
    ImageReader reader = null;
    try (ImageInputStream in = new ByteArrayImageInputStream(bytes)) {
      reader = readerFor(in);
      if (reader == null) {
        throw damaged(kind);
      }
      reader.setInput(in, true, true);
      requireWithinLimits(reader.getWidth(0), reader.getHeight(0));
      List<String> warnings = new ArrayList<>();
      reader.addIIOReadWarningListener((source, warning) -> warnings.add(warning));
      BufferedImage image = reader.read(0);
      if (warnings.stream().anyMatch(PictureReader::saysCutShort)) {
        throw cutShort(kind);
      }
      return image;
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

  private static boolean isPlainForBrowsers(BufferedImage image, FileKind kind) {
    boolean known = kind == FileKind.JPEG || kind == FileKind.PNG || kind == FileKind.WEBP;
    return known
        && image.getColorModel().getColorSpace().isCS_sRGB()
        && image.getColorModel().getComponentSize(0) <= 8;
  }

  private static boolean saysCutShort(String message) {
    String lower = message.toLowerCase(Locale.ROOT);
    return lower.contains("premature")
        || lower.contains("truncat")
        || lower.contains("unexpected end")
        || lower.contains("end of file");
  }

  private static UnreadablePicture cutShort(FileKind kind) {
    return new UnreadablePicture(
        Reason.CUT_SHORT,
        "The " + kind.label() + " file ends too early: part of the picture is missing");
  }

  private static UnreadablePicture damaged(FileKind kind) {
    return new UnreadablePicture(
        Reason.DAMAGED, "The " + kind.label() + " file is damaged and can’t be read");
  }
}
