package org.ablebatch.core.dress;

import org.ablebatch.core.look.Fill;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/** The photograph itself as its subject's backdrop. */
final class PhotographLayers {
  /** Where it can't lie as it was, its own subject has to be gone from it. */
  private static final double LEAST_BLUR = 1;

  private PhotographLayers() {}

  static Layer of(Fill.Photograph fill, Dressable dressable, Standing standing, Frame frame) {
    Picture photograph = dressable.photograph();
    Light light = new Light(fill.brightness(), fill.colour());
    Placement asItWas = standing.placement();
    boolean covers = covers(asItWas, photograph, frame);
    Placement placement =
        covers ? asItWas : around(dressable.content(), photograph, standing, frame);
    if (covers && fill.blur() == 0) {
      return new PictureLayer(new SubjectRows(photograph, placement, frame, false), light, 1);
    }
    Picture empty = CoarseColours.without(photograph, dressable.cutout());
    double blur = covers ? fill.blur() : Math.max(LEAST_BLUR, fill.blur());
    return new GridColours(CoarseColours.of(empty, placement, frame, blur), frame, light);
  }

  private static boolean covers(Placement p, Picture photograph, Frame frame) {
    double slack = 0.5;
    return p.offsetX() <= slack
        && p.offsetY() <= slack
        && p.offsetX() + p.scale() * photograph.width() >= frame.width() - slack
        && p.offsetY() + p.scale() * photograph.height() >= frame.height() - slack;
  }

  /** Just large enough to cover the frame, with the subject's place under the subject. */
  private static Placement around(
      Rect content, Picture photograph, Standing standing, Frame frame) {
    double scale =
        Math.max(
            standing.placement().scale(),
            Math.max(
                frame.width() / (double) photograph.width(),
                frame.height() / (double) photograph.height()));
    double x =
        (standing.left() + standing.right()) / 2 - scale * (content.x() + content.width() / 2.0);
    double y =
        (standing.top() + standing.foot()) / 2 - scale * (content.y() + content.height() / 2.0);
    return new Placement(
        scale,
        Math.max(frame.width() - scale * photograph.width(), Math.min(0, x)),
        Math.max(frame.height() - scale * photograph.height(), Math.min(0, y)));
  }
}
