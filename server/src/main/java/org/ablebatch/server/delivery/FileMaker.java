package org.ablebatch.server.delivery;

import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.dress.Fill;
import org.ablebatch.core.dress.Look;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.dressing.DressingService.Dressable;

/** One picture under one spec, as file bytes. */
final class FileMaker {
  private FileMaker() {}

  static byte[] make(Dressable dressable, Spec spec, Look batchLook, boolean sharpenEnlarged) {
    Look look = spec.lookWith(batchLook);
    Picture picture =
        sharpenEnlarged
            ? dressable.composeSharpened(look, spec.width(), spec.height())
            : dressable.compose(look, spec.width(), spec.height());
    return switch (spec.format()) {
      case PNG ->
          look.backdrop() instanceof Fill.Clear
              ? PictureWriter.png(picture)
              : PictureWriter.opaquePng(picture);
      case JPEG -> PictureWriter.jpeg(picture, spec.quality());
      case WEBP -> PictureWriter.webp(picture, spec.quality());
    };
  }
}
