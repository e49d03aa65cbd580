package org.ablebatch.codec.read;

import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Optional;
import java.util.zip.InflaterInputStream;

/**
 * The colour profile in a PNG (chunk iCCP, PNG specification section 11.3.2.3). Java's reader
 * leaves it aside and takes every PNG for sRGB.
 */
final class PngProfile {
  private static final int SIGNATURE = 8;
  private static final int ICCP = 0x69434350;
  private static final int IDAT = 0x49444154;
  private static final int LARGEST = 4 << 20;

  private PngProfile() {}

  /** The same pixels, which now say what their numbers mean; without a profile the image itself. */
  static BufferedImage applied(BufferedImage image, byte[] png) {
    if (image.getRaster().getNumBands() < 3) {
      // Grey is taken as it stands; a palette holds colours of the web.
      return image;
    }
    return profile(png)
        .filter(profile -> profile.getColorSpaceType() == ColorSpace.TYPE_RGB)
        .map(profile -> with(image, profile))
        .orElse(image);
  }

  private static BufferedImage with(BufferedImage image, ICC_Profile profile) {
    boolean alpha = image.getColorModel().hasAlpha();
    ComponentColorModel model =
        new ComponentColorModel(
            new ICC_ColorSpace(profile),
            alpha,
            false,
            alpha ? Transparency.TRANSLUCENT : Transparency.OPAQUE,
            image.getRaster().getTransferType());
    return model.isCompatibleRaster(image.getRaster())
        ? new BufferedImage(model, image.getRaster(), false, null)
        : image;
  }

  /** A profile that is broken is no reason to refuse the picture. */
  private static Optional<ICC_Profile> profile(byte[] png) {
    ByteBuffer chunks = ByteBuffer.wrap(png);
    int at = SIGNATURE;
    while (at + 12 <= png.length) {
      int length = chunks.getInt(at);
      int type = chunks.getInt(at + 4);
      if (length < 0 || type == IDAT || length > png.length - at - 12) {
        return Optional.empty();
      }
      if (type == ICCP) {
        return read(png, at + 8, length);
      }
      at += 12 + length;
    }
    return Optional.empty();
  }

  /** A name that ends with zero, the method of compression, and the profile. */
  private static Optional<ICC_Profile> read(byte[] png, int from, int length) {
    int name = 0;
    while (name < length && png[from + name] != 0) {
      name++;
    }
    int skipped = name + 2;
    if (skipped >= length) {
      return Optional.empty();
    }
    try (InflaterInputStream in =
        new InflaterInputStream(new ByteArrayInputStream(png, from + skipped, length - skipped))) {
      return Optional.of(ICC_Profile.getInstance(in.readNBytes(LARGEST)));
    } catch (IOException | IllegalArgumentException e) {
      return Optional.empty();
    }
  }
}
