package org.ablebatch.core.dress;

import org.ablebatch.core.look.Mark;
import org.ablebatch.core.raster.Picture;

/** A picture, whole, in the middle of a box. */
final class MarkLayers {
  private MarkLayers() {}

  static Layer of(Mark mark, Picture picture, Frame frame) {
    double left = mark.box().x() / 100 * frame.width();
    double top = mark.box().y() / 100 * frame.height();
    double width = mark.box().width() / 100 * frame.width();
    double height = mark.box().height() / 100 * frame.height();
    double scale = Math.min(width / picture.width(), height / picture.height());
    Placement placement =
        new Placement(
            scale,
            left + (width - scale * picture.width()) / 2,
            top + (height - scale * picture.height()) / 2);
    return new PictureLayer(
        new SubjectRows(picture, placement, frame, false), new Light(0, 100), mark.opacity() / 100);
  }
}
