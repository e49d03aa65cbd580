package org.ablebatch.codec.write;

import com.luciad.imageio.webp.WebPWriteParam;
import com.pngencoder.PngEncoder;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.awt.image.DirectColorModel;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;

/** Writes pictures as files. Nothing of the original's metadata is carried over. */
public final class PictureWriter {
  /** For files that are kept or delivered: small. */
  private static final int SMALL = 6;

  /** For files that are made to be looked at once: quick. */
  private static final int QUICK = 1;

  private PictureWriter() {}

  /** PNG with 8-bit alpha, compressed well. */
  public static byte[] png(Picture picture) {
    return png(image(picture, true), SMALL);
  }

  /** PNG with 8-bit alpha where the picture has any, compressed quickly. */
  public static byte[] quickPng(Picture picture) {
    return png(image(picture, picture.hasTransparency()), QUICK);
  }

  /** PNG without transparency. */
  public static byte[] opaquePng(Picture picture) {
    return png(image(picture, false), SMALL);
  }

  /** Grey 8-bit PNG: 0 = backdrop, 255 = subject. */
  public static byte[] mattePng(Matte matte) {
    BufferedImage image =
        new BufferedImage(matte.width(), matte.height(), BufferedImage.TYPE_BYTE_GRAY);
    byte[] target = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    System.arraycopy(matte.coverage(), 0, target, 0, target.length);
    return png(image, SMALL);
  }

  /**
   * @param picture taken as opaque
   * @param quality 1..100
   */
  public static byte[] jpeg(Picture picture, int quality) {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam param = writer.getDefaultWriteParam();
    param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    param.setCompressionQuality(quality / 100f);
    return write(writer, param, image(picture, false));
  }

  /**
   * WebP, lossy, with 8-bit alpha where the picture has any.
   *
   * @param quality 1..100
   */
  public static byte[] webp(Picture picture, int quality) {
    ImageWriter writer = ImageIO.getImageWritersByMIMEType("image/webp").next();
    WebPWriteParam param = new WebPWriteParam(Locale.ROOT);
    param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    param.setCompressionType(param.getCompressionTypes()[WebPWriteParam.LOSSY_COMPRESSION]);
    param.setCompressionQuality(quality / 100f);
    return write(writer, param, image(picture, picture.hasTransparency()));
  }

  private static byte[] png(BufferedImage image, int level) {
    return new PngEncoder().withBufferedImage(image).withCompressionLevel(level).toBytes();
  }

  private static byte[] write(ImageWriter writer, ImageWriteParam param, BufferedImage image) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), param);
    } catch (IOException e) {
      throw new UncheckedIOException("writing to memory failed", e);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }

  /** A view on the picture's own array; no pixels are copied. */
  private static BufferedImage image(Picture picture, boolean alpha) {
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
}
