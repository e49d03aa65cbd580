package org.ablebatch.core.ink;

import java.util.Arrays;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.matting.BandMatting;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.GridMap;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.PushPull;
import org.ablebatch.core.work.Pulse;

/** Coverage of ink at full size: how much of the paper's light each pixel lacks, mixed linearly. */
public final class InkMatte {
  private static final float TOE_NOISES = 2.5f;
  private static final float LEAST_TOE = 0.06f;
  private static final float MOST_TOE = 0.25f;

  private InkMatte() {}

  /**
   * @param picture full size; unchanged
   * @param kept the strokes to keep, at the sheet's size; what is nearest to others is left out
   * @param pulse called for every row
   */
  public static BandMatting.Result solve(
      Picture picture, InkOnPaper sheet, boolean[] kept, Pulse pulse) {
    int width = picture.width();
    int height = picture.height();
    GridMap map = new GridMap(width, height, sheet.paper().width(), sheet.paper().height());
    byte[] coverage = new byte[width * height];
    int[] colours = picture.argb().clone();
    int ink = Srgb.pack(sheet.ink()[0], sheet.ink()[1], sheet.ink()[2]);
    float contrast = contrast(sheet);
    float toe = Math.max(LEAST_TOE, Math.min(MOST_TOE, TOE_NOISES * sheet.noise() / contrast));
    float[] wanted = wanted(sheet.region().subject(), kept, sheet.paper());
    long touched = 0;
    for (int y = 0; y < height; y++) {
      pulse.beat();
      map.row(y);
      for (int x = 0; x < width; x++) {
        int i = y * width + x;
        map.column(x);
        int argb = picture.argb()[i];
        float alpha =
            sheet.coverage(
                Srgb.toLinear(argb >> 16 & 0xFF),
                Srgb.toLinear(argb >> 8 & 0xFF),
                Srgb.toLinear(argb & 0xFF),
                map.sample(sheet.paper().c0()),
                map.sample(sheet.paper().c1()),
                map.sample(sheet.paper().c2()));
        float clean = alpha <= toe ? 0 : Math.min(1, alpha * smooth((alpha - toe) / toe));
        coverage[i] = map.sample(wanted) < 0.5f ? 0 : (byte) Math.round(255 * clean);
        if (coverage[i] != 0) {
          colours[i] = ink;
          touched++;
        }
      }
    }
    return new BandMatting.Result(
        new Matte(width, height, coverage),
        new Picture(width, height, colours),
        touched / (double) coverage.length,
        contrast);
  }

  /** 1 near kept strokes, 0 near strokes that are not. */
  private static float[] wanted(boolean[] strokes, boolean[] kept, ColorPlanes paper) {
    float[] value = new float[strokes.length];
    float[] known = new float[strokes.length];
    for (int i = 0; i < strokes.length; i++) {
      known[i] = strokes[i] ? 1 : 0;
      value[i] = kept[i] ? 1 : 0;
    }
    return Arrays.equals(strokes, kept)
        ? filled(1, strokes.length)
        : PushPull.fill(value, known, paper.width(), paper.height());
  }

  private static float[] filled(float value, int length) {
    float[] out = new float[length];
    Arrays.fill(out, value);
    return out;
  }

  private static float smooth(float t) {
    float c = Math.max(0, Math.min(1, t));
    return c * c * (3 - 2 * c);
  }

  /** Distance of the ink from the mean paper, linear light. */
  private static float contrast(InkOnPaper sheet) {
    double sum = 0;
    for (int c = 0; c < 3; c++) {
      double mean = 0;
      for (float v : sheet.paper().channel(c)) {
        mean += v;
      }
      mean /= sheet.paper().channel(c).length;
      sum += Math.pow(mean - sheet.ink()[c], 2);
    }
    return (float) Math.max(0.05, Math.sqrt(sum));
  }
}
