package org.ablebatch.codec.write;

import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferUShort;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.DeepPicture;
import org.ablebatch.core.raster.Picture;

/**
 * Cutouts of originals with 16 bits a colour. Where the cutout's colour is the original's, all 16
 * bits are kept; where the engine has cleaned the edge, and in the coverage, 8 bits are all there
 * are, spread over 16.
 */
public final class DeepCutoutWriter {
  private static final int CHANNELS = 4;
  private static final int SPREAD = 257;

  private DeepCutoutWriter() {}

  /**
   * PNG, 16 bits, with transparency; clear pixels are all zero.
   *
   * @param original the same pixels as the cutout was made of, 8 bits
   * @param deep the same pixels, 16 bits
   */
  public static byte[] png(Cutout cutout, Picture original, DeepPicture deep) {
    ColorModel model =
        new ComponentColorModel(
            ColorSpace.getInstance(ColorSpace.CS_sRGB),
            true,
            false,
            ColorModel.TRANSLUCENT,
            DataBuffer.TYPE_USHORT);
    WritableRaster raster = model.createCompatibleWritableRaster(deep.width(), deep.height());
    fill(((DataBufferUShort) raster.getDataBuffer()).getData(), cutout, original, deep);
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      ImageIO.write(new BufferedImage(model, raster, false, null), "png", bytes);
    } catch (IOException e) {
      throw new UncheckedIOException("writing to memory failed", e);
    }
    return bytes.toByteArray();
  }

  private static void fill(short[] out, Cutout cutout, Picture original, DeepPicture deep) {
    byte[] coverage = cutout.matte().coverage();
    for (int i = 0; i < coverage.length; i++) {
      int alpha = coverage[i] & 0xFF;
      if (alpha == 0) {
        continue;
      }
      int colour = cutout.colours().argb()[i];
      boolean asItCame = (colour & 0xFFFFFF) == (original.argb()[i] & 0xFFFFFF);
      for (int c = 0; c < CHANNELS - 1; c++) {
        int eight = colour >> 16 - 8 * c & 0xFF;
        out[i * CHANNELS + c] =
            asItCame ? deep.rgb()[i * (CHANNELS - 1) + c] : (short) (eight * SPREAD);
      }
      out[i * CHANNELS + CHANNELS - 1] = (short) (alpha * SPREAD);
    }
  }
}
