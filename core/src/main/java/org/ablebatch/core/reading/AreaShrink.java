package org.ablebatch.core.reading;

import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.work.Pulse;

/**
 * Shrinks a picture to reading size by averaging areas in linear light, so that thin bright and
 * dark parts weigh what they weigh on the sensor. Whole source pixels are shared out between cells
 * by index; at the factors used here (2 and more) the difference to exact areas is below the noise.
 */
public final class AreaShrink {
  private AreaShrink() {}

  /**
   * The grid that holds at most {@code maxPixels} with the picture's shape; never larger than it.
   */
  public static Rect readingGrid(int width, int height, int maxPixels) {
    double scale = Math.min(1, Math.sqrt(maxPixels / ((double) width * height)));
    int w = (int) Math.max(1, Math.round(width * scale));
    int h = (int) Math.max(1, Math.round(height * scale));
    return new Rect(0, 0, w, h);
  }

  /** Linear-light R, G, B in 0..1 on the given grid; the picture's transparency is ignored. */
  public static ColorPlanes toLinear(Picture picture, int width, int height) {
    return toLinear(picture, width, height, Pulse.NONE);
  }

  /** As {@link #toLinear(Picture, int, int)}, with a beat for every row of the grid. */
  public static ColorPlanes toLinear(Picture picture, int width, int height, Pulse pulse) {
    ColorPlanes out = new ColorPlanes(width, height);
    int[] column = new int[picture.width()];
    for (int x = 0; x < picture.width(); x++) {
      column[x] = (int) ((long) x * width / picture.width());
    }
    int[] count = new int[width];
    int row = 0;
    int filledRow = -1;
    for (int y = 0; y < picture.height(); y++) {
      row = (int) ((long) y * height / picture.height());
      if (row != filledRow) {
        pulse.beat();
        finishRow(out, filledRow, count);
        java.util.Arrays.fill(count, 0);
        filledRow = row;
      }
      addRow(picture, y, column, out, row * width, count);
    }
    finishRow(out, filledRow, count);
    return out;
  }

  /** OKLab planes of linear-light planes; input unchanged. */
  public static ColorPlanes toOkLab(ColorPlanes linearRgb) {
    ColorPlanes out = new ColorPlanes(linearRgb.width(), linearRgb.height());
    float[] lab = new float[3];
    for (int i = 0; i < out.c0().length; i++) {
      OkLab.of(linearRgb.c0()[i], linearRgb.c1()[i], linearRgb.c2()[i], lab);
      out.c0()[i] = lab[0];
      out.c1()[i] = lab[1];
      out.c2()[i] = lab[2];
    }
    return out;
  }

  private static void addRow(
      Picture picture, int y, int[] column, ColorPlanes out, int offset, int[] count) {
    int[] argb = picture.argb();
    int start = y * picture.width();
    for (int x = 0; x < column.length; x++) {
      int pixel = argb[start + x];
      int cell = column[x];
      int i = offset + cell;
      out.c0()[i] += Srgb.toLinear(pixel >> 16 & 0xFF);
      out.c1()[i] += Srgb.toLinear(pixel >> 8 & 0xFF);
      out.c2()[i] += Srgb.toLinear(pixel & 0xFF);
      count[cell]++;
    }
  }

  private static void finishRow(ColorPlanes out, int row, int[] count) {
    if (row < 0) {
      return;
    }
    for (int x = 0; x < out.width(); x++) {
      int i = row * out.width() + x;
      float share = 1f / Math.max(1, count[x]);
      out.c0()[i] *= share;
      out.c1()[i] *= share;
      out.c2()[i] *= share;
    }
  }
}
