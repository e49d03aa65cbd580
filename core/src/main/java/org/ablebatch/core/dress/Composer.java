package org.ablebatch.core.dress;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.Picture;

/**
 * Puts a cutout into a frame of exact size and over a backdrop. Resampling and mixing happen in
 * linear light on premultiplied colours, so that edges neither darken nor glow. Source rows are
 * folded into the result as they are read: memory is one result, whatever the source's size.
 */
public final class Composer {
  private static final int CHANNELS = 4;

  private Composer() {}

  /**
   * @param cutout sRGB with transparency, not premultiplied; unchanged
   * @return exactly {@code width × height}; opaque when the fill is
   */
  public static Picture compose(
      Picture cutout, Placement placement, int width, int height, Fill fill) {
    Taps across = Taps.along(cutout.width(), width, placement.scale(), placement.offsetX());
    Taps down = Taps.along(cutout.height(), height, placement.scale(), placement.offsetY());
    float[] sum = new float[Math.multiplyExact(width * CHANNELS, height)];
    float[] sourceRow = new float[cutout.width() * CHANNELS];
    float[] shrunkRow = new float[width * CHANNELS];
    int firstOpen = 0;
    for (int y = 0; y < cutout.height(); y++) {
      while (firstOpen < height && endsBefore(down, firstOpen, y)) {
        firstOpen++;
      }
      if (firstOpen == height || down.first()[firstOpen] > y) {
        continue;
      }
      premultipliedLinear(cutout, y, sourceRow);
      resampleRow(sourceRow, across, shrunkRow);
      for (int o = firstOpen; o < height && down.first()[o] <= y; o++) {
        int tap = y - down.first()[o];
        if (tap < down.weights()[o].length) {
          add(shrunkRow, down.weights()[o][tap], sum, o * width * CHANNELS);
        }
      }
    }
    return new Picture(width, height, finish(sum, fill));
  }

  private static boolean endsBefore(Taps taps, int output, int source) {
    return taps.first()[output] + taps.weights()[output].length <= source;
  }

  private static void premultipliedLinear(Picture picture, int y, float[] row) {
    for (int x = 0; x < picture.width(); x++) {
      int pixel = picture.at(x, y);
      float alpha = (pixel >>> 24) / 255f;
      row[CHANNELS * x] = Srgb.toLinear(pixel >> 16 & 0xFF) * alpha;
      row[CHANNELS * x + 1] = Srgb.toLinear(pixel >> 8 & 0xFF) * alpha;
      row[CHANNELS * x + 2] = Srgb.toLinear(pixel & 0xFF) * alpha;
      row[CHANNELS * x + 3] = alpha;
    }
  }

  private static void resampleRow(float[] source, Taps taps, float[] out) {
    for (int o = 0; o < taps.first().length; o++) {
      float r = 0;
      float g = 0;
      float b = 0;
      float a = 0;
      int s = taps.first()[o] * CHANNELS;
      for (float w : taps.weights()[o]) {
        r += w * source[s];
        g += w * source[s + 1];
        b += w * source[s + 2];
        a += w * source[s + 3];
        s += CHANNELS;
      }
      out[CHANNELS * o] = r;
      out[CHANNELS * o + 1] = g;
      out[CHANNELS * o + 2] = b;
      out[CHANNELS * o + 3] = a;
    }
  }

  private static void add(float[] row, float weight, float[] sum, int offset) {
    for (int i = 0; i < row.length; i++) {
      sum[offset + i] += weight * row[i];
    }
  }

  private static int[] finish(float[] sum, Fill fill) {
    int[] argb = new int[sum.length / CHANNELS];
    boolean solid = fill instanceof Fill.Solid;
    int rgb = fill instanceof Fill.Solid s ? s.rgb() : 0;
    float br = Srgb.toLinear(rgb >> 16 & 0xFF);
    float bg = Srgb.toLinear(rgb >> 8 & 0xFF);
    float bb = Srgb.toLinear(rgb & 0xFF);
    for (int i = 0; i < argb.length; i++) {
      float r = sum[CHANNELS * i];
      float g = sum[CHANNELS * i + 1];
      float b = sum[CHANNELS * i + 2];
      float raw = sum[CHANNELS * i + 3];
      float alpha = Math.max(0, Math.min(1, raw));
      if (solid) {
        float rest = 1 - alpha;
        // Where resampling overshoots, the colour is brought back with the coverage.
        float back = raw > 1 ? 1 / raw : 1;
        argb[i] =
            alpha == 0
                ? 0xFF000000 | rgb
                : Srgb.pack(r * back + rest * br, g * back + rest * bg, b * back + rest * bb);
      } else {
        int a = Math.round(alpha * 255);
        argb[i] = a == 0 ? 0 : a << 24 | 0xFFFFFF & Srgb.pack(r / raw, g / raw, b / raw);
      }
    }
    return argb;
  }
}
