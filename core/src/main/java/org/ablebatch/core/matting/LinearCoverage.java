package org.ablebatch.core.matting;

import java.util.Optional;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.GridMap;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.trimap.Trimap;
import org.ablebatch.core.work.Pulse;

/**
 * Coverage in the undecided band and among strands. It is solved at reading size, by pairs of
 * sampled colours and the closed form, and carried to full size as a linear function of the
 * full-size colour around every place (He &amp; Sun, Fast Guided Filter, 2015).
 *
 * @param slopes per reading pixel, coverage per unit of linear red, green, blue
 * @param atBlack per reading pixel, coverage of black
 */
record LinearCoverage(ColorPlanes slopes, float[] atBlack) {
  /** How much a suggestion counts beside what the windows say. */
  private static final float SUGGESTION = 0.1f;

  private static final int FIT_RADIUS = 1;

  /**
   * @param linear the picture at the trimap's size, linear light
   * @param clues to strands; empty where there is no guess
   * @param asked where coverage is wanted; elsewhere the depth decides
   */
  static LinearCoverage solve(
      ColorPlanes linear,
      LocalColours local,
      Trimap trimap,
      Optional<StrandClues> clues,
      Asked asked,
      Pulse pulse) {
    boolean[] zone = undecided(trimap);
    asked.limit(zone);
    PairSampling pairs = PairSampling.in(zone, linear, trimap, pulse);
    OutlineSay outline = OutlineSay.of(linear, local, trimap, pairs, zone, clues);
    pulse.beat();
    float[] suggested = new float[zone.length];
    float[] weight = new float[zone.length];
    float[] known = new float[zone.length];
    for (int i = 0; i < zone.length; i++) {
      float side = trimap.depth().values()[i] > 0 ? 1 : 0;
      if (zone[i]) {
        float paired = pairs.trust()[i];
        float apart = local.trust(i);
        float say = outline.at(i);
        float all = paired + apart + say;
        float sum = paired * pairs.coverage()[i] + apart * local.coverage(linear, i) + say * side;
        suggested[i] = sum / Math.max(1e-6f, all);
        weight[i] = SUGGESTION * all / 2;
      } else {
        known[i] = side;
      }
    }
    float[] solved = ClosedForm.solve(linear, zone, known, suggested, weight, pulse);
    return fit(linear, zone, solved, pulse);
  }

  /** The band and the open places, and one pixel more for sampling between pixels. */
  static boolean[] undecided(Trimap trimap) {
    float[] depth = trimap.depth().values();
    float[] open = trimap.open().values();
    float[] band = trimap.bandRadius().values();
    boolean[] zone = new boolean[depth.length];
    for (int i = 0; i < zone.length; i++) {
      zone[i] = open[i] > 0 || Math.abs(depth[i]) < band[i];
    }
    return Morphology.dilate(zone, trimap.depth().width(), trimap.depth().height(), 1);
  }

  private static LinearCoverage fit(
      ColorPlanes linear, boolean[] zone, float[] coverage, Pulse pulse) {
    int width = linear.width();
    int height = linear.height();
    ColorPlanes slopes = new ColorPlanes(width, height);
    float[] atBlack = new float[coverage.length];
    ColourWindow window = new ColourWindow(linear, ClosedForm.LEAST_VARIANCE);
    int side = 2 * FIT_RADIUS + 1;
    int[] member = new int[side * side];
    float[] line = new float[4];
    for (int y = 0; y < height; y++) {
      pulse.beat();
      for (int x = 0; x < width; x++) {
        int i = y * width + x;
        if (!zone[i]) {
          continue;
        }
        for (int k = 0; k < member.length; k++) {
          int u = Math.max(0, Math.min(width - 1, x + k % side - FIT_RADIUS));
          int v = Math.max(0, Math.min(height - 1, y + k / side - FIT_RADIUS));
          member[k] = v * width + u;
        }
        window.stand(member);
        window.fit(coverage, line);
        slopes.c0()[i] = line[0];
        slopes.c1()[i] = line[1];
        slopes.c2()[i] = line[2];
        atBlack[i] = line[3];
      }
    }
    return new LinearCoverage(slopes, atBlack);
  }

  /** Coverage of a full-size pixel; the grid map must stand at it. */
  float at(GridMap map, int argb) {
    float coverage =
        map.sample(atBlack)
            + map.sample(slopes.c0()) * Srgb.toLinear(argb >> 16 & 0xFF)
            + map.sample(slopes.c1()) * Srgb.toLinear(argb >> 8 & 0xFF)
            + map.sample(slopes.c2()) * Srgb.toLinear(argb & 0xFF);
    return Math.max(0, Math.min(1, coverage));
  }
}
