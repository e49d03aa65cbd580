package org.ablebatch.core.dress;

import java.util.List;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/** A picture at another size, in linear light on premultiplied colours. */
public final class Resampling {
  private Resampling() {}

  /**
   * @param picture sRGB with transparency, not premultiplied; unchanged
   * @return exactly as large as the frame, clear where the picture does not lie
   */
  public static Picture into(Frame frame, Picture picture, Placement placement) {
    SubjectRows rows = new SubjectRows(picture, placement, frame, false);
    return DisplayRows.of(List.of(new SubjectLayer(rows, null)), frame);
  }

  /** The picture over a colour, pixel for pixel. */
  public static Picture over(Picture picture, Colour colour) {
    Frame frame = new Frame(picture.width(), picture.height());
    SubjectRows rows = new SubjectRows(picture, Placement.AS_IT_IS, frame, false);
    return DisplayRows.of(
        List.of(new ColourLayer(Over.linear(colour)), new SubjectLayer(rows, null)), frame);
  }

  /**
   * The same picture on a grid that differs by a pixel or two, as roundings leave it: the nearest
   * pixel.
   */
  public static Picture stretched(Picture picture, int width, int height) {
    int[] argb = new int[Math.multiplyExact(width, height)];
    for (int y = 0; y < height; y++) {
      int row = (int) ((long) y * picture.height() / height);
      for (int x = 0; x < width; x++) {
        argb[y * width + x] = picture.at((int) ((long) x * picture.width() / width), row);
      }
    }
    return new Picture(width, height, argb);
  }

  /** Enlarged by a factor above 1 and made crisp, for a frame that wants more than there is. */
  static Dressable enlarged(Dressable dressable, double scale) {
    Frame frame =
        new Frame(
            (int) Math.ceil(dressable.cutout().width() * scale),
            (int) Math.ceil(dressable.cutout().height() * scale));
    Placement placement = new Placement(scale, 0, 0);
    Picture cutout = Sharpening.afterEnlarging(into(frame, dressable.cutout(), placement), scale);
    Rect c = dressable.content();
    int x = (int) Math.floor(c.x() * scale);
    int y = (int) Math.floor(c.y() * scale);
    int right = (int) Math.min(frame.width(), Math.ceil(c.right() * scale));
    int bottom = (int) Math.min(frame.height(), Math.ceil(c.bottom() * scale));
    Picture photograph =
        dressable.photograph() == null ? null : into(frame, dressable.photograph(), placement);
    return new Dressable(
        cutout, new Rect(x, y, right - x, bottom - y), photograph, dressable.labels());
  }
}
