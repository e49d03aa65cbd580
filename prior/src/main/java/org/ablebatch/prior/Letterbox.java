package org.ablebatch.prior;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.GridMap;
import org.ablebatch.core.raster.Plane;

/**
 * Fits a picture into a network's square, aspect kept, and brings the answer back.
 *
 * @param side pixels of the square
 * @param onTheFloor true when the picture stands on the square's lower edge, false when centred
 * @param fill display value 0..1 around the picture
 */
record Letterbox(int side, boolean onTheFloor, float fill) {

  /** Where the picture lies in the square. */
  private record Place(int left, int top, int width, int height) {}

  private Place place(int width, int height) {
    double scale = side / (double) Math.max(width, height);
    int w = (int) Math.max(1, Math.round(width * scale));
    int h = (int) Math.max(1, Math.round(height * scale));
    return new Place((side - w) / 2, onTheFloor ? side - h : (side - h) / 2, w, h);
  }

  /** Display values 0..1, in which the networks see pictures. */
  static ColorPlanes display(ColorPlanes linear) {
    ColorPlanes out = new ColorPlanes(linear.width(), linear.height());
    for (int c = 0; c < 3; c++) {
      float[] from = linear.channel(c);
      float[] to = out.channel(c);
      for (int i = 0; i < to.length; i++) {
        to[i] = Srgb.toDisplay(from[i]) / 255f;
      }
    }
    return out;
  }

  /**
   * Planes R, G, B, {@code 3 * side * side}, averaged by area, or bilinearly where the picture is
   * smaller than its place.
   *
   * @param display as {@link #display} gives them
   */
  float[] enter(ColorPlanes display) {
    Place place = place(display.width(), display.height());
    float[] out = new float[3 * side * side];
    java.util.Arrays.fill(out, fill);
    for (int c = 0; c < 3; c++) {
      float[] small = small(display.channel(c), display.width(), display.height(), place);
      for (int y = 0; y < place.height; y++) {
        int to = (c * side + place.top + y) * side + place.left;
        System.arraycopy(small, y * place.width, out, to, place.width);
      }
    }
    return out;
  }

  /** One plane of marks, {@code side * side}: 1 wherever anything of a cell is marked, else 0. */
  float[] enter(Plane marks, float least) {
    Place place = place(marks.width(), marks.height());
    float[] small = small(marks.values(), marks.width(), marks.height(), place);
    float[] out = new float[side * side];
    for (int i = 0; i < small.length; i++) {
      int to = (place.top + i / place.width) * side + place.left + i % place.width;
      out[to] = small[i] > least ? 1 : 0;
    }
    return out;
  }

  /**
   * The answer for the picture's own part of the square, bilinearly, with pixel centres matched.
   */
  Plane leave(float[] answer, int width, int height) {
    Place place = place(width, height);
    float[] own = new float[place.width * place.height];
    for (int y = 0; y < place.height; y++) {
      int from = (place.top + y) * side + place.left;
      System.arraycopy(answer, from, own, y * place.width, place.width);
    }
    return new Plane(width, height, enlarged(own, place.width, place.height, width, height));
  }

  private static float[] small(float[] in, int width, int height, Place place) {
    return place.width > width || place.height > height
        ? enlarged(in, width, height, place.width, place.height)
        : averageColumns(
            averageRows(in, width, height, place.height), width, place.height, place.width);
  }

  private static float[] enlarged(float[] in, int width, int height, int toWidth, int toHeight) {
    GridMap map = new GridMap(toWidth, toHeight, width, height);
    float[] out = new float[toWidth * toHeight];
    for (int y = 0; y < toHeight; y++) {
      map.sampleRow(in, y, out);
    }
    return out;
  }

  private static float[] averageColumns(float[] in, int width, int height, int target) {
    float[] out = new float[target * height];
    double step = width / (double) target;
    // Which columns make up a cell, and what share of the first and the last lies in it: once for
    // all rows.
    int[] first = new int[target];
    int[] last = new int[target];
    double[] ofFirst = new double[target];
    double[] ofLast = new double[target];
    for (int x = 0; x < target; x++) {
      double from = x * step;
      double to = from + step;
      first[x] = (int) from;
      last[x] = (int) Math.min(width, Math.ceil(to)) - 1;
      ofFirst[x] = Math.min(to, first[x] + 1.0) - from;
      ofLast[x] = last[x] > first[x] ? to - last[x] : 0;
    }
    for (int y = 0; y < height; y++) {
      int row = y * width;
      // Marks are few: most of their rows have none.
      if (isBlank(in, row, width)) {
        continue;
      }
      for (int x = 0; x < target; x++) {
        double sum = in[row + first[x]] * ofFirst[x] + in[row + last[x]] * ofLast[x];
        for (int s = first[x] + 1; s < last[x]; s++) {
          sum += in[row + s];
        }
        out[y * target + x] = (float) (sum / step);
      }
    }
    return out;
  }

  private static boolean isBlank(float[] in, int start, int length) {
    for (int i = start; i < start + length; i++) {
      if (in[i] != 0) {
        return false;
      }
    }
    return true;
  }

  /** Rows come first, because their sums run along the memory and leave fewer columns to add up. */
  private static float[] averageRows(float[] in, int width, int height, int target) {
    float[] out = new float[width * target];
    double step = height / (double) target;
    for (int y = 0; y < target; y++) {
      double from = y * step;
      double to = from + step;
      for (int s = (int) from; s < Math.min(height, Math.ceil(to)); s++) {
        float share = (float) ((Math.min(to, s + 1.0) - Math.max(from, s)) / step);
        addRow(out, y * width, in, s * width, share, width);
      }
    }
    return out;
  }

  private static void addRow(float[] out, int to, float[] in, int from, float share, int width) {
    for (int x = 0; x < width; x++) {
      out[to + x] += share * in[from + x];
    }
  }
}
