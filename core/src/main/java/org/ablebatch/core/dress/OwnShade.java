package org.ablebatch.core.dress;

import java.util.Optional;
import org.ablebatch.core.backdrop.Backdrop;
import org.ablebatch.core.backdrop.BackdropKind;
import org.ablebatch.core.backdrop.BackdropReader;
import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.raster.PushPull;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.reading.AreaShrink;

/**
 * The shadow that a photograph itself has on its backdrop: how much of the light that the smooth
 * backdrop would send arrives, per channel. Multiplied with another backdrop it lies there as it
 * lay in the photograph.
 *
 * @param light R, G, B in 0..1 over the whole photograph; 1 = no shade; under the subject what is
 *     around it
 */
public record OwnShade(ColorPlanes light) {
  private static final int PIXELS = 400_000;

  /** Fainter than so many standard deviations of the backdrop's own grain is no shade. */
  private static final double GRAIN_SIGMAS = 1.5;

  /** So much of the picture has to lie in shade. */
  private static final double LEAST_SHARE = 0.0015;

  /** Shade that reaches the photograph's edge fades out over this share of its side. */
  private static final double EDGE = 0.04;

  /** Rougher than this a backdrop's texture would be lifted with its shade. */
  private static final double SMOOTH_SIGMA = 0.009;

  /** A shade that begins so far from its subject, in parts of the shorter side, is another's. */
  private static final double REACH = 0.02;

  private static final float IN_SHADE = 0.25f;

  private static final float LEAST_KNOWN = 0.05f;
  private static final float CLEAR_OF_SUBJECT = 0.02f;

  /**
   * @param photograph the original; unchanged
   * @param cutout the same size, with transparency
   * @return empty when the backdrop is no smooth surface or has no shade on it
   */
  public static Optional<OwnShade> of(Picture photograph, Picture cutout) {
    Rect grid = AreaShrink.readingGrid(photograph.width(), photograph.height(), PIXELS);
    int w = grid.width();
    int h = grid.height();
    ColorPlanes linear = AreaShrink.toLinear(photograph, w, h);
    ColorPlanes lab = AreaShrink.toOkLab(linear);
    float[] subject = coverage(cutout, w, h);
    Backdrop backdrop = BackdropReader.read(lab, Optional.of(new Plane(w, h, subject)));
    if (backdrop.kind() == BackdropKind.BUSY || backdrop.sigma() > SMOOTH_SIGMA) {
      return Optional.empty();
    }
    ColorPlanes lit = OkLab.toLinear(backdrop.surface());
    float[] known = new float[w * h];
    float[] spread = BoxBlur.blur(subject, w, h, 2);
    for (int i = 0; i < known.length; i++) {
      known[i] = spread[i] < CLEAR_OF_SUBJECT ? 1 : 0;
    }
    float[] shade = shade(lab, backdrop, known);
    keepWhatReachesTheSubject(shade, spread, w, h);
    if (!worthLifting(shade, known)) {
      return Optional.empty();
    }
    ColorPlanes ratios = new ColorPlanes(w, h);
    for (int c = 0; c < 3; c++) {
      float[] ratio = ratios.channel(c);
      for (int i = 0; i < ratio.length; i++) {
        float arrives = linear.channel(c)[i] / Math.max(1e-3f, lit.channel(c)[i]);
        ratio[i] = 1 - (1 - Math.min(1, arrives)) * fade(i % w, i / w, w, h) * shade[i];
      }
    }
    return Optional.of(new OwnShade(new PushPull(known, w, h).fill(ratios)));
  }

  private static float[] coverage(Picture cutout, int w, int h) {
    float[] sum = new float[w * h];
    int[] count = new int[w * h];
    for (int y = 0; y < cutout.height(); y++) {
      int row = (int) ((long) y * h / cutout.height()) * w;
      for (int x = 0; x < cutout.width(); x++) {
        int i = row + (int) ((long) x * w / cutout.width());
        sum[i] += cutout.at(x, y) >>> 24;
        count[i]++;
      }
    }
    for (int i = 0; i < sum.length; i++) {
      sum[i] /= 255f * Math.max(1, count[i]);
    }
    return sum;
  }

  /** How surely each pixel lies in shade and not only in the grain, 0..1. */
  private static float[] shade(ColorPlanes lab, Backdrop backdrop, float[] known) {
    int w = lab.width();
    int h = lab.height();
    float[] darker = new float[w * h];
    for (int i = 0; i < darker.length; i++) {
      darker[i] = backdrop.surface().c0()[i] - lab.c0()[i];
    }
    float[] mean = smooth(darker, known, w, h);
    float[] sure = new float[w * h];
    double from = GRAIN_SIGMAS * backdrop.sigma() / 2;
    for (int i = 0; i < sure.length; i++) {
      double by = mean[i];
      sure[i] = (float) Math.max(0, Math.min(1, (by - from) / from));
    }
    return sure;
  }

  /** Means of what is known around each pixel. */
  private static float[] smooth(float[] values, float[] known, int w, int h) {
    float[] weighted = new float[values.length];
    for (int i = 0; i < values.length; i++) {
      weighted[i] = values[i] * known[i];
    }
    float[] mean = BoxBlur.blur(weighted, w, h, 2);
    float[] weight = BoxBlur.blur(known, w, h, 2);
    for (int i = 0; i < mean.length; i++) {
      mean[i] = weight[i] > LEAST_KNOWN ? mean[i] / weight[i] : values[i];
    }
    return mean;
  }

  /** An uneven backdrop has dark places of its own, which stay where they are. */
  private static void keepWhatReachesTheSubject(float[] shade, float[] subject, int w, int h) {
    boolean[] dark = new boolean[shade.length];
    boolean[] near = new boolean[shade.length];
    for (int i = 0; i < shade.length; i++) {
      dark[i] = shade[i] > IN_SHADE;
      near[i] = subject[i] >= CLEAR_OF_SUBJECT;
    }
    near = Morphology.dilate(near, w, h, (int) Math.max(2, REACH * Math.min(w, h)));
    Components parts = Components.of(dark, w, h, true);
    boolean[] reaches = new boolean[parts.regions().size() + 1];
    for (int i = 0; i < shade.length; i++) {
      reaches[parts.labels()[i]] |= near[i] && dark[i];
    }
    float[] kept = new float[shade.length];
    for (int i = 0; i < shade.length; i++) {
      kept[i] = dark[i] && reaches[parts.labels()[i]] || near[i] ? 1 : 0;
    }
    float[] soft = BoxBlur.blur(kept, w, h, 2);
    for (int i = 0; i < shade.length; i++) {
      shade[i] *= soft[i];
    }
  }

  private static boolean worthLifting(float[] sure, float[] known) {
    double shaded = 0;
    for (int i = 0; i < sure.length; i++) {
      shaded += known[i] * sure[i];
    }
    return shaded / sure.length > LEAST_SHARE;
  }

  private static float fade(int x, int y, int w, int h) {
    double nearX = Math.min(x + 0.5, w - x - 0.5) / (EDGE * w);
    double nearY = Math.min(y + 0.5, h - y - 0.5) / (EDGE * h);
    return (float) Math.min(1, Math.min(nearX, nearY));
  }
}
