package org.ablebatch.codec.read;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.awt.image.Raster;
import java.util.Optional;
import org.ablebatch.codec.profile.SrgbProfile;
import org.ablebatch.core.raster.Picture;

/** Decoded images of any layout and profile to plain sRGB pixels. */
final class SrgbPixels {
  private static final int OPAQUE = 0xFF000000;

  private SrgbPixels() {}

  static Picture of(BufferedImage image) {
    int w = image.getWidth();
    int h = image.getHeight();
    ColorSpace space = image.getColorModel().getColorSpace();
    if (space.getType() == ColorSpace.TYPE_GRAY) {
      return new Picture(w, h, grey(image));
    }
    if (!space.isCS_sRGB()) {
      return of(isSrgbInEffect(image) ? calledSrgb(image) : toSrgb(image));
    }
    return new Picture(
        w,
        h,
        switch (image.getType()) {
          case BufferedImage.TYPE_3BYTE_BGR -> bgr(image);
          case BufferedImage.TYPE_4BYTE_ABGR -> abgr(image);
          case BufferedImage.TYPE_INT_ARGB -> ints(image, 0);
          case BufferedImage.TYPE_INT_RGB -> ints(image, OPAQUE);
          default -> image.getRGB(0, 0, w, h, null, 0, w);
        });
  }

  /** Its profile says in its own way what no profile says. */
  private static boolean isSrgbInEffect(BufferedImage image) {
    return image.getColorModel() instanceof ComponentColorModel model
        && model.getColorSpace() instanceof ICC_ColorSpace space
        && SrgbProfile.isMeantBy(space);
  }

  private static BufferedImage calledSrgb(BufferedImage image) {
    ColorModel model = image.getColorModel();
    ColorModel srgb =
        new ComponentColorModel(
            ColorSpace.getInstance(ColorSpace.CS_sRGB),
            model.hasAlpha(),
            model.isAlphaPremultiplied(),
            model.getTransparency(),
            model.getTransferType());
    return new BufferedImage(srgb, image.getRaster(), model.isAlphaPremultiplied(), null);
  }

  /**
   * Grey samples as they stand. Java's own conversion takes grey for linear light, which would
   * brighten every ordinary grey picture.
   */
  private static int[] grey(BufferedImage image) {
    Raster raster = image.getRaster();
    int w = image.getWidth();
    int shift = Math.max(0, image.getColorModel().getComponentSize(0) - 8);
    int scaleUp =
        image.getColorModel().getComponentSize(0) < 8
            ? 255 / ((1 << image.getColorModel().getComponentSize(0)) - 1)
            : 1;
    boolean alpha = raster.getNumBands() > 1 && image.getColorModel().hasAlpha();
    int[] out = new int[w * image.getHeight()];
    int[] values = new int[w];
    int[] alphas = new int[w];
    for (int y = 0; y < image.getHeight(); y++) {
      raster.getSamples(0, y, w, 1, 0, values);
      if (alpha) {
        raster.getSamples(0, y, w, 1, 1, alphas);
      }
      for (int x = 0; x < w; x++) {
        int v = (values[x] >> shift) * scaleUp & 0xFF;
        int a = alpha ? alphas[x] >> shift & 0xFF : 0xFF;
        out[y * w + x] = a << 24 | v << 16 | v << 8 | v;
      }
    }
    return out;
  }

  private static BufferedImage toSrgb(BufferedImage image) {
    BufferedImage out =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB);
    return new ColorConvertOp(null).filter(image, out);
  }

  private static int[] bgr(BufferedImage image) {
    byte[] bytes = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    int[] out = new int[image.getWidth() * image.getHeight()];
    for (int i = 0, j = 0; i < out.length; i++, j += 3) {
      out[i] = OPAQUE | (bytes[j + 2] & 0xFF) << 16 | (bytes[j + 1] & 0xFF) << 8 | bytes[j] & 0xFF;
    }
    return out;
  }

  private static int[] abgr(BufferedImage image) {
    byte[] bytes = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    int[] out = new int[image.getWidth() * image.getHeight()];
    for (int i = 0, j = 0; i < out.length; i++, j += 4) {
      out[i] =
          (bytes[j] & 0xFF) << 24
              | (bytes[j + 3] & 0xFF) << 16
              | (bytes[j + 2] & 0xFF) << 8
              | bytes[j + 1] & 0xFF;
    }
    return out;
  }

  /** Grey samples of 8 bits as they lie; empty for any other layout. */
  static Optional<byte[]> plainGrey(BufferedImage image) {
    return image.getType() == BufferedImage.TYPE_BYTE_GRAY
        ? Optional.of(((DataBufferByte) image.getRaster().getDataBuffer()).getData())
        : Optional.empty();
  }

  private static int[] ints(BufferedImage image, int or) {
    int[] out = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    if (or != 0) {
      for (int i = 0; i < out.length; i++) {
        out[i] |= or;
      }
    }
    return out;
  }
}
