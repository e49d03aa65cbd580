package org.ablebatch.core.raster;

/** Moving averages with a window that is clipped at the border; time does not depend on radius. */
public final class BoxBlur {
  private BoxBlur() {}

  /** The mean of the {@code (2 * radius + 1)²} window around each value; input unchanged. */
  public static float[] blur(float[] values, int width, int height, int radius) {
    float[] across = new float[values.length];
    for (int y = 0; y < height; y++) {
      line(values, across, y * width, width, radius);
    }
    float[] out = new float[values.length];
    double[] sums = new double[width];
    int count = 0;
    for (int y = -radius; y < height; y++) {
      if (y + radius < height) {
        add(sums, across, (y + radius) * width, 1);
        count++;
      }
      if (y - radius - 1 >= 0) {
        add(sums, across, (y - radius - 1) * width, -1);
        count--;
      }
      if (y >= 0) {
        double share = 1.0 / count;
        for (int x = 0; x < width; x++) {
          out[y * width + x] = (float) (sums[x] * share);
        }
      }
    }
    return out;
  }

  /** All three channels. */
  public static ColorPlanes blur(ColorPlanes planes, int radius) {
    int w = planes.width();
    int h = planes.height();
    return planes.mapped(w, h, channel -> blur(channel, w, h, radius));
  }

  private static void add(double[] sums, float[] values, int start, int sign) {
    for (int x = 0; x < sums.length; x++) {
      sums[x] += sign * (double) values[start + x];
    }
  }

  private static void line(float[] in, float[] out, int start, int length, int radius) {
    double sum = 0;
    int count = 0;
    int from = 0;
    for (int i = 0; i < Math.min(radius, length); i++) {
      sum += in[start + i];
      count++;
    }
    double whole = 1.0 / (2 * radius + 1);
    for (int i = 0; i < length; i++) {
      if (i + radius < length) {
        sum += in[start + (i + radius)];
        count++;
      }
      if (i - radius > from) {
        sum -= in[start + from++];
        count--;
      }
      out[start + i] = (float) (count == 2 * radius + 1 ? sum * whole : sum / count);
    }
  }
}
