package org.ablebatch.codec.write;

import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.dress.Resampling;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.weight.Palettes;

/** GIF: a pixel is there or it is not. The format has no place for resolution or words. */
final class GifFile {
  private static final int HALF = 128;

  private GifFile() {}

  static byte[] of(Picture picture, Encoding.Gif encoding) {
    return Images.written(
        ImageIO.getImageWritersByFormatName("gif").next(),
        null,
        new IIOImage(Images.of(Palettes.nearest(hardEdged(picture, encoding.edge()))), null, null));
  }

  /** What is half there or more lies on the edge's colour, the rest is clear. */
  static Picture hardEdged(Picture picture, Colour edge) {
    if (!picture.hasTransparency()) {
      return picture;
    }
    int[] argb = Resampling.over(picture, edge).argb();
    for (int i = 0; i < argb.length; i++) {
      if (picture.argb()[i] >>> 24 < HALF) {
        argb[i] = 0;
      }
    }
    return new Picture(picture.width(), picture.height(), argb);
  }
}
