package org.ablebatch.server.delivery;

import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Resampling;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.dressing.DressingService;

/** One picture under one spec, as file bytes. */
final class FileMaker {
  private FileMaker() {}

  /**
   * @param look the batch's, with the picture's own changes
   */
  static byte[] make(
      DressingService dressing, Dressable dressable, Spec spec, Look look, boolean sharpen) {
    Picture picture = dressing.dress(dressable, spec.lookWith(look), spec.frame(), sharpen);
    return switch (spec.format()) {
      case PNG ->
          picture.hasTransparency() ? PictureWriter.png(picture) : PictureWriter.opaquePng(picture);
      case JPEG -> PictureWriter.jpeg(onWhite(picture), spec.quality());
      case WEBP -> PictureWriter.webp(picture, spec.quality());
    };
  }

  /** Where a look cuts a shape out, a format without transparency shows white. */
  private static Picture onWhite(Picture picture) {
    if (!picture.hasTransparency()) {
      return picture;
    }
    return Resampling.over(picture, Fill.Solid.WHITE.colour());
  }
}
