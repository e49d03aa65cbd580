package org.ablebatch.core.finding;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Cutout;

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
    int[] count = new int[width * height];
    int sourceWidth = cutout.matte().width();
    int sourceHeight = cutout.matte().height();
    byte[] coverage = cutout.matte().coverage();
    int[] argb = cutout.colours().argb();
    int[] column = new int[sourceWidth];
    for (int x = 0; x < sourceWidth; x++) {
      column[x] = (int) ((long) x * width / sourceWidth);
    }
    for (int y = 0; y < sourceHeight; y++) {
      int row = (int) ((long) y * height / sourceHeight) * width;
      for (int x = 0; x < sourceWidth; x++) {
        int from = y * sourceWidth + x;
        int to = row + column[x];
        count[to]++;
        int alpha = coverage[from] & 0xFF;
        if (alpha > 0) {
          cover[to] += alpha;
          int pixel = argb[from];
          sums.c0()[to] += alpha * Srgb.toLinear(pixel >> 16 & 0xFF);
          sums.c1()[to] += alpha * Srgb.toLinear(pixel >> 8 & 0xFF);
          sums.c2()[to] += alpha * Srgb.toLinear(pixel & 0xFF);
        }
      }
    }
    for (int i = 0; i < cover.length; i++) {
      if (cover[i] > 0) {
        float share = 1 / cover[i];
        sums.c0()[i] *= share;
        sums.c1()[i] *= share;
        sums.c2()[i] *= share;
        cover[i] /= 255f * count[i];
      }
    }
    return new ReducedCutout(cover, sums);
  }
}
