package org.ablebatch.core;

import java.util.Random;
import java.util.function.DoubleBinaryOperator;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.Picture;

/**
 * Small real pictures for tests: shapes with known coverage over backdrops with light and noise.
 */
public final class Scenes {
  private static final int SAMPLES = 4;

  private Scenes() {}

  /** Exact-to-a-sixteenth coverage 0..1 of a shape given as inside (positive) or outside. */
  public static double[] coverage(int width, int height, DoubleBinaryOperator inside) {
    double[] out = new double[width * height];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int hits = 0;
        for (int s = 0; s < SAMPLES * SAMPLES; s++) {
          double sx = x + (s % SAMPLES + 0.5) / SAMPLES;
          double sy = y + (s / SAMPLES + 0.5) / SAMPLES;
          hits += inside.applyAsDouble(sx, sy) > 0 ? 1 : 0;
        }
        out[y * width + x] = hits / (double) (SAMPLES * SAMPLES);
      }
    }
    return out;
  }

  public static DoubleBinaryOperator disc(double cx, double cy, double radius) {
    return (x, y) -> radius - Math.hypot(x - cx, y - cy);
  }

  public static DoubleBinaryOperator ring(double cx, double cy, double outer, double inner) {
    return (x, y) ->
        Math.min(outer - Math.hypot(x - cx, y - cy), Math.hypot(x - cx, y - cy) - inner);
  }

  /**
   * Mixes a subject colour over a backdrop in linear light.
   *
   * @param light factor on the backdrop's linear light at a place given in 0..1
   * @param noise standard deviation in display values
   */
  public static Picture compose(
      int width,
      int height,
      double[] coverage,
      int subjectRgb,
      int backdropRgb,
      DoubleBinaryOperator light,
      double noise) {
    Random random = new Random(7);
    int[] argb = new int[width * height];
    for (int i = 0; i < argb.length; i++) {
      double k = light.applyAsDouble(i % width / (double) width, i / width / (double) height);
      double n = random.nextGaussian() * noise;
      int pixel = 0xFF;
      for (int shift = 16; shift >= 0; shift -= 8) {
        double s = Srgb.toLinear(subjectRgb >> shift & 0xFF);
        double b = Srgb.toLinear(backdropRgb >> shift & 0xFF) * k;
        double display = Srgb.toDisplay((float) (coverage[i] * s + (1 - coverage[i]) * b)) + n;
        pixel = pixel << 8 | (int) Math.max(0, Math.min(255, Math.round(display)));
      }
      argb[i] = pixel;
    }
    return new Picture(width, height, argb);
  }

  public static DoubleBinaryOperator evenLight() {
    return (u, v) -> 1;
  }

  /** Light that falls off towards the right and the bottom. */
  public static DoubleBinaryOperator fallingLight() {
    return (u, v) -> 1 - 0.45 * u - 0.15 * v;
  }
}
