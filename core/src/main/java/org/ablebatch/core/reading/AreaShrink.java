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
    int[] columns = starts(picture.width(), width);
    int[] rows = starts(picture.height(), height);
    for (int row = 0; row < height; row++) {
      pulse.beat();
      for (int y = rows[row]; y < rows[row + 1]; y++) {
        addRow(picture, y, columns, out, row * width);
      }
      finishRow(out, row, columns, rows[row + 1] - rows[row]);
    }
    return out;
  }

  /**
   * Which source pixels a cell of a smaller grid holds, along one axis.
   *
   * @return where each cell begins, and where the last one ends
   */
  public static int[] starts(int source, int cells) {
    int[] starts = new int[cells + 1];
    for (int i = 0; i <= cells; i++) {
      starts[i] = (int) (((long) i * source + cells - 1) / cells);
    }
    return starts;
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

  private static void addRow(Picture picture, int y, int[] columns, ColorPlanes out, int offset) {
    int[] argb = picture.argb();
    int start = y * picture.width();
    for (int cell = 0; cell < columns.length - 1; cell++) {
      int i = offset + cell;
      float r = out.c0()[i];
      float g = out.c1()[i];
      float b = out.c2()[i];
      for (int x = columns[cell]; x < columns[cell + 1]; x++) {
        int pixel = argb[start + x];
        r += Srgb.toLinear(pixel >> 16 & 0xFF);
        g += Srgb.toLinear(pixel >> 8 & 0xFF);
        b += Srgb.toLinear(pixel & 0xFF);
      }
      out.c0()[i] = r;
      out.c1()[i] = g;
      out.c2()[i] = b;
    }
  }

  private static void finishRow(ColorPlanes out, int row, int[] columns, int rows) {
    for (int x = 0; x < out.width(); x++) {
      int i = row * out.width() + x;
      float share = 1f / Math.max(1, (columns[x + 1] - columns[x]) * rows);
      out.c0()[i] *= share;
      out.c1()[i] *= share;
      out.c2()[i] *= share;
    }
  }
}
