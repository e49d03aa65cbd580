package org.ablebatch.core.dress;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/**
 * Colours of a subject just inside its contour.
 *
 * @param lab in OKLab, evenly taken along the contour; empty when there is no contour
 */
public record RimColours(List<float[]> lab) {
  private static final int MOST = 32;
  private static final int OPAQUE = 250;
  private static final int CLEAR = 5;

  /** So far inside, as a share of the content's shorter side. */
  private static final double INSIDE = 0.01;

  public static RimColours of(Dressable dressable) {
    Picture cutout = dressable.cutout();
    Rect content = dressable.content();
    int in = (int) Math.max(1, INSIDE * Math.min(content.width(), content.height()));
    List<float[]> found = new ArrayList<>();
    for (int y = content.y(); y < content.bottom(); y++) {
      boolean before = false;
      for (int x = content.x(); x < content.right(); x++) {
        boolean now = cutout.at(x, y) >>> 24 >= OPAQUE;
        boolean enters = now && !before && isClear(cutout, x - in, y) && isSolid(cutout, x + in, y);
        if (enters) {
          found.add(OkLab.ofDisplay(cutout.at(x + in, y)));
        }
        boolean leaves = before && !now && isClear(cutout, x + in, y) && isSolid(cutout, x - in, y);
        if (leaves) {
          found.add(OkLab.ofDisplay(cutout.at(x - in, y)));
        }
        before = now;
      }
    }
    return new RimColours(thinned(found));
  }

  private static boolean isClear(Picture picture, int x, int y) {
    return x < 0 || x >= picture.width() || picture.at(x, y) >>> 24 <= CLEAR;
  }

  private static boolean isSolid(Picture picture, int x, int y) {
    return x >= 0 && x < picture.width() && picture.at(x, y) >>> 24 >= OPAQUE;
  }

  private static List<float[]> thinned(List<float[]> all) {
    if (all.size() <= MOST) {
      return List.copyOf(all);
    }
    List<float[]> out = new ArrayList<>();
    for (int i = 0; i < MOST; i++) {
      out.add(all.get(i * all.size() / MOST));
    }
    return List.copyOf(out);
  }

  /** How far a colour stands from the half of the rim that is nearest to it, OKLab. */
  double difference(float[] colour) {
    double[] all = lab.stream().mapToDouble(c -> distance(c, colour)).sorted().toArray();
    return all.length == 0 ? 1 : all[all.length / 4];
  }

  private static double distance(float[] a, float[] b) {
    double l = a[0] - b[0];
    double u = a[1] - b[1];
    double v = a[2] - b[2];
    return Math.sqrt(l * l + u * u + v * v);
  }
}
