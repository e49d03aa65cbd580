package org.ablebatch.core.weight;

import org.ablebatch.core.raster.Picture;

/**
 * Structural similarity of two pictures: Wang, Bovik, Sheikh and Simoncelli, "Image quality
 * assessment: from error visibility to structural similarity", IEEE TIP 13(4), 2004, section III,
 * equation 13. Windows are {@value #WINDOW} × {@value #WINDOW} pixels, evenly weighted, one every
 * {@value #STEP} pixels; luma is Rec. 709's of the display values.
 */
public final class Likeness {
  private static final int WINDOW = 8;
  private static final int STEP = 2;
  private static final double C1 = 0.01 * 255 * 0.01 * 255;
  private static final double C2 = 0.03 * 255 * 0.03 * 255;
  private static final int WHITE = 255;
  private static final int BLACK = 0;

  private Likeness() {}

  /**
   * Mean over all windows. Where one of the two is see-through they are compared on white and on
   * black, and the lower one counts.
   *
   * @param a sRGB, not premultiplied
   * @param b as large as a
   * @return -1..1; 1 = the same
   */
  public static double of(Picture a, Picture b) {
    if (a.width() != b.width() || a.height() != b.height()) {
      throw new IllegalArgumentException(
          "a is %d × %d but b is %d × %d".formatted(a.width(), a.height(), b.width(), b.height()));
    }
    double onWhite = on(a, b, WHITE);
    return a.hasTransparency() || b.hasTransparency()
        ? Math.min(onWhite, on(a, b, BLACK))
        : onWhite;
  }

  private static double on(Picture a, Picture b, int ground) {
    int w = a.width();
    int h = a.height();
    int across = Math.min(WINDOW, w);
    int down = Math.min(WINDOW, h);
    Sums sums = new Sums(w);
    float[][] rowsA = new float[down][w];
    float[][] rowsB = new float[down][w];
    double total = 0;
    long windows = 0;
    for (int y = 0; y < h; y++) {
      float[] inA = rowsA[y % down];
      float[] inB = rowsB[y % down];
      if (y >= down) {
        sums.add(inA, inB, -1);
      }
      luma(a, y, ground, inA);
      luma(b, y, ground, inB);
      sums.add(inA, inB, 1);
      if (y >= down - 1 && (y - down + 1) % STEP == 0) {
        for (int x = 0; x + across <= w; x += STEP) {
          total += sums.ssim(x, across, across * down);
          windows++;
        }
      }
    }
    return total / windows;
  }

  private static void luma(Picture picture, int y, int ground, float[] out) {
    int start = y * picture.width();
    for (int x = 0; x < out.length; x++) {
      int p = picture.argb()[start + x];
      float luma = 0.2126f * (p >> 16 & 0xFF) + 0.7152f * (p >> 8 & 0xFF) + 0.0722f * (p & 0xFF);
      int alpha = p >>> 24;
      out[x] = alpha == 255 ? luma : ground + (luma - ground) * alpha / 255f;
    }
  }

  /** Sums over the rows of a window, column by column. */
  private static final class Sums {
    private final double[] a;
    private final double[] b;
    private final double[] aa;
    private final double[] bb;
    private final double[] ab;

    Sums(int width) {
      a = new double[width];
      b = new double[width];
      aa = new double[width];
      bb = new double[width];
      ab = new double[width];
    }

    void add(float[] rowA, float[] rowB, int sign) {
      for (int x = 0; x < a.length; x++) {
        double va = rowA[x];
        double vb = rowB[x];
        a[x] += sign * va;
        b[x] += sign * vb;
        aa[x] += sign * va * va;
        bb[x] += sign * vb * vb;
        ab[x] += sign * va * vb;
      }
    }

    double ssim(int from, int across, int n) {
      double sa = 0;
      double sb = 0;
      double saa = 0;
      double sbb = 0;
      double sab = 0;
      for (int x = from; x < from + across; x++) {
        sa += a[x];
        sb += b[x];
        saa += aa[x];
        sbb += bb[x];
        sab += ab[x];
      }
      double ma = sa / n;
      double mb = sb / n;
      double varA = Math.max(0, saa / n - ma * ma);
      double varB = Math.max(0, sbb / n - mb * mb);
      double cov = sab / n - ma * mb;
      return (2 * ma * mb + C1) * (2 * cov + C2) / ((ma * ma + mb * mb + C1) * (varA + varB + C2));
    }
  }
}
