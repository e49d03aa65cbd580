package org.ablebatch.core.reading;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;

/** Grids at half their width and height, by averaging two by two; an odd last line stands alone. */
public final class HalfSize {
  private HalfSize() {}

  public static ColorPlanes of(ColorPlanes planes) {
    int w = planes.width();
    int h = planes.height();
    return new ColorPlanes(
        (w + 1) / 2,
        (h + 1) / 2,
        of(planes.c0(), w, h),
        of(planes.c1(), w, h),
        of(planes.c2(), w, h));
  }

  public static Plane of(Plane plane) {
    int w = plane.width();
    int h = plane.height();
    return new Plane((w + 1) / 2, (h + 1) / 2, of(plane.values(), w, h));
  }

  public static float[] of(float[] values, int width, int height) {
    int w = (width + 1) / 2;
    int h = (height + 1) / 2;
    float[] out = new float[w * h];
    for (int y = 0; y < h; y++) {
      for (int x = 0; x < w; x++) {
        int x1 = Math.min(width - 1, 2 * x + 1);
        int y1 = Math.min(height - 1, 2 * y + 1);
        out[y * w + x] =
            (values[2 * y * width + 2 * x]
                    + values[2 * y * width + x1]
                    + values[y1 * width + 2 * x]
                    + values[y1 * width + x1])
                / 4;
      }
    }
    return out;
  }

  /** A set at half size, back on the {@code width} × {@code height} grid it was halved from. */
  public static boolean[] back(boolean[] half, int width, int height) {
    boolean[] out = new boolean[width * height];
    int w = (width + 1) / 2;
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        out[y * width + x] = half[y / 2 * w + x / 2];
      }
    }
    return out;
  }
}
