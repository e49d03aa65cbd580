package org.ablebatch.codec.write;

import java.awt.image.BufferedImage;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOInvalidTreeException;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.raster.Picture;

/** JPEG: pictures without transparency. */
final class JpegFile {
  private static final String FORMAT = "javax_imageio_jpeg_image_1.0";

  private JpegFile() {}

  static byte[] of(Picture picture, Encoding.Jpeg encoding, FileExtras extras) {
    return JpegSegments.with(pixels(picture, encoding), extras);
  }

  /** Without profile and words. */
  static byte[] pixels(Picture picture, Encoding.Jpeg encoding) {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam param = writer.getDefaultWriteParam();
    param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    param.setCompressionQuality(encoding.quality() / 100f);
    if (encoding.progressive()) {
      param.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
    }
    BufferedImage image = Images.of(picture, false);
    IIOMetadata metadata =
        encoding.chroma() == Encoding.Chroma.FULL ? full(writer, param, image) : null;
    return Images.written(writer, param, new IIOImage(image, null, metadata));
  }

  /** Every pixel keeps its colour: the factor of the first component is that of the others. */
  private static IIOMetadata full(ImageWriter writer, ImageWriteParam param, BufferedImage image) {
    IIOMetadata metadata = writer.getDefaultImageMetadata(new ImageTypeSpecifier(image), param);
    IIOMetadataNode root = (IIOMetadataNode) metadata.getAsTree(FORMAT);
    IIOMetadataNode first = (IIOMetadataNode) root.getElementsByTagName("componentSpec").item(0);
    first.setAttribute("HsamplingFactor", "1");
    first.setAttribute("VsamplingFactor", "1");
    try {
      metadata.setFromTree(FORMAT, root);
    } catch (IIOInvalidTreeException e) {
      throw new IllegalStateException("the writer refuses its own metadata", e);
    }
    return metadata;
  }
}
