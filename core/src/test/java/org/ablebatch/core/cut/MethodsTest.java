package org.ablebatch.core.cut;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.ablebatch.core.Scenes.fallingLight;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.prior.SubjectPrior;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.junit.jupiter.api.Test;

/** Which method the engine chooses, what each is good for, and what the priors may and may not. */
class MethodsTest {
  private static final int W = 400;
  private static final int H = 300;
  private static final int PAPER = 0xE8E2D2;
  private static final int INK = 0x1E2238;
  private static final int RED = 0xA83028;
  private static final Cutter ALONE = new Cutter(Priors.none());

  @Test
  void penStrokesOnUnevenPaperAreInk() {
    DoubleBinaryOperator wave =
        (x, y) -> {
          double slope = 60 / 23.0 * Math.cos(x / 23);
          double away = Math.abs(y - 150 - 60 * Math.sin(x / 23)) / Math.hypot(1, slope);
          return 1.3 - away;
        };
    double[] truth = coverage(W, H, (x, y) -> x > 40 && x < 360 ? wave.applyAsDouble(x, y) : -1);
    Picture page = compose(W, H, truth, INK, PAPER, fallingLight(), 1.5);

    CutOutcome.Done done = cut(ALONE, page);

    assertThat(done.method()).isEqualTo(Method.INK);
    assertThat(done.reason()).isEqualTo("thin strokes of one ink on light paper");
    assertThat(meanError(done.cutout().matte(), truth)).isLessThan(0.012);
  }

  @Test
  void aStainBelongsToThePaper() {
    double[] truth = coverage(W, H, (x, y) -> x > 60 && x < 340 ? 1.6 - Math.abs(y - 80) : -1);
    DoubleBinaryOperator stained =
        (u, v) -> Math.abs(Math.hypot(u * W - 200, v * H - 190) - 60) < 9 ? 0.86 : 1;
    Picture page = compose(W, H, truth, INK, PAPER, stained, 1);

    Matte matte = cut(ALONE, page).cutout().matte();

    assertThat(matte.at(200, 80)).isGreaterThan(230);
    assertThat(matte.at(260, 190)).as("on the stain’s ring").isZero();
    assertThat(matte.at(200, 190)).as("inside the stain").isZero();
  }

  @Test
  void inFlatArtAGapBetweenThingsOpensAndAPaintedSpotStays() {
    int[] argb = new int[W * H];
    for (int i = 0; i < argb.length; i++) {
      int x = i % W;
      int y = i / W;
      boolean left = x > 60 && x < 160 && y > 50 && y < 250;
      boolean right = x > 220 && x < 340 && y > 50 && y < 250;
      boolean bridges = x >= 160 && x <= 220 && (y > 50 && y < 80 || y > 220 && y < 250);
      boolean spot = Math.hypot(x - 280, y - 150) < 30;
      argb[i] = spot ? 0xFFE0C890 : left ? 0xFF902050 : right || bridges ? 0xFF3A8A60 : 0xFFE0C890;
    }
    CutOutcome.Done done = cut(ALONE, new Picture(W, H, argb));

    assertThat(done.method()).isEqualTo(Method.FLAT);
    assertThat(done.cutout().matte().at(190, 150)).as("gap").isZero();
    assertThat(done.cutout().matte().at(280, 150)).as("painted spot").isEqualTo(255);
  }

  /** A label in the paper's own colour, framed and printed on: print does not float in a hole. */
  @Test
  void aFramedPlaceWithPrintOnItIsASurface() {
    double[] frame = coverage(W, H, (x, y) -> Math.min(9 - Math.abs(boxDistance(x, y)), 1));
    double[] print = coverage(W, H, disc(200, 150, 40));
    double[] marks = new double[W * H];
    double[] truth = coverage(W, H, (x, y) -> 9 - boxDistance(x, y));
    for (int i = 0; i < marks.length; i++) {
      marks[i] = Math.max(frame[i], print[i]);
    }
    Picture packet = compose(W, H, marks, RED, PAPER, evenLight(), 1);

    Matte matte = cut(ALONE, packet).cutout().matte();

    assertThat(meanError(matte, truth)).isLessThan(0.01);
  }

  @Test
  void hairsOutsideTheSolidAreKept() {
    double[] truth =
        coverage(
            W,
            H,
            (x, y) -> {
              double angle = Math.atan2(y - 150, x - 200);
              double r = Math.hypot(x - 200, y - 150);
              double nearest = Math.abs(angle * 12 / Math.PI - Math.round(angle * 12 / Math.PI));
              double hair = r < 120 ? 1.1 - nearest * Math.PI / 12 * r : -1;
              return Math.max(70 - r, hair);
            });
    Picture tuft = compose(W, H, truth, 0x3A2618, 0xD8DCE0, evenLight(), 1);

    Matte matte = cut(ALONE, tuft).cutout().matte();

    assertThat(matte.at(200 + 105, 150)).as("far out on a hair").isGreaterThan(200);
    assertThat(meanError(matte, truth)).isLessThan(0.006);
  }

  @Test
  void aWrongGuessIsOutvotedByClearColours() {
    double[] truth = coverage(W, H, disc(130, 150, 60));
    Picture picture = compose(W, H, truth, RED, PAPER, evenLight(), 1);
    double[] elsewhere = coverage(W, H, disc(300, 150, 60));
    SubjectPrior wrong = planes -> plane(planes.width(), planes.height(), elsewhere);

    CutOutcome.Done misled =
        cut(new Cutter(new Priors(Optional.of(wrong), Optional.empty())), picture);

    assertThat(meanError(misled.cutout().matte(), truth)).isLessThan(0.01);
    assertThat(misled.confidence().percent())
        .as("but the contradiction is noticed")
        .isLessThan(cut(ALONE, picture).confidence().percent() - 20);
  }

  @Test
  void glassIsThinCoverageAndWhatStandsInItIsSolid() {
    DoubleBinaryOperator depth = (u, v) -> (110 - Math.hypot(u * W - 200, v * H - 150)) / 24;
    DoubleBinaryOperator glass =
        (u, v) -> 1 - 0.2 * Math.max(0, Math.min(1, depth.applyAsDouble(u, v)));
    double[] pot = coverage(W, H, disc(200, 180, 40));
    Picture picture = compose(W, H, pot, RED, 0xBCD0DA, glass, 1);
    double[] whole = coverage(W, H, disc(200, 150, 110));
    SubjectPrior sees = planes -> plane(planes.width(), planes.height(), whole);

    CutOutcome.Done done =
        cut(new Cutter(new Priors(Optional.of(sees), Optional.empty())), picture);

    assertThat(done.method()).isEqualTo(Method.SEE_THROUGH);
    Matte matte = done.cutout().matte();
    assertThat(matte.at(200, 180)).as("pot").isEqualTo(255);
    assertThat(matte.at(200, 90)).as("glass lets most light through").isBetween(36, 62);
    assertThat(matte.at(40, 40)).as("paper").isZero();
    assertThat(done.cutout().colours().at(200, 90) & 0xFF).as("darkens").isLessThan(40);
  }

  @Test
  void aClearOpeningIsNoGlassEvenIfTheGuessFillsIt() {
    double[] ring = coverage(W, H, (x, y) -> 12 - Math.abs(Math.hypot(x - 200, y - 150) - 98));
    Picture picture = compose(W, H, ring, RED, 0xBCD0DA, evenLight(), 1);
    double[] whole = coverage(W, H, disc(200, 150, 110));
    SubjectPrior fills = planes -> plane(planes.width(), planes.height(), whole);

    CutOutcome.Done done =
        cut(new Cutter(new Priors(Optional.of(fills), Optional.empty())), picture);

    assertThat(done.method()).isNotEqualTo(Method.SEE_THROUGH);
    assertThat(done.cutout().matte().at(200, 150)).isZero();
  }

  @Test
  void twoSolidThingsOnPaperAreNoInk() {
    double[] truth =
        coverage(
            W,
            H,
            (x, y) ->
                Math.max(50 - Math.hypot(x - 110, y - 150), 50 - Math.hypot(x - 290, y - 150)));
    double[] aliased = new double[truth.length];
    for (int i = 0; i < truth.length; i++) {
      aliased[i] = truth[i] > 0.5 ? 1 : 0;
    }
    CutOutcome.Done done = cut(ALONE, compose(W, H, aliased, RED, PAPER, evenLight(), 0.6));

    assertThat(done.method()).isNotEqualTo(Method.INK);
    assertThat(done.cutout().matte().at(110, 150)).isEqualTo(255);
  }

  @Test
  void inFlatArtAFaintColourIsAnotherColour() {
    double[] truth = coverage(W, H, disc(200, 150, 80));
    Picture art = compose(W, H, truth, 0xDDE4EC, 0xE8E6E0, evenLight(), 0);

    CutOutcome.Done done = cut(ALONE, art);

    assertThat(done.method()).isEqualTo(Method.FLAT);
    assertThat(meanError(done.cutout().matte(), truth)).isLessThan(0.01);
  }

  private static double boxDistance(double x, double y) {
    return Math.max(Math.abs(x - 200) - 110, Math.abs(y - 150) - 90);
  }

  private static CutOutcome.Done cut(Cutter cutter, Picture picture) {
    return (CutOutcome.Done) cutter.cut(picture, Method.AUTO, CutProgress.NONE);
  }

  private static Plane plane(int width, int height, double[] values) {
    float[] out = new float[width * height];
    for (int i = 0; i < out.length; i++) {
      int x = i % width * W / width;
      int y = i / width * H / height;
      out[i] = (float) (0.02 + 0.96 * values[y * W + x]);
    }
    return new Plane(width, height, out);
  }

  private static double meanError(Matte matte, double[] truth) {
    double sum = 0;
    for (int i = 0; i < truth.length; i++) {
      sum += Math.abs((matte.coverage()[i] & 0xFF) / 255.0 - truth[i]);
    }
    return sum / truth.length;
  }
}
