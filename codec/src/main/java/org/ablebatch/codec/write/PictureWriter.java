package org.ablebatch.codec.write;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;

/** Writes pictures as files. Nothing of the original's metadata is carried over. */
public final class PictureWriter {
  private PictureWriter() {}

  /** PNG with 8-bit alpha, compressed well. */
  public static byte[] png(Picture picture) {
    return Images.png(Images.of(picture, true), Images.SMALL);
  }

  /** PNG with 8-bit alpha where the picture has any, compressed quickly. */
  public static byte[] quickPng(Picture picture) {
    return Images.png(Images.of(picture, picture.hasTransparency()), Images.QUICK);
  }

  /** PNG without transparency. */
  public static byte[] opaquePng(Picture picture) {
    return Images.png(Images.of(picture, false), Images.SMALL);
  }

  /** Grey 8-bit PNG: 0 = backdrop, 255 = subject. */
  public static byte[] mattePng(Matte matte) {
    BufferedImage image =
        new BufferedImage(matte.width(), matte.height(), BufferedImage.TYPE_BYTE_GRAY);
    byte[] target = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    System.arraycopy(matte.coverage(), 0, target, 0, target.length);
    return Images.png(image, Images.SMALL);
  }

  /**
   * @param picture taken as opaque
   * @param quality 1..100
   */
  public static byte[] jpeg(Picture picture, int quality) {
    return JpegFile.pixels(picture, new Encoding.Jpeg(quality, Encoding.Chroma.HALF, false));
  }

  /**
   * WebP, lossy, with 8-bit alpha where the picture has any.
   *
   * @param quality 1..100
   */
  public static byte[] webp(Picture picture, int quality) {
    return WebPFile.pixels(picture, quality);
  }
}
