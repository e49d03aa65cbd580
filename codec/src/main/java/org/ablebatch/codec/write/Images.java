package org.ablebatch.codec.write;

import com.pngencoder.PngEncoder;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.awt.image.DirectColorModel;
import java.awt.image.IndexColorModel;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.weight.Indexed;

/** Pictures as the standard library's images, and images through its writers. */
final class Images {
  /** For files that are kept or delivered: small. */
  static final int SMALL = 6;

  /** For files that are made to be looked at once: quick. */
  static final int QUICK = 1;

  private static final int BITS = 8;

  private Images() {}

  /** A view on the picture's own array; no pixels are copied. */
  static BufferedImage of(Picture picture, boolean alpha) {
    DataBufferInt buffer = new DataBufferInt(picture.argb(), picture.argb().length);
    int[] masks =
        alpha ? new int[] {0xFF0000, 0xFF00, 0xFF, 0xFF000000} : new int[] {0xFF0000, 0xFF00, 0xFF};
    WritableRaster raster =
        Raster.createPackedRaster(
            buffer, picture.width(), picture.height(), picture.width(), masks, null);
    DirectColorModel model =
        alpha
            ? new DirectColorModel(32, 0xFF0000, 0xFF00, 0xFF, 0xFF000000)
            : new DirectColorModel(24, 0xFF0000, 0xFF00, 0xFF);
    return new BufferedImage(model, raster, false, null);
  }

  /** With its palette. */
  static BufferedImage of(Indexed indexed) {
    int[] palette = indexed.palette();
    IndexColorModel model =
        new IndexColorModel(
            BITS, palette.length, palette, 0, true, clear(palette), DataBufferByte.TYPE_BYTE);
    DataBufferByte buffer = new DataBufferByte(indexed.index(), indexed.index().length);
    WritableRaster raster =
        Raster.createInterleavedRaster(
            buffer, indexed.width(), indexed.height(), indexed.width(), 1, new int[1], null);
    return new BufferedImage(model, raster, false, null);
  }

  /** The place of the clear colour; -1 where none is wholly clear. */
  private static int clear(int[] palette) {
    for (int i = 0; i < palette.length; i++) {
      if (palette[i] >>> 24 == 0) {
        return i;
      }
    }
    return -1;
  }

  static byte[] png(BufferedImage image, int level) {
    return new PngEncoder().withBufferedImage(image).withCompressionLevel(level).toBytes();
  }

  static byte[] written(ImageWriter writer, ImageWriteParam param, IIOImage image) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
      writer.setOutput(out);
      writer.write(null, image, param);
    } catch (IOException e) {
      throw new UncheckedIOException("writing to memory failed", e);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }
}
