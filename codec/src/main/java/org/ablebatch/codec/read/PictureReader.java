package org.ablebatch.codec.read;

import java.awt.image.BufferedImage;
import java.util.Optional;
import org.ablebatch.codec.read.FileDecoder.Decoded;
import org.ablebatch.core.raster.DeepPicture;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;

/**
 * Reads one picture file: upright, in sRGB, with what the file said of itself. Safe for use by
 * several threads.
 */
public final class PictureReader {
  private final FileDecoder decoder;

  public PictureReader(ReadLimits limits) {
    decoder = new FileDecoder(limits);
  }

  /**
   * @param bytes the whole file; unchanged
   * @throws UnreadablePicture with a sentence that does not name the file
   */
  public ReadPicture read(byte[] bytes) throws UnreadablePicture {
    Decoded decoded = decoder.decode(bytes);
    BufferedImage image = decoded.image();
    FileFacts facts = decoded.facts();
    boolean plain =
        isPlainForBrowsers(image, decoded.kind()) && facts.isPlainSrgb() && decoded.pictures() == 1;
    Picture picture = Orientation.apply(SrgbPixels.of(image), facts.orientation());
    return new ReadPicture(
        picture,
        decoded.kind(),
        decoded.turned(),
        plain,
        decoded.bits(),
        facts.profile(),
        facts.hasPlace(),
        decoded.pictures());
  }

  /**
   * All 16 bits of a file that has them.
   *
   * @return upright, sRGB; empty for a file with 8 bits or less
   * @throws UnreadablePicture with a sentence that does not name the file
   */
  public Optional<DeepPicture> readDeep(byte[] bytes) throws UnreadablePicture {
    Decoded decoded = decoder.decode(bytes);
    if (decoded.image().getColorModel().getComponentSize(0) <= 8) {
      return Optional.empty();
    }
    return Optional.of(
        Orientation.apply(DeepPixels.of(decoded.image()), decoded.facts().orientation()));
  }

  /**
   * Reads a grey PNG that this program wrote.
   *
   * @throws UnreadablePicture when the bytes are not that
   */
  public Matte readMatte(byte[] bytes) throws UnreadablePicture {
    BufferedImage image = decoder.decode(bytes).image();
    Optional<byte[]> plain = SrgbPixels.plainGrey(image);
    if (plain.isPresent()) {
      return new Matte(image.getWidth(), image.getHeight(), plain.get());
    }
    Picture picture = SrgbPixels.of(image);
    byte[] coverage = new byte[picture.argb().length];
    for (int i = 0; i < coverage.length; i++) {
      coverage[i] = (byte) picture.argb()[i];
    }
    return new Matte(picture.width(), picture.height(), coverage);
  }

  private static boolean isPlainForBrowsers(BufferedImage image, FileKind kind) {
    boolean known = kind == FileKind.JPEG || kind == FileKind.PNG || kind == FileKind.WEBP;
    return known
        && image.getColorModel().getColorSpace().isCS_sRGB()
        && image.getColorModel().getComponentSize(0) <= 8;
  }
}
