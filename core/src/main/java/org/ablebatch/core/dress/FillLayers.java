package org.ablebatch.core.dress;

import org.ablebatch.core.look.Fill;

/** What each kind of backdrop is laid by. */
final class FillLayers {
  private FillLayers() {}

  /** Null for a backdrop of which nothing is seen. */
  static Layer of(Fill fill, Scenery scenery, Supplies supplies) {
    Frame frame = scenery.frame();
    if (fill instanceof Fill.Solid solid) {
      return new ColourLayer(Over.linear(solid.colour()));
    }
    if (fill instanceof Fill.Gradient gradient) {
      return new GradientLayer(gradient, frame);
    }
    if (fill instanceof Fill.Sweep sweep) {
      return new SweepLayer(sweep, scenery.standing().foot(), frame);
    }
    if (fill instanceof Fill.Image image) {
      return supplies
          .picture(image.picture())
          .map(picture -> ImageLayers.of(image, picture, frame))
          .orElse(null);
    }
    if (fill instanceof Fill.Photograph photograph && scenery.dressable().photograph() != null) {
      return PhotographLayers.of(photograph, scenery.dressable(), scenery.standing(), frame);
    }
    return null;
  }
}
