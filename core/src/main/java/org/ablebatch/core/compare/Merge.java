package org.ablebatch.core.compare;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/**
 * Takes a region of one cutout into another. The seam runs where the two agree: a difference that
 * lies mostly in the box comes over whole, and one that lies mostly outside stays away. Only a
 * difference that goes on far in both directions is cut at the box, softly.
 */
public final class Merge {
  private static final int TOGETHER_PX = 3;
  private static final int SEAM_PX = 2;

  /** A difference with at least this share in the box is meant as a whole. */
  private static final double MEANT = 0.6;

  /** One with less is not meant at all. */
  private static final double NOT_MEANT = 0.25;

  private Merge() {}

  /**
   * @param base what is kept elsewhere; unchanged
   * @param from what is taken in the region; of the same size; unchanged
   * @param box in pixels of the picture
   */
  public static Cutout take(Cutout base, Cutout from, Rect box) {
    float[] share = shares(base, from, box);
    int n = share.length;
    byte[] coverage = base.matte().coverage().clone();
    int[] colours = base.colours().argb().clone();
    for (int i = 0; i < n; i++) {
      if (share[i] > 0) {
        mix(base, from, i, share[i], coverage, colours);
      }
    }
    int width = base.matte().width();
    int height = base.matte().height();
    return new Cutout(new Matte(width, height, coverage), new Picture(width, height, colours));
  }

  /** How much of every pixel comes from the other, 0..1. */
  private static float[] shares(Cutout base, Cutout from, Rect box) {
    int width = base.matte().width();
    int height = base.matte().height();
    boolean[] differs =
        Morphology.dilate(Comparison.differing(base, from), width, height, TOGETHER_PX);
    Components parts = Components.of(differs, width, height, true);
    int[] inside = new int[parts.regions().size()];
    Rect within = box.intersect(new Rect(0, 0, width, height));
    for (int y = within.y(); y < within.bottom(); y++) {
      for (int x = within.x(); x < within.right(); x++) {
        int label = parts.labels()[y * width + x];
        if (label > 0) {
          inside[label - 1]++;
        }
      }
    }
    float[] taken = new float[width * height];
    for (int i = 0; i < taken.length; i++) {
      int x = i % width;
      int y = i / width;
      boolean inBox =
          x >= within.x() && y >= within.y() && x < within.right() && y < within.bottom();
      int label = parts.labels()[i];
      double meant =
          label == 0
              ? inBox ? 1 : 0
              : inside[label - 1] / (double) parts.regions().get(label - 1).area();
      boolean whole = label > 0 && meant >= MEANT;
      taken[i] = whole || inBox && meant > NOT_MEANT ? 1 : 0;
    }
    return BoxBlur.blur(taken, width, height, SEAM_PX);
  }

  private static void mix(
      Cutout base, Cutout from, int i, float share, byte[] coverage, int[] colours) {
    float a = (1 - share) * (base.matte().coverage()[i] & 0xFF);
    float b = share * (from.matte().coverage()[i] & 0xFF);
    coverage[i] = (byte) Math.round(a + b);
    if (a + b > 0) {
      int ca = base.colours().argb()[i];
      int cb = from.colours().argb()[i];
      float part = b / (a + b);
      colours[i] =
          part >= 1
              ? cb
              : part <= 0
                  ? ca
                  : Srgb.pack(
                      mixed(ca >> 16, cb >> 16, part),
                      mixed(ca >> 8, cb >> 8, part),
                      mixed(ca, cb, part));
    }
  }

  private static float mixed(int a, int b, float share) {
    return (1 - share) * Srgb.toLinear(a & 0xFF) + share * Srgb.toLinear(b & 0xFF);
  }
}
