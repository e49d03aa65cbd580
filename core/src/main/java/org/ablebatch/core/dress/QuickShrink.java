package org.ablebatch.core.dress;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.Picture;

/**
 * Makes a picture smaller for screens: each result pixel is the mean of the whole source pixels
 * that fall into it, in premultiplied linear light. Quicker and a little less exact than {@link
 * Composer}, which delivers.
 */
public final class QuickShrink {
  private QuickShrink() {}

  /** The picture with its longer side at most {@code px}; itself when it is no larger. */
  public static Picture toLongSide(Picture picture, int px) {
    double scale = px / (double) Math.max(picture.width(), picture.height());
    if (scale >= 1) {
      return picture;
    }
    int w = (int) Math.max(1, Math.round(picture.width() * scale));
    int h = (int) Math.max(1, Math.round(picture.height() * scale));
    int[] out = new int[w * h];
    float[] sums = new float[w * 4];
    int[] count = new int[w];
    int from = 0;
    for (int y = 0; y < h; y++) {
      int to = (int) ((long) (y + 1) * picture.height() / h);
      java.util.Arrays.fill(sums, 0);
      java.util.Arrays.fill(count, 0);
      for (int sy = from; sy < to; sy++) {
        addRow(picture, sy, w, sums, count);
      }
      from = to;
      finishRow(sums, count, out, y * w);
    }
    return new Picture(w, h, out);
  }

  private static void addRow(Picture picture, int y, int width, float[] sums, int[] count) {
    int start = y * picture.width();
    int cell = 0;
    int next = picture.width() / width;
    for (int x = 0; x < picture.width(); x++) {
      while (x >= next) {
        cell++;
        next = (int) ((long) (cell + 1) * picture.width() / width);
      }
      int pixel = picture.argb()[start + x];
      float alpha = (pixel >>> 24) / 255f;
      int i = cell * 4;
      sums[i] += Srgb.toLinear(pixel >> 16 & 0xFF) * alpha;
      sums[i + 1] += Srgb.toLinear(pixel >> 8 & 0xFF) * alpha;
      sums[i + 2] += Srgb.toLinear(pixel & 0xFF) * alpha;
      sums[i + 3] += alpha;
      count[cell]++;
    }
  }

  private static void finishRow(float[] sums, int[] count, int[] out, int offset) {
    for (int x = 0; x < count.length; x++) {
      float weight = sums[4 * x + 3];
      int alpha = Math.round(255 * weight / count[x]);
      out[offset + x] =
          alpha == 0
              ? 0
              : alpha << 24
                  | 0xFFFFFF
                      & Srgb.pack(
                          sums[4 * x] / weight, sums[4 * x + 1] / weight, sums[4 * x + 2] / weight);
    }
  }
}
