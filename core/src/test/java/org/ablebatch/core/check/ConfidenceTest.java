package org.ablebatch.core.check;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import org.ablebatch.core.matting.Asked;
import org.ablebatch.core.matting.BandMatting;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SubjectRegion;
import org.ablebatch.core.trimap.Trimap;
import org.junit.jupiter.api.Test;

class ConfidenceTest {
  private static final int W = 200;
  private static final int H = 150;
  private static final DoubleBinaryOperator DISC = disc(100, 75, 40);

  @Test
  void theRightRegionIsTrusted() {
    Confidence confidence = judge(DISC, DISC);

    assertThat(confidence.percent()).isGreaterThan(75);
    assertThat(confidence.outline()).isGreaterThan(0.97);
    assertThat(confidence.agreement()).isGreaterThan(0.97);
    assertThat(confidence.freedom()).isEqualTo(1);
  }

  @Test
  void anOutlineBesideTheEdgeIsNoticed() {
    Confidence confidence = judge(disc(100, 75, 52), DISC);

    assertThat(confidence.outline()).isLessThan(0.2);
    assertThat(confidence.percent()).isLessThan(judge(DISC, DISC).percent() - 20);
  }

  @Test
  void halfOfTheThingMissingContradictsTheGuess() {
    Confidence half = judge((x, y) -> Math.min(DISC.applyAsDouble(x, y), 95 - x), DISC);

    assertThat(half.agreement()).isBetween(0.4, 0.75);
    assertThat(half.percent()).isLessThan(judge(DISC, DISC).percent() - 20);
  }

  @Test
  void aStrayFarFromTheGuessCountsToo() {
    Confidence stray =
        judge((x, y) -> Math.max(DISC.applyAsDouble(x, y), 25 - Math.hypot(x - 30, y - 30)), DISC);

    assertThat(stray.agreement()).isLessThan(0.8);
  }

  @Test
  void withoutAPriorNothingContradicts() {
    SubjectRegion region = region(DISC);
    Scene scene = scene(Priors.none());

    assertThat(Confidence.of(scene, region, matte(scene, region)).agreement()).isEqualTo(1);
  }

  @Test
  void aCutOffSubjectIsLessFree() {
    assertThat(judge((x, y) -> 60 - x, DISC).freedom()).isLessThan(0.6);
  }

  @Test
  void nearlyNothingAndNearlyAllAreSuspicious() {
    assertThat(judge(disc(100, 75, 3), DISC).extent()).isLessThan(0.1);
    assertThat(judge((x, y) -> 1, DISC).extent()).isZero();
  }

  @Test
  void whatWasGivenIsTakenAsGiven() {
    assertThat(Confidence.given(95).percent()).isEqualTo(95);
    assertThat(Confidence.given(95).separation()).isCloseTo(1, within(0.0));
  }

  private static Confidence judge(DoubleBinaryOperator found, DoubleBinaryOperator guessed) {
    double[] guess = coverage(W, H, guessed);
    float[] values = new float[guess.length];
    for (int i = 0; i < values.length; i++) {
      values[i] = (float) (0.02 + 0.96 * guess[i]);
    }
    Plane plane = new Plane(W, H, values);
    Scene scene = scene(new Priors(Optional.of(planes -> plane), Optional.empty()));
    SubjectRegion region = region(found);
    return Confidence.of(scene, region, matte(scene, region));
  }

  private static Scene scene(Priors priors) {
    return Scene.read(picture(), W * H, priors);
  }

  private static Picture picture() {
    return compose(W, H, coverage(W, H, DISC), 0x7A2424, 0xE6E2DA, evenLight(), 1);
  }

  private static BandMatting.Result matte(Scene scene, SubjectRegion region) {
    Trimap trimap = Trimap.around(region, scene.lab(), scene.backdrop().sigma());
    return BandMatting.solve(picture(), scene.linear(), trimap, Asked.EVERYWHERE);
  }

  private static SubjectRegion region(DoubleBinaryOperator shape) {
    double[] truth = coverage(W, H, shape);
    boolean[] subject = new boolean[truth.length];
    float[] evidence = new float[truth.length];
    for (int i = 0; i < subject.length; i++) {
      subject[i] = truth[i] > 0.5;
      evidence[i] = subject[i] ? 1 : -1;
    }
    return new SubjectRegion(W, H, subject, new boolean[W * H], evidence);
  }
}
