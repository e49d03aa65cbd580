package org.ablebatch.codec.write;

import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.weight.Palettes;

/** PNG, 8 bits a channel, with transparency where the picture has any, or with a palette. */
final class PngFile {
  private PngFile() {}

  static byte[] of(Picture picture, Encoding.Png encoding, FileExtras extras) {
    byte[] png =
        switch (encoding.palette()) {
          case NEVER -> colours(picture);
          case ALWAYS -> Images.png(Images.of(Palettes.nearest(picture)), Images.SMALL);
          case WHEN_EXACT ->
              Palettes.exact(picture)
                  .map(indexed -> Images.png(Images.of(indexed), Images.SMALL))
                  .orElseGet(() -> colours(picture));
        };
    return PngChunks.with(png, extras);
  }

  private static byte[] colours(Picture picture) {
    return picture.hasTransparency()
        ? PictureWriter.png(picture)
        : PictureWriter.opaquePng(picture);
  }
}
