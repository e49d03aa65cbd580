package org.ablebatch.core.matting;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.GridMap;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.reading.AreaShrink;
import org.ablebatch.core.subject.SubjectRegion;
import org.ablebatch.core.trimap.Trimap;
import org.ablebatch.core.work.Pulse;
import org.junit.jupiter.api.Test;

class BandMattingTest {
  private static final int W = 160;
  private static final int H = 120;
  private static final int RED = 0xA02820;
  private static final int PAPER = 0xE8E4DC;

  @Test
  void coverageComesBackWithinAFewLevels() {
    double[] truth = coverage(W, H, disc(80, 60, 35));
    Matte matte = solve(truth, RED, PAPER).matte();

    for (int i = 0; i < truth.length; i++) {
      assertThat(matte.coverage()[i] & 0xFF)
          .as("pixel %d, %d", i % W, i / W)
          .isCloseTo((int) Math.round(255 * truth[i]), within(20));
    }
  }

  @Test
  void edgeColoursAreTheSubjectsOwn() {
    double[] truth = coverage(W, H, disc(80, 60, 35));
    Picture colours = solve(truth, RED, PAPER).colours();

    for (int i = 0; i < truth.length; i++) {
      if (truth[i] > 0.1 && truth[i] < 0.9) {
        int green = colours.argb()[i] >> 8 & 0xFF;
        assertThat(green).as("green at coverage %.2f", truth[i]).isCloseTo(0x28, within(14));
      }
    }
  }

  @Test
  void whereColoursAreAlikeTheOutlineDecides() {
    double[] truth = coverage(W, H, disc(80, 60, 35));
    Matte matte = solve(truth, PAPER, PAPER).matte();

    assertThat(matte.at(80, 60)).isEqualTo(255);
    assertThat(matte.at(5, 5)).isZero();
    assertThat(matte.at(80 + 34, 60)).isGreaterThan(100);
    assertThat(matte.at(80 + 37, 60)).isLessThan(128);
  }

  @Test
  void amongStrandsThatColoursCannotTellTheSolidStays() {
    double[] truth = coverage(W, H, disc(80, 60, 35));
    Trimap closed = trimap(truth, RED, PAPER);
    Plane open = near(closed, 14);
    Matte matte = solve(feathers(truth), closed, open, closed.asFound());
    Matte byColours = solve(feathers(truth), closed, open, new Plane(W, H));

    double within = mean(matte, closed, 5, 12);
    assertThat(within).as("well within").isGreaterThan(0.82);
    assertThat(within)
        .as("and more than where every pixel speaks against its side")
        .isGreaterThan(mean(byColours, closed, 5, 12) + 0.05);
    assertThat(mean(matte, closed, -12, -5)).as("well outside").isLessThan(0.1);
  }

  @Test
  void whereItWasLearnedThatTheOutlineIsRightTheSolidStays() {
    double[] truth = coverage(W, H, disc(80, 60, 35));
    Trimap closed = trimap(truth, RED, PAPER);
    double certain = mean(solve(truth, closed, "0\n0 0 1 2;0;1", false), closed, 5, 12);
    double unsure = mean(solve(truth, closed, "0.5", false), closed, 5, 12);
    double mixed = mean(solve(truth, closed, "0\n0 0 1 2;0;1", true), closed, 5, 12);

    assertThat(certain).as("well within").isGreaterThan(0.9);
    assertThat(unsure).as("colours alone").isLessThan(certain - 0.1);
    assertThat(mixed).as("where somebody has marked a mixture").isEqualTo(unsure);
  }

  private static Matte solve(double[] truth, Trimap closed, String trees, boolean isMixed) {
    Picture picture = feathers(truth);
    boolean[] mixed = new boolean[W * H];
    Arrays.fill(mixed, isMixed);
    StrandClues clues =
        new StrandClues(LearnedTrees.parse(trees), new Plane(W, H), new Plane(W, H), mixed);
    Trimap opened =
        new Trimap(closed.depth(), closed.bandRadius(), near(closed, 14), closed.asFound());
    return BandMatting.solve(
            picture,
            AreaShrink.toLinear(picture, W, H),
            opened,
            Optional.of(clues),
            Optional.empty(),
            Pulse.NONE)
        .matte();
  }

  /** Open on either side of the outline. */
  private static Plane near(Trimap trimap, float most) {
    Plane open = new Plane(W, H);
    for (int i = 0; i < open.values().length; i++) {
      open.values()[i] = Math.abs(trimap.depth().values()[i]) < most ? 1 : 0;
    }
    return open;
  }

  private static Matte solve(Picture picture, Trimap closed, Plane open, Plane asFound) {
    Trimap opened = new Trimap(closed.depth(), closed.bandRadius(), open, asFound);
    ColorPlanes linear = AreaShrink.toLinear(picture, W, H);
    return BandMatting.solve(picture, linear, opened, Asked.EVERYWHERE).matte();
  }

  /** Speckled in greys around that of the wall that it stands before. */
  private static Picture feathers(double[] truth) {
    Random random = new Random(5);
    int[] argb = new int[truth.length];
    for (int i = 0; i < argb.length; i++) {
      double spread = truth[i] > 0.5 ? 30 : 4;
      int grey = (int) Math.max(0, Math.min(255, 0x80 + spread * random.nextGaussian()));
      argb[i] = 0xFF000000 | grey << 16 | grey << 8 | grey;
    }
    return new Picture(W, H, argb);
  }

  /** Mean coverage between two depths. */
  private static double mean(Matte matte, Trimap trimap, float from, float to) {
    double sum = 0;
    int count = 0;
    for (int i = 0; i < matte.coverage().length; i++) {
      float depth = trimap.depth().values()[i];
      if (depth > from && depth < to) {
        sum += (matte.coverage()[i] & 0xFF) / 255.0;
        count++;
      }
    }
    return sum / count;
  }

  @Test
  void strandsThatColoursTellStayOpen() {
    double[] truth = coverage(W, H, disc(80, 60, 35));
    double[] hairy = truth.clone();
    for (int y = 12; y < 26; y++) {
      for (int x = 66; x < 96; x += 6) {
        hairy[y * W + x] = 1;
      }
    }
    Trimap closed = trimap(truth, RED, PAPER);
    Plane asFound = new Plane(W, H);
    for (int i = 0; i < truth.length; i++) {
      asFound.values()[i] = hairy[i] == truth[i] ? 1 : 0;
    }
    Picture picture = compose(W, H, hairy, RED, PAPER, evenLight(), 0);
    Matte matte = solve(picture, closed, near(closed, 18), asFound);

    for (int y = 14; y < 24; y++) {
      assertThat(matte.at(72, y)).as("a hair at %d", y).isGreaterThan(150);
      assertThat(matte.at(75, y)).as("between hairs at %d", y).isLessThan(60);
    }
  }

  @Test
  void anEdgeOutOfFocusComesBackAsSoftAsItIs() {
    double[] truth = new double[W * H];
    for (int i = 0; i < truth.length; i++) {
      double beyond = Math.hypot(i % W - 80, i / W - 60.0) - 35;
      truth[i] = 1 / (1 + Math.exp(beyond / 2.5));
    }
    Matte matte = solve(truth, RED, PAPER).matte();

    double error = 0;
    for (int x = 80; x < W; x++) {
      double off = Math.abs(matte.at(x, 60) / 255.0 - truth[60 * W + x]);
      error = Math.max(error, off);
    }
    assertThat(error).as("largest error along a ray").isLessThan(0.1);
  }

  @Test
  void theShareOfTheBandIsReported() {
    double[] truth = coverage(W, H, disc(80, 60, 35));
    BandMatting.Result result = solve(truth, RED, PAPER);

    assertThat(result.bandShare()).isBetween(0.03, 0.12);
    assertThat(result.contrast()).isGreaterThan(0.5);
  }

  @Test
  void whereItIsAskedForItIsAsWhenAllIsSolved() {
    double[] truth = coverage(W, H, disc(80, 60, 35));
    boolean[] right = new boolean[W * H];
    for (int i = 0; i < right.length; i++) {
      right[i] = i % W > 90;
    }
    Matte all = solve(truth, RED, PAPER).matte();
    Matte some = solve(truth, RED, PAPER, Asked.in(right, W, H)).matte();

    for (int i = 0; i < right.length; i++) {
      if (right[i]) {
        assertThat(some.coverage()[i] & 0xFF).isCloseTo(all.coverage()[i] & 0xFF, within(1));
      } else if (i % W < 80) {
        assertThat(some.coverage()[i] & 0xFF).isIn(0, 255);
      }
    }
  }

  @Test
  void aGridMapIsExactOnALinearRamp() {
    int coarse = 20;
    float[] ramp = new float[coarse * coarse];
    for (int i = 0; i < ramp.length; i++) {
      ramp[i] = (i % coarse + 0.5f) / coarse;
    }
    GridMap map = new GridMap(100, 60, coarse, coarse);
    map.row(30);
    map.column(50);
    assertThat(map.sample(ramp)).isCloseTo(50.5f / 100, within(1e-5f));
    map.column(0);
    assertThat(map.sample(ramp)).isCloseTo(0.5f / coarse, within(1e-5f));
  }

  private static BandMatting.Result solve(double[] truth, int subjectRgb, int backdropRgb) {
    return solve(truth, subjectRgb, backdropRgb, Asked.EVERYWHERE);
  }

  private static BandMatting.Result solve(
      double[] truth, int subjectRgb, int backdropRgb, Asked asked) {
    Picture picture = compose(W, H, truth, subjectRgb, backdropRgb, evenLight(), 0);
    Trimap drawn = trimap(truth, subjectRgb, backdropRgb);
    Trimap closed = new Trimap(drawn.depth(), drawn.bandRadius(), new Plane(W, H), drawn.asFound());
    return BandMatting.solve(picture, AreaShrink.toLinear(picture, W, H), closed, asked);
  }

  private static Trimap trimap(double[] truth, int subjectRgb, int backdropRgb) {
    Picture picture = compose(W, H, truth, subjectRgb, backdropRgb, evenLight(), 0);
    ColorPlanes linear = AreaShrink.toLinear(picture, W, H);
    boolean[] subject = new boolean[truth.length];
    for (int i = 0; i < subject.length; i++) {
      subject[i] = truth[i] > 0.5;
    }
    SubjectRegion region = new SubjectRegion(W, H, subject, new boolean[W * H], new float[W * H]);
    return Trimap.around(region, AreaShrink.toOkLab(linear), 0.004f);
  }
}
