package org.ablebatch.codec.write;

import com.luciad.imageio.webp.WebPWriteParam;
import java.util.Locale;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.raster.Picture;

/** WebP, lossy or lossless, with 8-bit alpha where the picture has any. */
final class WebPFile {
  private WebPFile() {}

  static byte[] of(Picture picture, Encoding.WebP encoding, FileExtras extras) {
    return WebPChunks.with(pixels(picture, encoding.quality()), picture, extras);
  }

  /**
   * @param quality 1..100; null = lossless
   */
  static byte[] pixels(Picture picture, Integer quality) {
    ImageWriter writer = ImageIO.getImageWritersByMIMEType("image/webp").next();
    WebPWriteParam param = new WebPWriteParam(Locale.ROOT);
    param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    int kind =
        quality == null ? WebPWriteParam.LOSSLESS_COMPRESSION : WebPWriteParam.LOSSY_COMPRESSION;
    param.setCompressionType(param.getCompressionTypes()[kind]);
    if (quality != null) {
      param.setCompressionQuality(quality / 100f);
    }
    return Images.written(
        writer, param, new IIOImage(Images.of(picture, picture.hasTransparency()), null, null));
  }
}
