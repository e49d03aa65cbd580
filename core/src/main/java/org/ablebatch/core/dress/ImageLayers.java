package org.ablebatch.core.dress;

import org.ablebatch.core.look.Fill;
import org.ablebatch.core.raster.Picture;

/** A picture as a backdrop. */
final class ImageLayers {
  private ImageLayers() {}

  static Layer of(Fill.Image image, Picture picture, Frame frame) {
    Light light = new Light(image.brightness(), 100);
    if (image.fit() == Fill.Fit.TILE) {
      return new TileLayer(picture, frame, frame.px(image.size()), light);
    }
    Placement placement = placement(image, picture, frame);
    if (image.blur() > 0) {
      return new GridColours(
          CoarseColours.of(picture, placement, frame, image.blur()), frame, light);
    }
    return new PictureLayer(new SubjectRows(picture, placement, frame, false), light, 1);
  }

  private static Placement placement(Fill.Image image, Picture picture, Frame frame) {
    double across = frame.width() / (double) picture.width();
    double down = frame.height() / (double) picture.height();
    boolean cover = image.fit() == Fill.Fit.COVER;
    double scale = cover ? Math.max(across, down) : Math.min(across, down);
    double restX = frame.width() - scale * picture.width();
    double restY = frame.height() - scale * picture.height();
    return new Placement(
        scale,
        restX * (cover ? image.focusX() / 100 : 0.5),
        restY * (cover ? image.focusY() / 100 : 0.5));
  }
}
