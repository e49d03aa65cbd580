package org.ablebatch.core.dress;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.Picture;

/**
 * A picture as it lies in a frame, row by row from the top, in premultiplied linear light. Source
 * rows are read as they are needed, so that memory is a few rows, whatever the sizes; what is clear
 * is passed over.
 */
final class SubjectRows {
  static final int CHANNELS = 4;

  private final Picture picture;
  private final boolean upsideDown;
  private final Taps across;
  private final Taps down;

  /** Source rows in linear light; of each, which columns hold something. */
  private final float[][] ring;

  private final int[] ringFrom;
  private final int[] ringTo;
  private final float[] mixed;
  private final float[] out;
  private int nextSource;
  private int mixedFrom;
  private int mixedTo;
  private int from;
  private int to;

  /**
   * @param picture sRGB with transparency, not premultiplied; unchanged
   * @param placement of the picture; of the mirrored one when it is upside down
   */
  SubjectRows(Picture picture, Placement placement, Frame frame, boolean upsideDown) {
    this.picture = picture;
    this.upsideDown = upsideDown;
    this.across =
        Taps.along(picture.width(), frame.width(), placement.scale(), placement.offsetX());
    this.down =
        Taps.along(picture.height(), frame.height(), placement.scale(), placement.offsetY());
    int longest = 1;
    for (float[] weights : down.weights()) {
      longest = Math.max(longest, weights.length);
    }
    this.ring = new float[longest][picture.width() * CHANNELS];
    this.ringFrom = new int[longest];
    this.ringTo = new int[longest];
    this.mixed = new float[picture.width() * CHANNELS];
    this.out = new float[frame.width() * CHANNELS];
  }

  /** First pixel of the last row that may hold something. */
  int from() {
    return from;
  }

  /** Behind the last such pixel. */
  int to() {
    return to;
  }

  /**
   * @param y asked for in ascending order
   * @return R, G, B, coverage of every pixel, good until the next call; null where nothing lies
   */
  float[] row(int y) {
    java.util.Arrays.fill(out, from * CHANNELS, to * CHANNELS, 0);
    from = 0;
    to = 0;
    float[] weights = down.weights()[y];
    int first = down.first()[y];
    nextSource = Math.max(nextSource, first);
    for (; nextSource < first + weights.length; nextSource++) {
      read(upsideDown ? picture.height() - 1 - nextSource : nextSource, nextSource % ring.length);
    }
    if (!mixDown(first, weights)) {
      return null;
    }
    mixAcross();
    return out;
  }

  private void read(int y, int slot) {
    int[] argb = picture.argb();
    int start = y * picture.width();
    int left = 0;
    int right = picture.width();
    while (left < right && argb[start + left] >>> 24 == 0) {
      left++;
    }
    while (right > left && argb[start + right - 1] >>> 24 == 0) {
      right--;
    }
    float[] row = ring[slot];
    for (int x = left; x < right; x++) {
      int pixel = argb[start + x];
      int i = CHANNELS * x;
      float alpha = (pixel >>> 24) / 255f;
      row[i] = Srgb.toLinear(pixel >> 16 & 0xFF) * alpha;
      row[i + 1] = Srgb.toLinear(pixel >> 8 & 0xFF) * alpha;
      row[i + 2] = Srgb.toLinear(pixel & 0xFF) * alpha;
      row[i + 3] = alpha;
    }
    ringFrom[slot] = left;
    ringTo[slot] = right;
  }

  /** Source rows together, still as wide as the source: long runs that a processor likes. */
  private boolean mixDown(int first, float[] weights) {
    java.util.Arrays.fill(mixed, mixedFrom * CHANNELS, mixedTo * CHANNELS, 0);
    mixedFrom = picture.width();
    mixedTo = 0;
    for (int k = 0; k < weights.length; k++) {
      int slot = (first + k) % ring.length;
      int begin = ringFrom[slot] * CHANNELS;
      int end = ringTo[slot] * CHANNELS;
      if (begin < end && weights[k] != 0) {
        mixedFrom = Math.min(mixedFrom, ringFrom[slot]);
        mixedTo = Math.max(mixedTo, ringTo[slot]);
        addWeighted(ring[slot], weights[k], begin, end);
      }
    }
    mixedFrom = Math.min(mixedFrom, mixedTo);
    return mixedFrom < mixedTo;
  }

  private void addWeighted(float[] row, float weight, int begin, int end) {
    for (int i = begin; i < end; i++) {
      mixed[i] += weight * row[i];
    }
  }

  private void mixAcross() {
    int width = across.first().length;
    int o = 0;
    while (o < width && across.first()[o] + across.weights()[o].length <= mixedFrom) {
      o++;
    }
    from = o;
    for (; o < width && across.first()[o] < mixedTo; o++) {
      float r = 0;
      float g = 0;
      float b = 0;
      float a = 0;
      int s = across.first()[o] * CHANNELS;
      for (float w : across.weights()[o]) {
        r += w * mixed[s];
        g += w * mixed[s + 1];
        b += w * mixed[s + 2];
        a += w * mixed[s + 3];
        s += CHANNELS;
      }
      out[CHANNELS * o] = r;
      out[CHANNELS * o + 1] = g;
      out[CHANNELS * o + 2] = b;
      out[CHANNELS * o + 3] = a;
    }
    to = o;
  }
}
