package org.ablebatch.core.matting;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.GridMap;
import org.ablebatch.core.scene.EmptySet;
import org.ablebatch.core.trimap.Trimap;

/** What is behind the subject at a full-size pixel, shadow included. */
@FunctionalInterface
interface Behind {
  /**
   * Linear light of one channel. The grid map must stand at the pixel.
   *
   * @param channel 0 red, 1 green, 2 blue
   */
  float at(int x, int y, int channel);

  /** Carried over from what is seen around the subject. */
  static Behind seenAround(ColorPlanes backdrop, GridMap map) {
    return (x, y, channel) -> map.sample(backdrop.channel(channel));
  }

  /** The empty set's own pixels, in the light and shadow that lie on them in the picture. */
  static Behind known(EmptySet set, ColorPlanes linear, Trimap trimap, GridMap map) {
    ColorPlanes bare = set.planes(linear.width(), linear.height());
    ColorPlanes light = new ColorPlanes(linear.width(), linear.height());
    for (int c = 0; c < 3; c++) {
      for (int i = 0; i < light.c0().length; i++) {
        light.channel(c)[i] = linear.channel(c)[i] / Math.max(1e-3f, bare.channel(c)[i]);
      }
    }
    ColorPlanes spread = LocalColours.fill(light, LocalColours.outside(trimap));
    return (x, y, channel) -> map.sample(spread.channel(channel)) * set.at(x, y, channel);
  }
}
