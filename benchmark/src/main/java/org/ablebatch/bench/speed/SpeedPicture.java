package org.ablebatch.bench.speed;

import java.util.Random;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.Placement;
import org.ablebatch.core.dress.Resampling;
import org.ablebatch.core.raster.Picture;

/**
 * The picture that is timed: a shaded disc with a ring handle on unevenly lit paper, with noise.
 */
final class SpeedPicture {
  private SpeedPicture() {}

  static Picture of(int megapixels) {
    int width = (int) Math.round(Math.sqrt(megapixels * 1e6 * 4 / 3));
    int height = width * 3 / 4;
    int[] argb = new int[width * height];
    Random random = new Random(3);
    for (int i = 0; i < argb.length; i++) {
      double u = i % width / (double) width;
      double v = i / width / (double) height;
      double r = Math.hypot((u - 0.45) * 4 / 3, v - 0.5);
      double handle = Math.hypot((u - 0.78) * 4 / 3, v - 0.5);
      boolean in = r < 0.3 || handle < 0.16 && handle > 0.11;
      double light = in ? 1.1 - 1.2 * r : 1 - 0.2 * u;
      int n = random.nextInt(5) - 2;
      argb[i] =
          0xFF000000
              | level(in ? 150 : 228, light, n) << 16
              | level(in ? 60 : 224, light, n) << 8
              | level(in ? 50 : 214, light, n);
    }
    return new Picture(width, height, argb);
  }

  private static int level(int value, double light, int noise) {
    return (int) Math.max(0, Math.min(255, value * light + noise));
  }

  /** In linear light, covering a square: the resizing that any delivery has to do. */
  static Picture resized(Picture picture, int side) {
    double scale = side / (double) Math.min(picture.width(), picture.height());
    return Resampling.into(new Frame(side, side), picture, new Placement(scale, 0, 0));
  }
}
