package org.ablebatch.core.trimap;

import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.function.DoubleBinaryOperator;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.subject.SubjectRegion;
import org.junit.jupiter.api.Test;

class TrimapTest {
  private static final int W = 120;
  private static final int H = 90;
  private static final float CALM = 0.004f;

  @Test
  void depthIsSignedAndZeroBetweenThePixelsOfTheOutline() {
    Trimap trimap = trimap((x, y) -> 60 - x, (x, y) -> 60 - x, CALM);

    assertThat(trimap.depth().at(59, 40)).isCloseTo(0.5f, within(1e-5f));
    assertThat(trimap.depth().at(60, 40)).isCloseTo(-0.5f, within(1e-5f));
    assertThat(trimap.depth().at(50, 40)).isCloseTo(9.5f, within(1e-5f));
    assertThat(trimap.depth().at(100, 40)).isCloseTo(-40.5f, within(1e-5f));
  }

  @Test
  void aSmoothOutlineOpensNothingBeyondItsBand() {
    Trimap trimap = trimap(disc(60, 45, 25), disc(60, 45, 25), CALM);

    assertThat(openBeyondTheBand(trimap)).isZero();
  }

  @Test
  void aHairThatLeavesTheSolidIsOpen() {
    Trimap trimap = trimap(disc(60, 45, 25), hairy(25, 45), CALM);

    assertThat(trimap.open().at(60, 12)).isEqualTo(1);
    assertThat(trimap.open().at(80, 12)).isZero();
  }

  @Test
  void aThinThingThatTouchesNothingStaysClosed() {
    DoubleBinaryOperator apart =
        (x, y) ->
            Math.max(25 - Math.hypot(x - 60, y - 45), y < 85 && y > 76 ? 1 - Math.abs(x - 20) : -1);

    Trimap trimap = trimap(disc(60, 45, 25), apart, CALM);

    assertThat(trimap.open().at(20, 80)).isZero();
  }

  @Test
  void onARoughBackdropFaintLinesAreNoHair() {
    Trimap trimap = trimap(disc(60, 45, 25), hairy(25, 45), 0.15f);

    assertThat(trimap.open().at(60, 12)).isZero();
  }

  @Test
  void aDarkHairThatWasTakenForShadowIsOpen() {
    Trimap trimap = trimap(disc(60, 45, 25), hairy(25, 45), CALM, -1, 0);

    assertThat(trimap.open().at(60, 12)).isEqualTo(1);
  }

  @Test
  void aPixelSpeaksForItsSideUnlessSomebodySaidThatAllIsMixed() {
    Trimap hair = trimap(disc(60, 45, 25), hairy(25, 45), CALM);
    Trimap shadowy = trimap(disc(60, 45, 25), hairy(25, 45), CALM, -1, 0);

    assertThat(hair.asFound().at(60, 45)).as("within").isEqualTo(1);
    assertThat(hair.asFound().at(60, 12)).as("a hair outside in the subject's colour").isZero();
    assertThat(shadowy.asFound().at(60, 12)).as("one in the backdrop's").isEqualTo(1);
    assertThat(mixed().asFound().values()).containsOnly(0);
  }

  @Test
  void aThinShadowBesideAColouredThingIsNoHair() {
    Trimap trimap = trimap(disc(60, 45, 25), hairy(25, 45), CALM, -1, 0.2f);

    assertThat(trimap.open().at(60, 12)).isZero();
  }

  @Test
  void theBandIsAsWideAsTheEdgeIsBlurred() {
    Plane sharp = trimap(disc(60, 45, 25), disc(60, 45, 25), 0.004f).bandRadius();
    DoubleBinaryOperator disc = disc(60, 45, 25);
    Plane soft = trimap(disc, (x, y) -> 0.5 + disc.applyAsDouble(x, y) / 20, 0.004f).bandRadius();

    assertThat(sharp.at(85, 45)).isLessThan(3);
    assertThat(soft.at(85, 45)).isGreaterThan(7);
  }

  /** Somebody has marked all of the picture. */
  private static Trimap mixed() {
    boolean[] all = new boolean[W * H];
    Arrays.fill(all, true);
    SubjectRegion region = new SubjectRegion(W, H, all, new boolean[W * H], new float[W * H]);
    return Trimap.around(region, new ColorPlanes(W, H), CALM, all);
  }

  private static DoubleBinaryOperator hairy(double radius, double length) {
    return (x, y) ->
        Math.max(
            radius - Math.hypot(x - 60, y - 45),
            y < 45 && y > 45 - length ? 1 - Math.abs(x - 60) : -1);
  }

  private static int openBeyondTheBand(Trimap trimap) {
    int count = 0;
    for (int i = 0; i < W * H; i++) {
      boolean beyond = Math.abs(trimap.depth().values()[i]) > trimap.bandRadius().values()[i];
      count += beyond && trimap.open().values()[i] > 0 ? 1 : 0;
    }
    return count;
  }

  /**
   * @param solid what was found
   * @param shown what the picture shows, dark on light
   */
  private static Trimap trimap(
      DoubleBinaryOperator solid, DoubleBinaryOperator shown, float sigma) {
    return trimap(solid, shown, sigma, 1, 0);
  }

  /**
   * @param beyond evidence of what is shown beyond the solid
   * @param red how red the solid is and what it shows beyond is not, OKLab a
   */
  private static Trimap trimap(
      DoubleBinaryOperator solid,
      DoubleBinaryOperator shown,
      float sigma,
      float beyond,
      float red) {
    double[] found = coverage(W, H, solid);
    double[] seen = coverage(W, H, shown);
    boolean[] subject = new boolean[W * H];
    float[] evidence = new float[W * H];
    ColorPlanes lab = new ColorPlanes(W, H);
    for (int i = 0; i < subject.length; i++) {
      subject[i] = found[i] > 0.5;
      evidence[i] = subject[i] ? 1 : seen[i] > 0.5 ? beyond : -1;
      boolean coloured = red > 0 && subject[i];
      lab.c0()[i] = (float) (0.85 - (coloured ? 0.1 : 0.6) * seen[i]);
      lab.c1()[i] = coloured ? red : 0;
    }
    SubjectRegion region = new SubjectRegion(W, H, subject, new boolean[W * H], evidence);
    return Trimap.around(region, lab, sigma);
  }
}
