package org.ablebatch.core.finding;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.reading.AreaShrink;

/**
 * A cutout on a smaller grid: mean coverage, and the mean of the clean colours weighted by
 * coverage, because colours mean nothing where nothing is covered.
 *
 * @param cover 0..1
 * @param clean linear light
 */
record ReducedCutout(float[] cover, ColorPlanes clean) {

  static ReducedCutout of(Cutout cutout, int width, int height) {
    float[] cover = new float[width * height];
    ColorPlanes sums = new ColorPlanes(width, height);
    int[] columns = AreaShrink.starts(cutout.matte().width(), width);
    int[] rows = AreaShrink.starts(cutout.matte().height(), height);
    for (int row = 0; row < height; row++) {
      for (int y = rows[row]; y < rows[row + 1]; y++) {
        addRow(cutout, y, columns, cover, sums, row * width);
      }
      finishRow(cover, sums, row * width, columns, rows[row + 1] - rows[row]);
    }
    return new ReducedCutout(cover, sums);
  }

  private static void addRow(
      Cutout cutout, int y, int[] columns, float[] cover, ColorPlanes sums, int offset) {
    byte[] coverage = cutout.matte().coverage();
    int[] argb = cutout.colours().argb();
    int start = y * cutout.matte().width();
    for (int cell = 0; cell < columns.length - 1; cell++) {
      int i = offset + cell;
      float r = sums.c0()[i];
      float g = sums.c1()[i];
      float b = sums.c2()[i];
      int all = 0;
      for (int x = start + columns[cell]; x < start + columns[cell + 1]; x++) {
        int alpha = coverage[x] & 0xFF;
        if (alpha > 0) {
          int pixel = argb[x];
          r += alpha * Srgb.toLinear(pixel >> 16 & 0xFF);
          g += alpha * Srgb.toLinear(pixel >> 8 & 0xFF);
          b += alpha * Srgb.toLinear(pixel & 0xFF);
          all += alpha;
        }
      }
      sums.c0()[i] = r;
      sums.c1()[i] = g;
      sums.c2()[i] = b;
      cover[i] += all;
    }
  }

  private static void finishRow(
      float[] cover, ColorPlanes sums, int offset, int[] columns, int rows) {
    for (int x = 0; x < columns.length - 1; x++) {
      int i = offset + x;
      if (cover[i] > 0) {
        float share = 1 / cover[i];
        sums.c0()[i] *= share;
        sums.c1()[i] *= share;
        sums.c2()[i] *= share;
        cover[i] /= 255f * ((columns[x + 1] - columns[x]) * rows);
      }
    }
  }
}
