package org.ablebatch.core.dress;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.Picture;

/**
 * Makes a picture smaller for screens: each result pixel is the mean of the whole source pixels
 * that fall into it, in premultiplied linear light. Quicker and a little less exact than {@link
 * Dresser}, which delivers.
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
    int[] columns = starts(picture.width(), w);
    int[] rows = starts(picture.height(), h);
    float[] sums = new float[w * 4];
    for (int y = 0; y < h; y++) {
      java.util.Arrays.fill(sums, 0);
      for (int sy = rows[y]; sy < rows[y + 1]; sy++) {
        addRow(picture.argb(), sy * picture.width(), columns, sums);
      }
      finishRow(sums, columns, rows[y + 1] - rows[y], out, y * w);
    }
    return new Picture(w, h, out);
  }

  /** Where each cell begins in the source, and where the last one ends. */
  private static int[] starts(int source, int cells) {
    int[] starts = new int[cells + 1];
    for (int i = 0; i <= cells; i++) {
      starts[i] = (int) ((long) i * source / cells);
    }
    return starts;
  }

  private static void addRow(int[] argb, int start, int[] columns, float[] sums) {
    for (int cell = 0; cell < columns.length - 1; cell++) {
      float r = 0;
      float g = 0;
      float b = 0;
      float a = 0;
      for (int x = columns[cell]; x < columns[cell + 1]; x++) {
        int pixel = argb[start + x];
        int alpha = pixel >>> 24;
        float share = alpha == 255 ? 1 : alpha / 255f;
        r += Srgb.toLinear(pixel >> 16 & 0xFF) * share;
        g += Srgb.toLinear(pixel >> 8 & 0xFF) * share;
        b += Srgb.toLinear(pixel & 0xFF) * share;
        a += share;
      }
      sums[4 * cell] += r;
      sums[4 * cell + 1] += g;
      sums[4 * cell + 2] += b;
      sums[4 * cell + 3] += a;
    }
  }

  private static void finishRow(float[] sums, int[] columns, int rows, int[] out, int offset) {
    for (int x = 0; x < columns.length - 1; x++) {
      float weight = sums[4 * x + 3];
      int alpha = Math.round(255 * weight / (rows * (columns[x + 1] - columns[x])));
      float part = 1 / weight;
      out[offset + x] =
          alpha == 0
              ? 0
              : alpha << 24
                  | 0xFFFFFF
                      & Srgb.pack(
                          sums[4 * x] * part, sums[4 * x + 1] * part, sums[4 * x + 2] * part);
    }
  }
}
