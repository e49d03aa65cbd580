package org.ablebatch.codec.write;

import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferUShort;
import java.awt.image.WritableRaster;
import java.util.Iterator;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOInvalidTreeException;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.plugins.tiff.BaselineTIFFTagSet;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;
import javax.imageio.plugins.tiff.TIFFTag;
import org.ablebatch.codec.profile.SrgbProfile;
import org.ablebatch.core.dress.DeepDressed;
import org.ablebatch.core.raster.Picture;

/** TIFF 6.0 with Deflate, 8 or 16 bits a channel, with transparency where there is any. */
final class TiffFile {
  private static final int XMP_TAG = 700;

  private static final short DEEP_OPAQUE = (short) 0xFFFF;
  private static final String STANDARD_WRITER = "com.sun.imageio.plugins.tiff";

  private TiffFile() {}

  static byte[] of(Picture picture, FileExtras extras) {
    int channels = picture.hasTransparency() ? 4 : 3;
    BufferedImage image = empty(picture.width(), picture.height(), channels, DataBuffer.TYPE_BYTE);
    byte[] out = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    int at = 0;
    for (int colour : picture.argb()) {
      out[at++] = (byte) (colour >> 16);
      out[at++] = (byte) (colour >> 8);
      out[at++] = (byte) colour;
      if (channels == 4) {
        out[at++] = (byte) (colour >>> 24);
      }
    }
    return written(image, extras);
  }

  static byte[] of(DeepDressed deep, FileExtras extras) {
    int channels = hasTransparency(deep) ? 4 : 3;
    BufferedImage image = empty(deep.width(), deep.height(), channels, DataBuffer.TYPE_USHORT);
    short[] out = ((DataBufferUShort) image.getRaster().getDataBuffer()).getData();
    for (int from = 0, to = 0; from < deep.rgba().length; from += 4, to += channels) {
      System.arraycopy(deep.rgba(), from, out, to, channels);
    }
    return written(image, extras);
  }

  private static boolean hasTransparency(DeepDressed deep) {
    for (int i = 3; i < deep.rgba().length; i += 4) {
      if (deep.rgba()[i] != DEEP_OPAQUE) {
        return true;
      }
    }
    return false;
  }

  private static BufferedImage empty(int width, int height, int channels, int type) {
    boolean alpha = channels == 4;
    ColorModel model =
        new ComponentColorModel(
            ColorSpace.getInstance(ColorSpace.CS_sRGB),
            alpha,
            false,
            alpha ? ColorModel.TRANSLUCENT : ColorModel.OPAQUE,
            type);
    WritableRaster raster = model.createCompatibleWritableRaster(width, height);
    return new BufferedImage(model, raster, false, null);
  }

  private static byte[] written(BufferedImage image, FileExtras extras) {
    ImageWriter writer = writer();
    ImageWriteParam param = writer.getDefaultWriteParam();
    param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    param.setCompressionType("Deflate");
    IIOMetadata metadata = writer.getDefaultImageMetadata(new ImageTypeSpecifier(image), param);
    try {
      TIFFDirectory directory = TIFFDirectory.createFromMetadata(metadata);
      fill(directory, extras);
      return Images.written(writer, param, new IIOImage(image, null, directory.getAsMetadata()));
    } catch (IIOInvalidTreeException e) {
      throw new IllegalStateException("the writer refuses its own metadata", e);
    }
  }

  /** The platform's own: another one on the class path may be found first. */
  private static ImageWriter writer() {
    Iterator<ImageWriter> writers = ImageIO.getImageWritersByFormatName("tiff");
    while (writers.hasNext()) {
      ImageWriter writer = writers.next();
      if (writer.getClass().getName().startsWith(STANDARD_WRITER)) {
        return writer;
      }
    }
    throw new IllegalStateException("this Java has no TIFF writer");
  }

  private static void fill(TIFFDirectory directory, FileExtras extras) {
    BaselineTIFFTagSet tags = BaselineTIFFTagSet.getInstance();
    if (extras.dpi() != null) {
      long[][] resolution = {{extras.dpi(), 1}};
      directory.addTIFFField(
          new TIFFField(
              tags.getTag(BaselineTIFFTagSet.TAG_X_RESOLUTION),
              TIFFTag.TIFF_RATIONAL,
              1,
              resolution));
      directory.addTIFFField(
          new TIFFField(
              tags.getTag(BaselineTIFFTagSet.TAG_Y_RESOLUTION),
              TIFFTag.TIFF_RATIONAL,
              1,
              resolution));
      directory.addTIFFField(
          new TIFFField(
              tags.getTag(BaselineTIFFTagSet.TAG_RESOLUTION_UNIT),
              BaselineTIFFTagSet.RESOLUTION_UNIT_INCH));
    }
    bytes(directory, tags.getTag(BaselineTIFFTagSet.TAG_ICC_PROFILE), SrgbProfile.bytes());
    if (!extras.words().isEmpty()) {
      bytes(
          directory,
          new TIFFTag("XMP", XMP_TAG, 1 << TIFFTag.TIFF_BYTE),
          Xmp.packet(extras.words()),
          TIFFTag.TIFF_BYTE);
    }
  }

  private static void bytes(TIFFDirectory directory, TIFFTag tag, byte[] bytes) {
    bytes(directory, tag, bytes, TIFFTag.TIFF_UNDEFINED);
  }

  private static void bytes(TIFFDirectory directory, TIFFTag tag, byte[] bytes, int type) {
    directory.addTIFFField(new TIFFField(tag, type, bytes.length, bytes));
  }
}
