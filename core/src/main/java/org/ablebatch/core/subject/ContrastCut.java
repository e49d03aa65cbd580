package org.ablebatch.core.subject;

import org.ablebatch.core.graph.GridCut;
import org.ablebatch.core.graph.GridCut.Neighbour;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.reading.HalfSize;

/**
 * Divides a picture by a minimum cut: per-pixel log odds, and a price for parting neighbours that
 * falls with the colour step between them (Boykov &amp; Jolly 2001, with the contrast scale of
 * Rother et al. 2004).
 */
public final class ContrastCut {
  private static final float UNIT = 1000;

  /** Price of parting two pixels of one colour, in units of log odds. */
  private static final float SMOOTHNESS = 3.2f;

  /** Share of the price that no edge takes away. */
  private static final float FLOOR = 0.02f;

  private static final double DIAGONAL = 0.707;
  private static final int SETTLED = 1_000_000;
  private static final int WHOLE_PIXELS = 30_000;

  /** Coarse pixels on either side of the coarse line. */
  private static final int BAND = 4;

  /** Log odds from which a pixel may contradict the coarse decision around it. */
  private static final float CONTRADICTION = 0.3f;

  private ContrastCut() {}

  /**
   * Coarse first: what half the size has decided, and the pixel's own odds don't contradict, is
   * settled; only the neighbourhood of the line and the contradictions are cut at this size (banded
   * graph cuts; Lombaert et al., ICCV 2005). Time then follows the outline, not the area.
   *
   * @param odds log odds of subject over backdrop
   * @return true = subject
   */
  public static boolean[] divide(ColorPlanes lab, float[] odds) {
    int w = lab.width();
    int h = lab.height();
    if (w * h <= WHOLE_PIXELS) {
      return cut(lab, odds, new byte[w * h]);
    }
    boolean[] coarse = divide(HalfSize.of(lab), HalfSize.of(odds, w, h));
    return cut(lab, odds, settled(coarse, odds, w, h));
  }

  /** 1 = settled as subject, -1 = settled as backdrop, 0 = open. */
  private static byte[] settled(boolean[] coarse, float[] odds, int w, int h) {
    int half = (w + 1) / 2;
    boolean[] line = new boolean[coarse.length];
    for (int i = 0; i < coarse.length; i++) {
      line[i] =
          i % half + 1 < half && coarse[i] != coarse[i + 1]
              || i + half < coarse.length && coarse[i] != coarse[i + half];
    }
    boolean[] near = Morphology.dilate(line, half, (h + 1) / 2, BAND);
    byte[] out = new byte[odds.length];
    for (int i = 0; i < out.length; i++) {
      int k = i / w / 2 * half + i % w / 2;
      boolean contradicted = coarse[k] ? odds[i] < -CONTRADICTION : odds[i] > CONTRADICTION;
      out[i] = near[k] || contradicted ? 0 : (byte) (coarse[k] ? 1 : -1);
    }
    return out;
  }

  private static boolean[] cut(ColorPlanes lab, float[] odds, byte[] settled) {
    int w = lab.width();
    int h = lab.height();
    GridCut cut = new GridCut(w, h);
    double scale = 1 / (2 * meanSquareStep(lab));
    for (int y = 0; y < h; y++) {
      for (int x = 0; x < w; x++) {
        int i = y * w + x;
        int cost = settled[i] != 0 ? SETTLED : Math.round(Math.abs(odds[i]) * UNIT);
        boolean subject = settled[i] != 0 ? settled[i] > 0 : odds[i] > 0;
        cut.node(x, y, subject ? cost : 0, subject ? 0 : cost);
        if (x + 1 < w) {
          join(cut, lab, settled, i, i + 1, Neighbour.RIGHT, scale);
        }
        if (y + 1 < h) {
          join(cut, lab, settled, i, i + w, Neighbour.DOWN, scale);
          if (x + 1 < w) {
            join(cut, lab, settled, i, i + w + 1, Neighbour.DOWN_RIGHT, scale);
          }
          if (x > 0) {
            join(cut, lab, settled, i, i + w - 1, Neighbour.DOWN_LEFT, scale);
          }
        }
      }
    }
    cut.solve();
    boolean[] subject = new boolean[w * h];
    for (int i = 0; i < subject.length; i++) {
      subject[i] = cut.isSource(i % w, i / w);
    }
    return subject;
  }

  private static void join(
      GridCut cut, ColorPlanes lab, byte[] settled, int i, int j, Neighbour way, double scale) {
    if (settled[i] == 0 || settled[j] == 0) {
      boolean straight = way == Neighbour.RIGHT || way == Neighbour.DOWN;
      int x = i % lab.width();
      cut.edge(x, i / lab.width(), way, price(lab, i, j, scale, straight ? 1 : DIAGONAL));
    }
  }

  private static int price(ColorPlanes lab, int i, int j, double scale, double share) {
    double edge = Math.exp(-scale * squareStep(lab, i, j));
    return (int) Math.round(UNIT * SMOOTHNESS * share * (FLOOR + (1 - FLOOR) * edge));
  }

  private static double squareStep(ColorPlanes lab, int i, int j) {
    double l = lab.c0()[i] - lab.c0()[j];
    double a = lab.c1()[i] - lab.c1()[j];
    double b = lab.c2()[i] - lab.c2()[j];
    return l * l + a * a + b * b;
  }

  private static double meanSquareStep(ColorPlanes lab) {
    int w = lab.width();
    double sum = 1e-9;
    int count = 1;
    for (int i = 0; i < lab.c0().length; i++) {
      if (i % w + 1 < w) {
        sum += squareStep(lab, i, i + 1);
        count++;
      }
      if (i + w < lab.c0().length) {
        sum += squareStep(lab, i, i + w);
        count++;
      }
    }
    return Math.max(1e-6, sum / count);
  }
}
