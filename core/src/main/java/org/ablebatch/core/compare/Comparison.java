package org.ablebatch.core.compare;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.Rect;

/**
 * Where two cutouts of one photograph differ.
 *
 * @param meanDifference mean absolute difference of coverage, 0..1
 * @param share of the picture's pixels that differ visibly, 0..1
 * @param regions the largest first
 */
public record Comparison(double meanDifference, double share, List<Region> regions) {
  private static final int VISIBLE_COVER = 32;
  private static final int COVERED = 64;
  private static final double VISIBLE_COLOUR = 0.08;

  /** Differences this near to each other are one. */
  private static final int TOGETHER_PX = 3;

  private static final int LEAST_AREA = 9;
  private static final int MOST_REGIONS = 60;

  /**
   * One place where they differ.
   *
   * @param box in pixels
   * @param area pixels that differ
   * @param difference mean absolute difference of coverage there, 0..1
   * @param firstKeepsMore true where the first cutout covers more
   */
  public record Region(Rect box, int area, double difference, boolean firstKeepsMore) {}

  /**
   * @throws IllegalArgumentException when their sizes differ
   */
  public static Comparison of(Cutout first, Cutout second) {
    boolean[] differs = differing(first, second);
    int width = first.matte().width();
    int height = first.matte().height();
    Components parts =
        Components.of(Morphology.dilate(differs, width, height, TOGETHER_PX), width, height, true);
    int[] area = new int[parts.regions().size()];
    long[] sum = new long[area.length];
    long[] signed = new long[area.length];
    long all = 0;
    int count = 0;
    for (int i = 0; i < differs.length; i++) {
      int d = (first.matte().coverage()[i] & 0xFF) - (second.matte().coverage()[i] & 0xFF);
      all += Math.abs(d);
      if (differs[i]) {
        int part = parts.labels()[i] - 1;
        count++;
        area[part]++;
        sum[part] += Math.abs(d);
        signed[part] += d;
      }
    }
    List<Region> regions = new ArrayList<>();
    for (int k = 0; k < area.length; k++) {
      if (area[k] >= LEAST_AREA) {
        regions.add(
            new Region(
                parts.regions().get(k).box(), area[k], sum[k] / (255.0 * area[k]), signed[k] > 0));
      }
    }
    regions.sort(Comparator.comparingInt(Region::area).reversed());
    return new Comparison(
        all / (255.0 * differs.length),
        count / (double) differs.length,
        regions.stream().limit(MOST_REGIONS).toList());
  }

  /** Pixels whose coverage differs visibly, or whose colour does where both cover. */
  static boolean[] differing(Cutout first, Cutout second) {
    requireSameSize(first, second);
    byte[] a = first.matte().coverage();
    byte[] b = second.matte().coverage();
    int[] ca = first.colours().argb();
    int[] cb = second.colours().argb();
    boolean[] out = new boolean[a.length];
    for (int i = 0; i < out.length; i++) {
      int ka = a[i] & 0xFF;
      int kb = b[i] & 0xFF;
      out[i] =
          Math.abs(ka - kb) >= VISIBLE_COVER
              || Math.min(ka, kb) >= COVERED
                  && (ca[i] & 0xFFFFFF) != (cb[i] & 0xFFFFFF)
                  && colourDistance(ca[i], cb[i]) > VISIBLE_COLOUR;
    }
    return out;
  }

  private static void requireSameSize(Cutout first, Cutout second) {
    if (first.matte().width() != second.matte().width()
        || first.matte().height() != second.matte().height()) {
      throw new IllegalArgumentException(
          "one cutout is %d × %d, the other %d × %d"
              .formatted(
                  first.matte().width(),
                  first.matte().height(),
                  second.matte().width(),
                  second.matte().height()));
    }
  }

  private static double colourDistance(int a, int b) {
    float[] la = OkLab.ofDisplay(a);
    float[] lb = OkLab.ofDisplay(b);
    return Math.hypot(Math.hypot(la[0] - lb[0], la[1] - lb[1]), la[2] - lb[2]);
  }
}
