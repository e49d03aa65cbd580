package org.ablebatch.server.storage;

import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.dress.QuickShrink;
import org.ablebatch.core.raster.Picture;
import org.springframework.http.MediaType;

/** The smaller pictures that screens show first. */
public final class Renditions {
  private static final int THUMBNAIL_PX = 240;
  private static final int PREVIEW_PX = 1280;
  private static final int JPEG_QUALITY = 86;
  private static final byte PNG_FIRST_BYTE = (byte) 0x89;

  private Renditions() {}

  /** A picture at the size of the screen: what its preview and its thumbnail are made of. */
  public static Picture reduced(Picture original) {
    return QuickShrink.toLongSide(original, PREVIEW_PX);
  }

  public static byte[] thumbnail(Picture original) {
    return opaque(QuickShrink.toLongSide(original, THUMBNAIL_PX));
  }

  public static byte[] preview(Picture original) {
    return opaque(reduced(original));
  }

  public static byte[] cutoutThumbnail(Picture cutout) {
    return PictureWriter.quickPng(QuickShrink.toLongSide(cutout, THUMBNAIL_PX));
  }

  public static byte[] cutoutPreview(Picture cutout) {
    return PictureWriter.quickPng(QuickShrink.toLongSide(cutout, PREVIEW_PX));
  }

  /** What a rendition is: PNG where the picture has transparency, else JPEG. */
  public static MediaType typeOf(byte[] rendition) {
    return rendition[0] == PNG_FIRST_BYTE ? MediaType.IMAGE_PNG : MediaType.IMAGE_JPEG;
  }

  private static byte[] opaque(Picture picture) {
    return picture.hasTransparency()
        ? PictureWriter.quickPng(picture)
        : PictureWriter.jpeg(picture, JPEG_QUALITY);
  }
}
