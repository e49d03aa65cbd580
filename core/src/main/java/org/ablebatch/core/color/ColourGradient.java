package org.ablebatch.core.color;

import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;

/** How fast colours change from pixel to pixel. */
public final class ColourGradient {
  private ColourGradient() {}

  /**
   * Gradient length over all three channels, by central differences, of a picture smoothed just
   * enough to calm noise.
   *
   * @return per pixel, in the unit of the channels for a step over two pixels
   */
  public static float[] lengths(ColorPlanes planes) {
    int w = planes.width();
    int h = planes.height();
    float[] out = new float[w * h];
    for (int c = 0; c < 3; c++) {
      float[] v = BoxBlur.blur(planes.channel(c), w, h, 1);
      for (int y = 0; y < h; y++) {
        for (int x = 0; x < w; x++) {
          float gx = v[y * w + Math.min(w - 1, x + 1)] - v[y * w + Math.max(0, x - 1)];
          float gy = v[Math.min(h - 1, y + 1) * w + x] - v[Math.max(0, y - 1) * w + x];
          out[y * w + x] += gx * gx + gy * gy;
        }
      }
    }
    for (int i = 0; i < out.length; i++) {
      out[i] = (float) Math.sqrt(out[i]);
    }
    return out;
  }
}
