package org.ablebatch.core.check;

import java.util.Arrays;
import org.ablebatch.core.raster.Picture;

/**
 * How sharp a photograph is where it is sharpest. A blurred picture hardly changes when it is
 * blurred once more (Crété-Roffet, Dolmière, Ladret and Nicolas 2007, "The blur effect"): the share
 * of its gradients that survive is measured in tiles, and the best tiles count, because a backdrop
 * out of focus is no fault.
 */
public final class Sharpness {
  /** Less than this looks blurred on a screen; chosen on pictures blurred on purpose. */
  public static final double BLURRED_BELOW = 0.42;

  private static final int TILE_PX = 48;
  private static final int REACH_PX = 4;
  private static final double LEAST_GRADIENT = 1.2;
  private static final double BEST_SHARE = 0.1;

  private Sharpness() {}

  /**
   * @param picture at the size it is to be looked at, about a megapixel
   * @return 0 = blurred wholly, 1 = as sharp as pixels can be; 1 too for pictures without an edge
   */
  public static double of(Picture picture) {
    boolean[] everywhere = new boolean[picture.argb().length];
    Arrays.fill(everywhere, true);
    return of(picture, everywhere);
  }

  /**
   * As {@link #of(Picture)}, of a part.
   *
   * @param where the pixels that count; tiles count that are at least half of them
   */
  public static double of(Picture picture, boolean[] where) {
    int w = picture.width();
    int h = picture.height();
    float[] light = lightness(picture);
    double[] tiles = new double[((w + TILE_PX - 1) / TILE_PX) * ((h + TILE_PX - 1) / TILE_PX)];
    int count = 0;
    for (int y = 0; y < h; y += TILE_PX) {
      for (int x = 0; x < w; x += TILE_PX) {
        double sharp = isMostly(where, w, h, x, y) ? tile(light, w, h, x, y) : -1;
        if (sharp >= 0) {
          tiles[count++] = sharp;
        }
      }
    }
    if (count == 0) {
      return 1;
    }
    Arrays.sort(tiles, 0, count);
    int best = Math.max(1, (int) (BEST_SHARE * count));
    return Arrays.stream(tiles, count - best, count).average().orElse(1);
  }

  private static boolean isMostly(boolean[] where, int w, int h, int left, int top) {
    int right = Math.min(w, left + TILE_PX);
    int bottom = Math.min(h, top + TILE_PX);
    int count = 0;
    for (int y = top; y < bottom; y++) {
      for (int x = left; x < right; x++) {
        count += where[y * w + x] ? 1 : 0;
      }
    }
    return 2 * count >= (right - left) * (bottom - top);
  }

  /** The share of a tile's gradients that blurring takes away; -1 where there is nothing to see. */
  private static double tile(float[] light, int w, int h, int left, int top) {
    int right = Math.min(w - REACH_PX - 1, left + TILE_PX);
    int bottom = Math.min(h - REACH_PX - 1, top + TILE_PX);
    int x0 = Math.max(REACH_PX + 1, left);
    int y0 = Math.max(REACH_PX + 1, top);
    if (right - x0 < TILE_PX / 2 || bottom - y0 < TILE_PX / 2) {
      return -1;
    }
    double across = direction(light, w, 1, x0, y0, right, bottom);
    double down = direction(light, w, w, x0, y0, right, bottom);
    return Math.max(across, down);
  }

  private static double direction(
      float[] light, int w, int step, int x0, int y0, int right, int bottom) {
    double before = 0;
    double lost = 0;
    for (int y = y0; y < bottom; y++) {
      for (int x = x0; x < right; x++) {
        int i = y * w + x;
        double gradient = Math.abs(light[i] - light[i - step]);
        // The difference of two neighbouring means of nine is that of their outermost pixels.
        double after =
            Math.abs(light[i + REACH_PX * step] - light[i - (REACH_PX + 1) * step])
                / (2 * REACH_PX + 1);
        before += gradient;
        lost += Math.max(0, gradient - after);
      }
    }
    int n = (right - x0) * (bottom - y0);
    return before < LEAST_GRADIENT * n ? -1 : lost / before;
  }

  private static float[] lightness(Picture picture) {
    float[] out = new float[picture.argb().length];
    for (int i = 0; i < out.length; i++) {
      int p = picture.argb()[i];
      out[i] = 0.299f * (p >> 16 & 0xFF) + 0.587f * (p >> 8 & 0xFF) + 0.114f * (p & 0xFF);
    }
    return out;
  }
}
