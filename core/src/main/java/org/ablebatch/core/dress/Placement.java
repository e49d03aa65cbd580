package org.ablebatch.core.dress;

import org.ablebatch.core.raster.Rect;

/**
 * Where a picture lands in a frame: frame = picture × scale + offset, in pixels.
 *
 * @param scale above 1 = enlarged
 */
public record Placement(double scale, double offsetX, double offsetY) {
  public static final Placement AS_IT_IS = new Placement(1, 0, 0);

  /**
   * The largest placement that keeps the content inside the margins, centred both ways.
   *
   * @param content the subject's measured box in the picture; not empty
   */
  public static Placement fit(Rect content, int width, int height, double marginPercent) {
    double margin = marginPercent / 100 * Math.min(width, height);
    double scale =
        Math.min((width - 2 * margin) / content.width(), (height - 2 * margin) / content.height());
    double x = (width - scale * content.width()) / 2 - scale * content.x();
    double y = (height - scale * content.height()) / 2 - scale * content.y();
    return new Placement(scale, x, y);
  }
}
