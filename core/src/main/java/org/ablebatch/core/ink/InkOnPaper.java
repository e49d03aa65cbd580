package org.ablebatch.core.ink;

import java.util.Arrays;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.PushPull;
import org.ablebatch.core.subject.SubjectRegion;

/**
 * Ink on paper at reading size. The paper is estimated by a closing wider than a stroke, so that
 * stains, creases and falling light belong to it, and refined by what is seen between the strokes
 * (background division as in document binarisation; Gatos, Pratikakis &amp; Perantonis 2006).
 *
 * @param paper linear light, everywhere, as if nothing were written
 * @param strokes pixels that hold ink for sure
 * @param ink the ink's own colour, linear light: what the darkest strokes agree on
 * @param noise standard deviation of the paper around its estimate, linear light
 */
public record InkOnPaper(ColorPlanes paper, boolean[] strokes, float[] ink, float noise) {
  /** Half the widest stroke that still counts as one, as a share of the longer side. */
  private static final double STROKE_SHARE = 0.009;

  private static final float CLEAR_ABSORBANCE = 0.22f;
  private static final float LEAST_PAPER_LIGHT = 0.18f;
  private static final double LEAST_SHARE = 0.001;
  private static final double MOST_SHARE = 0.14;
  private static final double THIN_SHARE = 0.985;
  private static final double DARK_QUANTILE = 0.9;
  private static final double LEAST_CONTRAST = 0.35;
  private static final double INK_SPREAD = 0.08;
  private static final int SEEN_RADIUS = 4;
  private static final int STROKE_HALO = 3;
  private static final float FOREIGN_EDGE = 0.12f;
  private static final double MOST_FOREIGN = 0.6;
  private static final double MOST_SOLID = 0.5;
  private static final double THIN = 0.0055;

  /** Pixels; in a small picture a stroke can’t be thinner than its own soft edges. */
  private static final double LEAST_THIN = 2.5;

  /** Reads a picture as ink on paper, whether it is that or not. */
  public static InkOnPaper read(ColorPlanes linear) {
    int w = linear.width();
    int h = linear.height();
    int radius = (int) Math.max(3, Math.round(STROKE_SHARE * Math.max(w, h)));
    float[] light = new float[w * h];
    for (int i = 0; i < light.length; i++) {
      light[i] = luminance(linear, i);
    }
    float[] bright = Morphology.close(light, w, h, radius);
    boolean[] strokes = clearlyDarker(light, bright);
    boolean[] near = Morphology.dilate(strokes, w, h, 2);
    ColorPlanes paper = between(linear, near);
    return new InkOnPaper(paper, strokes, inkColour(linear, strokes), noise(linear, paper, near));
  }

  /** True when this is a light sheet with thin strokes of one ink, and hardly anything else. */
  public boolean isConvincing(ColorPlanes linear) {
    int w = paper.width();
    int h = paper.height();
    int count = 0;
    double light = 0;
    for (int i = 0; i < strokes.length; i++) {
      count += strokes[i] ? 1 : 0;
      light += luminance(paper, i);
    }
    light /= strokes.length;
    double share = count / (double) strokes.length;
    if (share < LEAST_SHARE || share > MOST_SHARE || light < LEAST_PAPER_LIGHT) {
      return false;
    }
    double inkLight = 0.2126 * ink[0] + 0.7152 * ink[1] + 0.0722 * ink[2];
    return inkLight < (1 - LEAST_CONTRAST) * light
        && thinShare(count, w, h) > THIN_SHARE
        && spreadOffTheInkLine(linear) < INK_SPREAD
        && foreignEdges(linear) < MOST_FOREIGN * count
        && asDarkAsInk(linear, inkLight, light) < MOST_SOLID * count;
  }

  /** The strokes as a region; nothing about them is in doubt. */
  public SubjectRegion region() {
    int w = paper.width();
    int h = paper.height();
    float[] evidence = new float[w * h];
    for (int i = 0; i < evidence.length; i++) {
      evidence[i] = strokes[i] ? 1 : -1;
    }
    return new SubjectRegion(w, h, strokes, new boolean[w * h], evidence);
  }

  /** Coverage 0..1 of one full-size pixel over its paper, by the light that is missing. */
  public float coverage(float r, float g, float b, float paperR, float paperG, float paperB) {
    float dr = paperR - ink[0];
    float dg = paperG - ink[1];
    float db = paperB - ink[2];
    float length = dr * dr + dg * dg + db * db;
    float along = (paperR - r) * dr + (paperG - g) * dg + (paperB - b) * db;
    return along / Math.max(1e-6f, length);
  }

  private static boolean[] clearlyDarker(float[] light, float[] bright) {
    boolean[] out = new boolean[light.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = light[i] < (1 - CLEAR_ABSORBANCE) * bright[i];
    }
    return out;
  }

  private static ColorPlanes between(ColorPlanes linear, boolean[] near) {
    int w = linear.width();
    int h = linear.height();
    float[] known = new float[near.length];
    for (int i = 0; i < known.length; i++) {
      known[i] = near[i] ? 0 : 1;
    }
    return BoxBlur.blur(new PushPull(known, w, h).fill(linear), SEEN_RADIUS);
  }

  private static float[] inkColour(ColorPlanes linear, boolean[] strokes) {
    float[] lights = new float[strokes.length];
    int n = 0;
    for (int i = 0; i < strokes.length; i++) {
      if (strokes[i]) {
        lights[n++] = luminance(linear, i);
      }
    }
    if (n == 0) {
      return new float[3];
    }
    Arrays.sort(lights, 0, n);
    float dark = lights[(int) ((1 - DARK_QUANTILE) * (n - 1))];
    double[] sum = new double[3];
    int used = 0;
    for (int i = 0; i < strokes.length; i++) {
      if (strokes[i] && luminance(linear, i) <= dark) {
        used++;
        for (int c = 0; c < 3; c++) {
          sum[c] += linear.channel(c)[i];
        }
      }
    }
    return new float[] {(float) (sum[0] / used), (float) (sum[1] / used), (float) (sum[2] / used)};
  }

  private static float noise(ColorPlanes linear, ColorPlanes paper, boolean[] near) {
    double sum = 0;
    int n = 1;
    for (int i = 0; i < near.length; i++) {
      if (!near[i]) {
        double d = luminance(linear, i) - luminance(paper, i);
        sum += d * d;
        n++;
      }
    }
    return (float) Math.sqrt(sum / n);
  }

  private double thinShare(int count, int w, int h) {
    boolean[] clear = new boolean[strokes.length];
    for (int i = 0; i < clear.length; i++) {
      clear[i] = !strokes[i];
    }
    float[] depth = Distance.to(clear, w, h);
    double most = Math.max(LEAST_THIN, THIN * Math.max(w, h));
    int thin = 0;
    for (int i = 0; i < depth.length; i++) {
      thin += strokes[i] && depth[i] <= most ? 1 : 0;
    }
    return thin / (double) Math.max(1, count);
  }

  /** How far the strokes' colours lie off the line from paper to ink, relative to its length. */
  private double spreadOffTheInkLine(ColorPlanes linear) {
    double sum = 0;
    int n = 1;
    for (int i = 0; i < strokes.length; i++) {
      if (strokes[i]) {
        double off = 0;
        double length = 0;
        float a =
            coverage(
                linear.c0()[i],
                linear.c1()[i],
                linear.c2()[i],
                paper.c0()[i],
                paper.c1()[i],
                paper.c2()[i]);
        for (int c = 0; c < 3; c++) {
          double p = paper.channel(c)[i];
          double expected = p + a * (ink[c] - p);
          off += Math.pow(linear.channel(c)[i] - expected, 2);
          length += Math.pow(ink[c] - p, 2);
        }
        sum += Math.sqrt(off / Math.max(1e-6, length));
        n++;
      }
    }
    return sum / n;
  }

  /** Pixels nearer to the ink's light than to the paper's that are no stroke: solid things. */
  private int asDarkAsInk(ColorPlanes linear, double inkLight, double paperLight) {
    double dark = (inkLight + paperLight) / 2;
    boolean[] near = Morphology.dilate(strokes, paper.width(), paper.height(), STROKE_HALO);
    int count = 0;
    for (int i = 0; i < strokes.length; i++) {
      count += !near[i] && luminance(linear, i) < dark ? 1 : 0;
    }
    return count;
  }

  /** Pixels on edges that no stroke explains: the outlines of things, bright lines, print. */
  private int foreignEdges(ColorPlanes linear) {
    int w = paper.width();
    int h = paper.height();
    boolean[] near = Morphology.dilate(strokes, w, h, STROKE_HALO);
    int count = 0;
    for (int y = 1; y + 1 < h; y++) {
      for (int x = 1; x + 1 < w; x++) {
        int i = y * w + x;
        if (!near[i]) {
          float across = luminance(linear, i + 1) - luminance(linear, i - 1);
          float down = luminance(linear, i + w) - luminance(linear, i - w);
          float least = FOREIGN_EDGE * luminance(paper, i);
          count += across * across + down * down > least * least ? 1 : 0;
        }
      }
    }
    return count;
  }

  private static float luminance(ColorPlanes linear, int i) {
    return 0.2126f * linear.c0()[i] + 0.7152f * linear.c1()[i] + 0.0722f * linear.c2()[i];
  }
}
