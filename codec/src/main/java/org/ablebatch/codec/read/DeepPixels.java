package org.ablebatch.codec.read;

import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import org.ablebatch.core.raster.DeepPicture;

/** Decoded images with 16 bits a colour to plain sRGB samples of 16 bits. */
final class DeepPixels {
  private static final int CHANNELS = 3;

  private DeepPixels() {}

  static DeepPicture of(BufferedImage image) {
    ColorSpace space = image.getColorModel().getColorSpace();
    if (space.getType() != ColorSpace.TYPE_GRAY && !space.isCS_sRGB()) {
      return samples(toSrgb(image));
    }
    return samples(image);
  }

  private static BufferedImage toSrgb(BufferedImage image) {
    ColorModel model =
        new ComponentColorModel(
            ColorSpace.getInstance(ColorSpace.CS_sRGB),
            false,
            false,
            ColorModel.OPAQUE,
            DataBuffer.TYPE_USHORT);
    WritableRaster raster =
        model.createCompatibleWritableRaster(image.getWidth(), image.getHeight());
    return new ColorConvertOp(null).filter(image, new BufferedImage(model, raster, false, null));
  }

  private static DeepPicture samples(BufferedImage image) {
    Raster raster = image.getRaster();
    int width = image.getWidth();
    boolean grey = image.getColorModel().getColorSpace().getType() == ColorSpace.TYPE_GRAY;
    short[] rgb = new short[Math.multiplyExact(width * CHANNELS, image.getHeight())];
    int[] row = new int[width];
    for (int y = 0; y < image.getHeight(); y++) {
      for (int c = 0; c < CHANNELS; c++) {
        raster.getSamples(0, y, width, 1, grey ? 0 : c, row);
        for (int x = 0; x < width; x++) {
          rgb[(y * width + x) * CHANNELS + c] = (short) row[x];
        }
      }
    }
    return new DeepPicture(width, image.getHeight(), rgb);
  }
}
