package org.ablebatch.core.backdrop;

import java.util.Arrays;
import java.util.Optional;
import org.ablebatch.core.raster.ColorPlanes;

/** The pixels along the picture's border, less those where a subject is likely. */
record BorderRing(boolean[] pixels, boolean[] taken) {
  private static final double DEPTH_SHARE = 0.04;
  private static final float LIKELY_SUBJECT = 0.7f;
  private static final double LEAST_LEFT = 0.3;
  private static final float MAIN_COLOUR_REACH = 2.5f;

  /**
   * @param guess at the subject, 0..1, on the same grid; the border where it is likely is not
   *     asked, as long as enough of the border remains
   */
  static BorderRing of(int width, int height, Optional<float[]> guess) {
    int depth = (int) Math.max(1, Math.round(DEPTH_SHARE * Math.min(width, height)));
    boolean[] ring = new boolean[width * height];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        ring[y * width + x] = x < depth || y < depth || x >= width - depth || y >= height - depth;
      }
    }
    boolean[] taken = new boolean[ring.length];
    guess.ifPresent(subject -> leaveOut(ring, taken, subject));
    return new BorderRing(ring, taken);
  }

  private static void leaveOut(boolean[] ring, boolean[] taken, float[] subject) {
    int left = 0;
    for (int i = 0; i < ring.length; i++) {
      left += ring[i] && subject[i] < LIKELY_SUBJECT ? 1 : 0;
    }
    if (left < LEAST_LEFT * count(ring)) {
      return;
    }
    for (int i = 0; i < ring.length; i++) {
      taken[i] = subject[i] >= LIKELY_SUBJECT;
      ring[i] &= !taken[i];
    }
  }

  int size() {
    return count(pixels);
  }

  /**
   * The border pixels near the border's median colour. Starting from them keeps a subject that
   * fills one whole side of the border from bending the first fit.
   */
  boolean[] mainColour(ColorPlanes lab, float leastReach) {
    int size = size();
    float[] median = new float[3];
    for (int c = 0; c < 3; c++) {
      float[] values = new float[size];
      int n = 0;
      for (int i = 0; i < pixels.length; i++) {
        if (pixels[i]) {
          values[n++] = lab.channel(c)[i];
        }
      }
      Arrays.sort(values);
      median[c] = values[n / 2];
    }
    float[] distances = new float[pixels.length];
    float[] sorted = new float[size];
    int n = 0;
    for (int i = 0; i < pixels.length; i++) {
      if (pixels[i]) {
        float l = lab.c0()[i] - median[0];
        float a = lab.c1()[i] - median[1];
        float b = lab.c2()[i] - median[2];
        distances[i] = (float) Math.sqrt(l * l + a * a + b * b);
        sorted[n++] = distances[i];
      }
    }
    Arrays.sort(sorted);
    float reach = Math.max(leastReach, MAIN_COLOUR_REACH * sorted[n / 2]);
    boolean[] near = new boolean[pixels.length];
    for (int i = 0; i < near.length; i++) {
      near[i] = pixels[i] && distances[i] <= reach;
    }
    return near;
  }

  static int count(boolean[] set) {
    int count = 0;
    for (boolean b : set) {
      count += b ? 1 : 0;
    }
    return count;
  }
}
