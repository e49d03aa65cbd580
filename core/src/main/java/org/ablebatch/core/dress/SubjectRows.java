package org.ablebatch.core.dress;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.Picture;

/**
 * A picture as it lies in a frame, row by row from the top, in premultiplied linear light. Source
 * rows are read as they are needed, so that memory is a few rows, whatever the sizes.
 */
final class SubjectRows {
  static final int CHANNELS = 4;

  private final Picture picture;
  private final boolean upsideDown;
  private final Taps across;
  private final Taps down;
  private final float[][] ring;
  private final float[] sourceRow;
  private final float[] out;
  private int nextSource;

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
    this.ring = new float[longest][frame.width() * CHANNELS];
    this.sourceRow = new float[picture.width() * CHANNELS];
    this.out = new float[frame.width() * CHANNELS];
  }

  /**
   * @param y asked for in ascending order
   * @return R, G, B, coverage of every pixel, good until the next call; null where nothing lies
   */
  float[] row(int y) {
    float[] weights = down.weights()[y];
    if (weights.length == 0) {
      return null;
    }
    int first = down.first()[y];
    nextSource = Math.max(nextSource, first);
    for (; nextSource < first + weights.length; nextSource++) {
      premultipliedLinear(upsideDown ? picture.height() - 1 - nextSource : nextSource);
      resample(ring[nextSource % ring.length]);
    }
    java.util.Arrays.fill(out, 0);
    for (int k = 0; k < weights.length; k++) {
      float[] row = ring[(first + k) % ring.length];
      float weight = weights[k];
      for (int i = 0; i < out.length; i++) {
        out[i] += weight * row[i];
      }
    }
    return out;
  }

  private void premultipliedLinear(int y) {
    for (int x = 0; x < picture.width(); x++) {
      int pixel = picture.at(x, y);
      float alpha = (pixel >>> 24) / 255f;
      sourceRow[CHANNELS * x] = Srgb.toLinear(pixel >> 16 & 0xFF) * alpha;
      sourceRow[CHANNELS * x + 1] = Srgb.toLinear(pixel >> 8 & 0xFF) * alpha;
      sourceRow[CHANNELS * x + 2] = Srgb.toLinear(pixel & 0xFF) * alpha;
      sourceRow[CHANNELS * x + 3] = alpha;
    }
  }

  private void resample(float[] to) {
    for (int o = 0; o < across.first().length; o++) {
      float r = 0;
      float g = 0;
      float b = 0;
      float a = 0;
      int s = across.first()[o] * CHANNELS;
      for (float w : across.weights()[o]) {
        r += w * sourceRow[s];
        g += w * sourceRow[s + 1];
        b += w * sourceRow[s + 2];
        a += w * sourceRow[s + 3];
        s += CHANNELS;
      }
      to[CHANNELS * o] = r;
      to[CHANNELS * o + 1] = g;
      to[CHANNELS * o + 2] = b;
      to[CHANNELS * o + 3] = a;
    }
  }
}
