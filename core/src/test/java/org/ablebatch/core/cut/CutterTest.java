package org.ablebatch.core.cut;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.ablebatch.core.Scenes.fallingLight;
import static org.ablebatch.core.Scenes.ring;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CutterTest {
  private static final Cutter CUTTER = new Cutter(Priors.none());

  private static final int W = 320;
  private static final int H = 240;
  private static final int RED = 0xB03028;
  private static final int PAPER = 0xE8E6E0;
  private static final int TEAL = 0x4A9AA0;

  @Test
  void aDiscOnPlainPaperComesBackWithItsOwnCoverage() {
    double[] truth = coverage(W, H, disc(160.3, 119.6, 70));

    CutOutcome.Done done = cut(compose(W, H, truth, RED, PAPER, evenLight(), 1));

    assertThat(done.method()).isEqualTo(Method.PLAIN);
    assertThat(error(truth, done.cutout().matte())).isLessThan(0.004);
    assertThat(done.confidence().percent()).isGreaterThan(60);
    assertThat(done.subjects().keptCount()).isEqualTo(1);
  }

  @Test
  void aRingKeepsItsHoleOpen() {
    double[] truth = coverage(W, H, ring(160, 120, 80, 45));

    Matte matte = cut(compose(W, H, truth, RED, PAPER, evenLight(), 1)).cutout().matte();

    assertThat(matte.at(160, 120)).isZero();
    assertThat(matte.at(160 + 62, 120)).isEqualTo(255);
    assertThat(error(truth, matte)).isLessThan(0.006);
  }

  @Test
  void fallingLightBelongsToTheBackdrop() {
    double[] truth = coverage(W, H, disc(170, 110, 60));

    CutOutcome.Done done = cut(compose(W, H, truth, RED, PAPER, fallingLight(), 1));

    assertThat(done.method()).isEqualTo(Method.UNEVEN);
    assertThat(error(truth, done.cutout().matte())).isLessThan(0.006);
  }

  @Test
  void aSoftShadowIsTakenAway() {
    double[] truth = coverage(W, H, disc(150, 110, 50));
    Picture picture =
        compose(
            W,
            H,
            truth,
            RED,
            PAPER,
            (u, v) -> 1 - 0.35 * Math.exp(-40 * (sq(u - 0.6) + sq((v - 0.66) * 2))),
            0.5);

    Matte matte = cut(picture).cutout().matte();

    assertThat(matte.at(210, 165)).as("inside the shadow, beside the disc").isLessThan(13);
    assertThat(error(truth, matte)).isLessThan(0.012);
  }

  @ParameterizedTest
  @ValueSource(ints = {0x202020, 0x465A3C, 0x707070, 0x9A9894, 0xC4C2BC})
  void aGreyThingOnPaperIsNoShadow(int grey) {
    double[] truth = coverage(W, H, disc(160, 120, 60));

    Matte matte = cut(compose(W, H, truth, grey, PAPER, evenLight(), 0.5)).cutout().matte();

    assertThat(error(truth, matte)).isLessThan(0.012);
  }

  @Test
  void edgeColoursHoldNoBackdrop() {
    double[] truth = coverage(W, H, disc(160, 120, 70));

    Cutout cutout = cut(compose(W, H, truth, RED, TEAL, evenLight(), 0)).cutout();

    int worst = 0;
    for (int i = 0; i < truth.length; i++) {
      if (truth[i] > 0.2 && truth[i] < 1) {
        worst = Math.max(worst, largestDifference(cutout.colours().argb()[i], RED));
      }
    }
    assertThat(worst).isLessThan(24);
  }

  @Test
  void oneEvenColourHasNoSubject() {
    Picture even = flat(64, 48, 0xFF808080);

    CutOutcome outcome = CUTTER.cut(even, Method.AUTO, CutProgress.NONE);

    assertThat(outcome)
        .isInstanceOfSatisfying(
            CutOutcome.NothingFound.class,
            nothing ->
                assertThat(nothing.reason())
                    .isEqualTo("No subject found: the picture is one even colour"));
  }

  @ParameterizedTest
  @CsvSource({"1,1", "1,40", "40,1", "2,2", "3,200"})
  void tinyPicturesEndInAnOutcome(int width, int height) {
    Picture picture = flat(width, height, 0xFFC0B0A0);

    assertThat(CUTTER.cut(picture, Method.AUTO, CutProgress.NONE)).isNotNull();
    assertThat(CUTTER.cut(picture, Method.BUSY, CutProgress.NONE)).isNotNull();
  }

  @Test
  void transparencyOfTheFileIsKept() {
    Picture picture = flat(20, 20, 0xFF204060);
    picture.argb()[5] = 0x40204060;

    CutOutcome.Done done = cut(picture);

    assertThat(done.method()).isEqualTo(Method.TRANSPARENT);
    assertThat(done.cutout().matte().at(5, 0)).isEqualTo(0x40);
    assertThat(done.cutout().toPicture().argb()).isEqualTo(picture.argb());
  }

  @Test
  void theSameSubjectOnAnotherBackdropHasTheSameMatte() {
    double[] truth = coverage(W, H, ring(150, 125, 85, 40));

    Matte onPaper = cut(compose(W, H, truth, RED, PAPER, evenLight(), 1)).cutout().matte();
    Matte onTeal = cut(compose(W, H, truth, RED, TEAL, evenLight(), 1)).cutout().matte();

    assertThat(difference(onPaper, onTeal)).isLessThan(0.006);
  }

  @Test
  void aMirroredPictureHasTheMirroredMatte() {
    double[] truth = coverage(W, H, disc(120, 130, 55));
    Picture picture = compose(W, H, truth, RED, PAPER, fallingLight(), 0);

    Matte straight = cut(picture).cutout().matte();
    Matte mirrored = cut(mirror(picture)).cutout().matte();

    double sum = 0;
    for (int y = 0; y < H; y++) {
      for (int x = 0; x < W; x++) {
        sum += Math.abs(straight.at(x, y) - mirrored.at(W - 1 - x, y));
      }
    }
    assertThat(sum / (255.0 * W * H)).isLessThan(0.004);
  }

  @Test
  void everyThreadMakesTheSameBytes() throws Exception {
    Picture picture =
        compose(W, H, coverage(W, H, ring(160, 120, 80, 45)), RED, PAPER, fallingLight(), 2);
    ExecutorService pool = Executors.newFixedThreadPool(3);
    try {
      Callable<byte[]> task = () -> cut(picture).cutout().matte().coverage();
      var results =
          pool.invokeAll(Stream.generate(() -> task).limit(6).collect(Collectors.toList()));
      byte[] first = results.get(0).get();
      for (var result : results) {
        assertThat(Arrays.equals(first, result.get())).isTrue();
      }
    } finally {
      pool.shutdownNow();
    }
  }

  @Test
  void aBusyPictureIsCutWithLessConfidenceThanAPlainOne() {
    double[] truth = coverage(W, H, disc(160, 120, 70));
    Picture plain = compose(W, H, truth, RED, PAPER, evenLight(), 1);
    Picture busy =
        compose(
            W,
            H,
            truth,
            RED,
            TEAL,
            (u, v) -> ((int) (u * 16) + (int) (v * 12)) % 2 == 0 ? 1 : 0.3,
            6);

    CutOutcome.Done onBusy = cut(busy);

    assertThat(onBusy.method()).isEqualTo(Method.BUSY);
    assertThat(onBusy.reason()).contains("patterned or busy").contains("no learned prior");
    assertThat(onBusy.confidence().percent()).isLessThan(50);
    assertThat(onBusy.confidence().percent()).isLessThan(cut(plain).confidence().percent());
  }

  @Test
  void stoppingLeavesNothing() {
    Picture picture = flat(32, 32, 0xFFFFFFFF);

    assertThatThrownBy(() -> CUTTER.cut(picture, Method.AUTO, stage -> stage != CutStage.FIND))
        .isInstanceOf(CutStopped.class);
  }

  @Test
  void edgeColoursAndMatteMakeTheCutoutAgain() {
    Picture picture = compose(W, H, coverage(W, H, disc(160, 120, 70)), RED, TEAL, evenLight(), 1);
    Cutout cutout = cut(picture).cutout();

    Cutout again = Cutout.of(picture, cutout.matte(), cutout.edgeColours(picture));

    assertThat(again.toPicture().argb()).isEqualTo(cutout.toPicture().argb());
  }

  @Test
  void confidenceStaysWithinItsRange() {
    CutOutcome.Done done =
        cut(compose(W, H, coverage(W, H, disc(0, 0, 200)), RED, PAPER, evenLight(), 1));

    assertThat(done.confidence().percent()).isBetween(0, 100);
    assertThat(done.confidence().freedom()).isCloseTo(0.3, within(0.35));
  }

  private static CutOutcome.Done cut(Picture picture) {
    return (CutOutcome.Done) CUTTER.cut(picture, Method.AUTO, CutProgress.NONE);
  }

  private static Picture flat(int width, int height, int argb) {
    int[] pixels = new int[width * height];
    Arrays.fill(pixels, argb);
    return new Picture(width, height, pixels);
  }

  private static Picture mirror(Picture in) {
    int[] out = new int[in.argb().length];
    for (int i = 0; i < out.length; i++) {
      out[i] = in.at(in.width() - 1 - i % in.width(), i / in.width());
    }
    return new Picture(in.width(), in.height(), out);
  }

  private static double error(double[] truth, Matte matte) {
    double sum = 0;
    for (int i = 0; i < truth.length; i++) {
      sum += Math.abs(truth[i] - (matte.coverage()[i] & 0xFF) / 255.0);
    }
    return sum / truth.length;
  }

  private static double difference(Matte a, Matte b) {
    double sum = 0;
    for (int i = 0; i < a.coverage().length; i++) {
      sum += Math.abs((a.coverage()[i] & 0xFF) - (b.coverage()[i] & 0xFF)) / 255.0;
    }
    return sum / a.coverage().length;
  }

  private static int largestDifference(int argb, int rgb) {
    int worst = 0;
    for (int shift = 0; shift <= 16; shift += 8) {
      worst = Math.max(worst, Math.abs((argb >> shift & 0xFF) - (rgb >> shift & 0xFF)));
    }
    return worst;
  }

  private static double sq(double v) {
    return v * v;
  }
}
