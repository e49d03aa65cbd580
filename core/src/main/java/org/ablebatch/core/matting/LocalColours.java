package org.ablebatch.core.matting;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.PushPull;
import org.ablebatch.core.trimap.Trimap;

/**
 * What colour subject and backdrop have around every place: sure pixels spread into the band and
 * beyond. The backdrop is taken as it is seen just outside the outline, shadow included, so that a
 * shadow is part of what is taken away.
 *
 * @param subject linear light at reading size
 * @param backdrop linear light at reading size
 */
record LocalColours(ColorPlanes subject, ColorPlanes backdrop) {
  /** Where the band ends to within this share, a pixel shows one side only. */
  private static final float SURE_SHARE = 0.8f;

  /** Two colours no further apart than this are one, linear light. */
  static final float NOISE = 0.022f;

  /** Parts thinner than the band have no sure pixel; their own pixels are better than a far one. */
  private static final float THIN_WEIGHT = 0.002f;

  static LocalColours spread(ColorPlanes linear, Trimap trimap) {
    float[] depth = trimap.depth().values();
    float[] open = trimap.open().values();
    float[] band = trimap.bandRadius().values();
    float[] inside = new float[depth.length];
    for (int i = 0; i < depth.length; i++) {
      boolean sure = depth[i] > SURE_SHARE * band[i] && open[i] == 0;
      inside[i] = depth[i] <= 0 ? 0 : sure ? 1 : THIN_WEIGHT;
    }
    return new LocalColours(fill(linear, inside), fill(linear, outside(trimap)));
  }

  /** How far the two colours of a place can be told apart, 0..1. */
  float trust(int i) {
    float apart = 0;
    for (int c = 0; c < 3; c++) {
      float d = subject.channel(c)[i] - backdrop.channel(c)[i];
      apart += d * d;
    }
    return apart / (apart + NOISE * NOISE);
  }

  /** How much of a pixel is subject, on the line from the one colour to the other, 0..1. */
  float coverage(ColorPlanes linear, int i) {
    float apart = 0;
    float along = 0;
    for (int c = 0; c < 3; c++) {
      float back = backdrop.channel(c)[i];
      float d = subject.channel(c)[i] - back;
      apart += d * d;
      along += d * (linear.channel(c)[i] - back);
    }
    return Math.max(0, Math.min(1, along / Math.max(1e-7f, apart)));
  }

  /** How far each pixel is known to show nothing but backdrop, 0..1. */
  static float[] outside(Trimap trimap) {
    float[] depth = trimap.depth().values();
    float[] open = trimap.open().values();
    float[] band = trimap.bandRadius().values();
    float[] outside = new float[depth.length];
    for (int i = 0; i < depth.length; i++) {
      boolean sure = depth[i] < -SURE_SHARE * band[i] && open[i] == 0;
      outside[i] = depth[i] >= 0 ? 0 : sure ? 1 : open[i] > 0 ? 0 : THIN_WEIGHT;
    }
    return outside;
  }

  /** Marks what is surely subject and what is surely backdrop. */
  static void sides(Trimap trimap, boolean[] subject, boolean[] backdrop) {
    float[] depth = trimap.depth().values();
    float[] open = trimap.open().values();
    float[] band = trimap.bandRadius().values();
    for (int i = 0; i < depth.length; i++) {
      subject[i] = depth[i] > SURE_SHARE * band[i] && open[i] == 0;
      backdrop[i] = depth[i] < -SURE_SHARE * band[i] && open[i] == 0;
    }
  }

  static ColorPlanes fill(ColorPlanes linear, float[] weight) {
    return new PushPull(weight, linear.width(), linear.height()).fill(linear);
  }
}
