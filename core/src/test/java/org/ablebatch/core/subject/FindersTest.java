package org.ablebatch.core.subject;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.ablebatch.core.Scenes.ring;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.work.Pulse;
import org.junit.jupiter.api.Test;

/** The two ways of finding a subject, at reading size. */
class FindersTest {
  private static final int W = 240;
  private static final int H = 180;
  private static final int PAPER = 0xE4E0D8;
  private static final int TEAL = 0x2C8C92;
  private static final int RED = 0xA83028;

  @Test
  void aRingsHoleIsOpened() {
    SubjectRegion region = plain(ring(120, 90, 60, 38), RED, PAPER, evenLight());

    assertThat(region.subject()[90 * W + 120]).isFalse();
    assertThat(region.subject()[90 * W + 71]).isTrue();
    assertThat(Subjects.in(region, new Rect(0, 0, W, H)).list()).hasSize(1);
  }

  @Test
  void aHardShadowOnColouredPaperIsLeftOut() {
    DoubleBinaryOperator shadow = (u, v) -> Math.hypot(u * W - 165, v * H - 105) < 40 ? 0.45 : 1;

    SubjectRegion region = plain(disc(120, 90, 40), RED, TEAL, shadow);

    assertThat(region.subject()[90 * W + 120]).isTrue();
    assertThat(region.subject()[105 * W + 185]).as("in the shadow").isFalse();
  }

  @Test
  void twoThingsAreTwoParts() {
    SubjectRegion region =
        plain(
            (x, y) -> Math.max(30 - Math.hypot(x - 60, y - 90), 25 - Math.hypot(x - 180, y - 90)),
            RED,
            PAPER,
            evenLight());

    List<Subject> subjects = Subjects.in(region, new Rect(0, 0, 2 * W, 2 * H)).list();
    assertThat(subjects).extracting(Subject::number).containsExactly(1, 2);
    assertThat(subjects.get(0).box()).isEqualTo(new Rect(60, 120, 120, 120));
    assertThat(subjects.get(1).box().x()).isEqualTo(310);
  }

  @Test
  void evidenceIsPositiveOnTheSubjectAndNegativeOnThePaper() {
    SubjectRegion region = plain(disc(120, 90, 40), RED, PAPER, evenLight());

    assertThat(region.evidence()[90 * W + 120]).isGreaterThan(0);
    assertThat(region.evidence()[10 * W + 10]).isLessThan(0);
  }

  @Test
  void aWireBasketInFrontOfStripesIsOpenedThoughTheGuessFillsIt() {
    DoubleBinaryOperator wires =
        (x, y) ->
            Math.hypot(x - 120, y - 90) > 62
                ? -1
                : Math.max(
                    Math.max(2.5 - Math.abs(x % 20 - 10), 2.5 - Math.abs(y % 20 - 10)),
                    Math.hypot(x - 120, y - 90) - 57);
    DoubleBinaryOperator stripes = (u, v) -> (int) (u * 24) % 2 == 0 ? 1 : 0.55;
    double[] truth = coverage(W, H, wires);
    Picture picture = compose(W, H, truth, 0x202024, 0xC89A60, stripes, 3);
    double[] filled = coverage(W, H, disc(120, 90, 62));

    SubjectRegion region = new SceneSubjectFinder().find(guessing(picture, filled), Pulse.NONE);

    int openings = 0;
    for (int i = 0; i < truth.length; i++) {
      openings += filled[i] > 0.5 && truth[i] < 0.5 ? 1 : 0;
    }
    assertThat(disagreement(region, truth)).isLessThan(openings / (2.0 * truth.length));
  }

  @Test
  void onAPatternTheGuessPicksTheThingAndColoursFindItsOutline() {
    double[] truth = coverage(W, H, disc(110, 95, 45));
    DoubleBinaryOperator checks = (u, v) -> ((int) (u * 16) + (int) (v * 12)) % 2 == 0 ? 1 : 0.4;
    Picture picture = compose(W, H, truth, RED, TEAL, checks, 4);
    double[] rough = coverage(W, H, disc(118, 100, 38));

    SubjectRegion region = new SceneSubjectFinder().find(guessing(picture, rough), Pulse.NONE);

    assertThat(disagreement(region, truth)).isLessThan(0.01);
  }

  @Test
  void withoutAGuessTheMiddleIsSearched() {
    double[] truth = coverage(W, H, disc(120, 90, 45));
    DoubleBinaryOperator checks = (u, v) -> ((int) (u * 16) + (int) (v * 12)) % 2 == 0 ? 1 : 0.4;
    Picture picture = compose(W, H, truth, RED, TEAL, checks, 4);

    SubjectRegion region =
        new SceneSubjectFinder().find(Scene.read(picture, W * H, Priors.none()), Pulse.NONE);

    assertThat(disagreement(region, truth)).isLessThan(0.03);
  }

  @Test
  void aGapThatIsLitOtherwiseIsKnownByTheGapsBesideIt() {
    double[] fence =
        coverage(
            W,
            H,
            (x, y) ->
                x < 20 || x > 220 || y < 20 || y > 160
                    ? -1
                    : Math.max(4 - Math.abs(x % 25 - 12), 4 - Math.abs(y % 40 - 20)));
    DoubleBinaryOperator floor =
        (u, v) -> v * H > 100 && v * H < 140 && u * W > 37 && u * W < 187 ? 1.1 : 1;
    Picture picture = compose(W, H, fence, RED, 0xC8C6C0, floor, 1);
    double[] filled =
        coverage(W, H, (x, y) -> Math.min(18 - Math.abs(x - 112), 12 - Math.abs(y - 120)));

    SubjectRegion region = new PlainSubjectFinder().find(guessing(picture, filled), Pulse.NONE);

    assertThat(region.subject()[120 * W + 99]).as("a gap that the guess fills").isFalse();
    assertThat(region.subject()[120 * W + 124]).as("another").isFalse();
    assertThat(region.subject()[120 * W + 112]).as("the bar between them").isTrue();
  }

  @Test
  void printInAHoleMakesItASurfaceOnlyWhenItTouchesNothing() {
    double[] framed =
        coverage(
            W,
            H,
            (x, y) ->
                Math.max(
                    ring(120, 90, 60, 50).applyAsDouble(x, y), 18 - Math.hypot(x - 120, y - 90)));
    double[] spoked =
        coverage(
            W,
            H,
            (x, y) ->
                Math.max(
                    ring(120, 90, 60, 50).applyAsDouble(x, y),
                    Math.hypot(x - 120, y - 90) < 55 ? 4 - Math.abs(y - 90) : -1));

    SubjectRegion badge = find(compose(W, H, framed, RED, PAPER, evenLight(), 1));
    SubjectRegion wheel = find(compose(W, H, spoked, RED, PAPER, evenLight(), 1));

    assertThat(badge.subject()[90 * W + 85]).as("paper around the print").isTrue();
    assertThat(wheel.subject()[70 * W + 120]).as("gap beside the spoke").isFalse();
  }

  private static SubjectRegion plain(
      DoubleBinaryOperator shape, int subject, int backdrop, DoubleBinaryOperator light) {
    return find(compose(W, H, coverage(W, H, shape), subject, backdrop, light, 1));
  }

  private static SubjectRegion find(Picture picture) {
    return new PlainSubjectFinder().find(Scene.read(picture, W * H, Priors.none()), Pulse.NONE);
  }

  private static Scene guessing(Picture picture, double[] guess) {
    float[] values = new float[guess.length];
    for (int i = 0; i < values.length; i++) {
      values[i] = (float) (0.03 + 0.94 * guess[i]);
    }
    Plane plane = new Plane(W, H, values);
    return Scene.read(picture, W * H, new Priors(Optional.of(planes -> plane), Optional.empty()));
  }

  private static double disagreement(SubjectRegion region, double[] truth) {
    int wrong = 0;
    for (int i = 0; i < truth.length; i++) {
      wrong += region.subject()[i] != truth[i] > 0.5 ? 1 : 0;
    }
    return wrong / (double) truth.length;
  }
}
