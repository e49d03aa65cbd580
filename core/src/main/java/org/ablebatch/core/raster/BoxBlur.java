package org.ablebatch.core.raster;

/** Moving averages with a window that is clipped at the border; time does not depend on radius. */
public final class BoxBlur {
  private BoxBlur() {}

  /** The mean of the {@code (2 * radius + 1)²} window around each value; input unchanged. */
  public static float[] blur(float[] values, int width, int height, int radius) {
    float[] across = new float[values.length];
    for (int y = 0; y < height; y += 4) {
      lines(values, across, y, width, height, radius);
    }
    float[] out = new float[values.length];
    double[] sums = new double[width];
    int count = 0;
    for (int y = -radius; y < height; y++) {
      int enters = y + radius < height ? (y + radius) * width : -1;
      int leaves = y - radius - 1 >= 0 ? (y - radius - 1) * width : -1;
      count += (enters >= 0 ? 1 : 0) - (leaves >= 0 ? 1 : 0);
      move(sums, across, enters, leaves);
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

  /**
   * Adds the row that comes into the window and takes away the one that leaves it; -1 for neither.
   */
  private static void move(double[] sums, float[] values, int enters, int leaves) {
    if (enters >= 0 && leaves >= 0) {
      for (int x = 0; x < sums.length; x++) {
        sums[x] = sums[x] + values[enters + x] - values[leaves + x];
      }
    } else if (enters >= 0) {
      for (int x = 0; x < sums.length; x++) {
        sums[x] += values[enters + x];
      }
    } else if (leaves >= 0) {
      for (int x = 0; x < sums.length; x++) {
        sums[x] -= values[leaves + x];
      }
    }
  }

  /** Four rows beside each other, for each sum waits for the one before; the last one repeats. */
  private static void lines(float[] in, float[] out, int y, int width, int height, int radius) {
    int a = y * width;
    int b = Math.min(y + 1, height - 1) * width;
    int c = Math.min(y + 2, height - 1) * width;
    int d = Math.min(y + 3, height - 1) * width;
    double sumA = 0;
    double sumB = 0;
    double sumC = 0;
    double sumD = 0;
    int count = 0;
    for (int x = -radius; x < width; x++) {
      int enters = x + radius;
      if (enters < width) {
        sumA += in[a + enters];
        sumB += in[b + enters];
        sumC += in[c + enters];
        sumD += in[d + enters];
        count++;
      }
      int leaves = enters - 2 * radius - 1;
      if (leaves >= 0) {
        sumA -= in[a + leaves];
        sumB -= in[b + leaves];
        sumC -= in[c + leaves];
        sumD -= in[d + leaves];
        count--;
      }
      if (x >= 0) {
        double share = 1.0 / count;
        out[a + x] = (float) (sumA * share);
        out[b + x] = (float) (sumB * share);
        out[c + x] = (float) (sumC * share);
        out[d + x] = (float) (sumD * share);
      }
    }
  }
}
