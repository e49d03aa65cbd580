package org.ablebatch.core.matting;

import static org.ablebatch.core.Scenes.coverage;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.GridMap;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.trimap.Trimap;
import org.ablebatch.core.work.Pulse;
import org.junit.jupiter.api.Test;

/** Strands of two colours in front of a backdrop of two colours. */
class LinearCoverageTest {
  private static final int W = 160;
  private static final int H = 120;
  private static final int[] SUBJECT = {0x7A3B10, 0x182A60};
  private static final int[] BACKDROP = {0xE8E0C8, 0x8FC06A};
  private static final DoubleBinaryOperator BRUSH =
      (x, y) -> y > 80 ? 1 : y > 30 ? 0.9 - Math.abs(x % 6 - 3) : -1;

  @Test
  void bristlesComeBackThoughNeitherSideHasOneColour() {
    double[] truth = coverage(W, H, BRUSH);
    ColorPlanes linear = picture(truth);

    LinearCoverage solved = solve(linear, truth);

    double error = 0;
    int count = 0;
    GridMap map = new GridMap(W, H, W, H);
    for (int y = 35; y < 75; y++) {
      map.row(y);
      for (int x = 0; x < W; x++) {
        map.column(x);
        error += Math.abs(solved.at(map, argb(linear, y * W + x)) - truth[y * W + x]);
        count++;
      }
    }
    assertThat(error / count).as("mean error among the bristles").isLessThan(0.03);
  }

  @Test
  void whereNoSubjectColourIsSureThePixelsOwnSayStays() {
    double[] truth = coverage(W, H, (x, y) -> y < 80 ? 1.4 - Math.abs(x - 80) : -1);
    ColorPlanes linear = picture(truth);

    LinearCoverage solved = solve(linear, truth);

    GridMap map = new GridMap(W, H, W, H);
    map.row(40);
    map.column(79);
    assertThat(solved.at(map, argb(linear, 40 * W + 79))).isGreaterThan(0.8f);
    map.column(60);
    assertThat(solved.at(map, argb(linear, 40 * W + 60))).isLessThan(0.1f);
  }

  /** Everything above the solid part is open. */
  private static LinearCoverage solve(ColorPlanes linear, double[] truth) {
    float[] depth = new float[W * H];
    float[] open = new float[W * H];
    float[] band = new float[W * H];
    for (int i = 0; i < depth.length; i++) {
      int y = i / W;
      boolean thin = y < 81 && truth[i] > 0;
      depth[i] = y < 81 ? (thin ? (truth[i] > 0.5 ? 0.5f : -0.5f) : -(3f + y % 2)) : y - 80.5f;
      open[i] = y < 81 && near(truth, i) ? 1 : 0;
      band[i] = 2.6f;
    }
    Trimap trimap =
        new Trimap(
            new Plane(W, H, depth), new Plane(W, H, band), new Plane(W, H, open), new Plane(W, H));
    LocalColours local = LocalColours.spread(linear, trimap);
    return LinearCoverage.solve(
        linear, local, trimap, Optional.empty(), Asked.EVERYWHERE, Pulse.NONE);
  }

  private static boolean near(double[] truth, int i) {
    for (int off = -2; off <= 2; off++) {
      int j = i + off;
      if (j >= 0 && j < truth.length && truth[j] > 0) {
        return true;
      }
    }
    return false;
  }

  /** The left half has the first colours, the right half the second. */
  private static ColorPlanes picture(double[] truth) {
    ColorPlanes out = new ColorPlanes(W, H);
    for (int i = 0; i < truth.length; i++) {
      int half = i % W < W / 2 ? 0 : 1;
      for (int c = 0; c < 3; c++) {
        float f = Srgb.toLinear(SUBJECT[half] >> 16 - 8 * c & 0xFF);
        float b = Srgb.toLinear(BACKDROP[half] >> 16 - 8 * c & 0xFF);
        out.channel(c)[i] = (float) (truth[i] * f + (1 - truth[i]) * b);
      }
    }
    return out;
  }

  private static int argb(ColorPlanes linear, int i) {
    return new Picture(1, 1, new int[] {Srgb.pack(linear.c0()[i], linear.c1()[i], linear.c2()[i])})
        .at(0, 0);
  }
}
