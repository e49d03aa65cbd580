package org.ablebatch.core.dress;

import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.look.Tone;
import org.ablebatch.core.raster.ColorPlanes;

/**
 * A change of tone as a table of colours: a grid of display values with what becomes of them,
 * linear in between. Computed once for a picture, so that a pixel costs the same whatever the
 * change is.
 */
final class ToneTable {
  private static final int SIDE = 33;
  private static final int STEPS = 1 << 14;

  /** Where linear light lies on the grid, in grid steps. */
  private static final float[] PLACE = new float[STEPS + 1];

  static {
    for (int i = 0; i <= STEPS; i++) {
      double v = (double) i / STEPS;
      double display = v <= 0.0031308 ? 12.92 * v : 1.055 * Math.pow(v, 1 / 2.4) - 0.055;
      PLACE[i] = (float) (display * (SIDE - 1));
    }
  }

  /** R, G, B in linear light of every grid point. */
  private final float[] table = new float[SIDE * SIDE * SIDE * 3];

  /**
   * @param own the subject's own statistics; null when nothing is matched
   */
  ToneTable(Tone tone, ToneStatistics own) {
    int n = SIDE * SIDE * SIDE;
    ColorPlanes lab = new ColorPlanes(n, 1);
    float[] pixel = new float[3];
    ToneCurve curve = new ToneCurve(tone, own);
    for (int i = 0; i < n; i++) {
      OkLab.of(linear(i / (SIDE * SIDE)), linear(i / SIDE % SIDE), linear(i % SIDE), pixel);
      curve.change(pixel);
      lab.c0()[i] = pixel[0];
      lab.c1()[i] = pixel[1];
      lab.c2()[i] = pixel[2];
    }
    ColorPlanes rgb = OkLab.toLinear(lab);
    for (int i = 0; i < n; i++) {
      table[3 * i] = rgb.c0()[i];
      table[3 * i + 1] = rgb.c1()[i];
      table[3 * i + 2] = rgb.c2()[i];
    }
  }

  private static float linear(int step) {
    double v = step / (SIDE - 1.0);
    return (float) (v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4));
  }

  /**
   * @param row R, G, B premultiplied in linear light and coverage; changed
   * @param first pixel that is changed
   * @param end behind the last one
   */
  void applyPremultiplied(float[] row, int first, int end) {
    float[] out = new float[3];
    for (int i = first * SubjectRows.CHANNELS;
        i < end * SubjectRows.CHANNELS;
        i += SubjectRows.CHANNELS) {
      float alpha = row[i + 3];
      if (alpha > 0) {
        look(row[i] / alpha, row[i + 1] / alpha, row[i + 2] / alpha, out);
        row[i] = out[0] * alpha;
        row[i + 1] = out[1] * alpha;
        row[i + 2] = out[2] * alpha;
      }
    }
  }

  /** One display colour, {@code 0xRRGGBB}, as it becomes. */
  int ofDisplay(int rgb) {
    float[] out = new float[3];
    look(
        Srgb.toLinear(rgb >> 16 & 0xFF),
        Srgb.toLinear(rgb >> 8 & 0xFF),
        Srgb.toLinear(rgb & 0xFF),
        out);
    return 0xFFFFFF & Srgb.pack(out[0], out[1], out[2]);
  }

  private void look(float r, float g, float b, float[] out) {
    float pr = place(r);
    float pg = place(g);
    float pb = place(b);
    int ir = Math.min((int) pr, SIDE - 2);
    int ig = Math.min((int) pg, SIDE - 2);
    int ib = Math.min((int) pb, SIDE - 2);
    float fr = pr - ir;
    float fg = pg - ig;
    float fb = pb - ib;
    int corner = 3 * ((ir * SIDE + ig) * SIDE + ib);
    int stepR = 3 * SIDE * SIDE;
    int stepG = 3 * SIDE;
    for (int c = 0; c < 3; c++) {
      int i = corner + c;
      float near =
          mix(mix(table[i], table[i + 3], fb), mix(table[i + stepG], table[i + stepG + 3], fb), fg);
      i += stepR;
      float far =
          mix(mix(table[i], table[i + 3], fb), mix(table[i + stepG], table[i + stepG + 3], fb), fg);
      out[c] = mix(near, far, fr);
    }
  }

  private static float place(float linear) {
    float clipped = linear <= 0 ? 0 : Math.min(linear, 1);
    return PLACE[(int) (clipped * STEPS + 0.5f)];
  }

  private static float mix(float a, float b, float share) {
    return a + share * (b - a);
  }
}
