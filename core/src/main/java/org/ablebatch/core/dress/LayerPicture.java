package org.ablebatch.core.dress;

import org.ablebatch.core.raster.Picture;

/**
 * What one part of a look shows.
 *
 * @param name of the part
 * @param picture as large as the frame, sRGB, not premultiplied
 */
public record LayerPicture(String name, Picture picture) {
  static boolean shows(Picture picture) {
    for (int colour : picture.argb()) {
      if (colour >>> 24 != 0) {
        return true;
      }
    }
    return false;
  }
}
