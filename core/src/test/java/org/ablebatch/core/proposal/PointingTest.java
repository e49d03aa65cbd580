package org.ablebatch.core.proposal;

import static org.ablebatch.core.PotScene.disc;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.ablebatch.core.PotScene;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.AreaMask;
import org.ablebatch.core.area.Shape;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Inspected;
import org.ablebatch.core.finding.PhotographReading;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.prior.PointedPrior;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.stroke.StrokePoint;
import org.junit.jupiter.api.Test;

/** A click means the thing that it lies on. */
class PointingTest {
  private static final LearnedTrees SURE = LearnedTrees.parse("3");

  /**
   * Says subject of a square of wall that no colour tells apart, and of another, whichever part of
   * the picture is looked at.
   */
  private static PointedPrior squares(PotScene scene) {
    ColorPlanes whole = PhotographReading.of(scene.picture()).linear();
    return (linear, cutout) -> {
      int from = start(whole, linear);
      return (subject, backdrop) -> {
        Plane out = new Plane(linear.width(), linear.height());
        for (int i = 0; i < out.values().length; i++) {
          int x = (from % whole.width() + i % out.width()) * PotScene.WIDTH / whole.width();
          int y = (from / whole.width() + i / out.width()) * PotScene.HEIGHT / whole.height();
          boolean one = x >= 40 && x < 100 && y >= 40 && y < 100;
          boolean other = x >= 440 && x < 500 && y >= 40 && y < 100;
          out.values()[i] = one || other || cutout.values()[i] > 0 ? 0.95f : 0.02f;
        }
        return out;
      };
    };
  }

  /** Where in the picture a part of it begins; the noise of the wall tells. */
  private static int start(ColorPlanes whole, ColorPlanes part) {
    int from = 0;
    while (!Arrays.equals(whole.c0(), from, from + part.width(), part.c0(), 0, part.width())) {
      from++;
    }
    return from;
  }

  /** A pot, and beside it a red ball that nobody kept. */
  private static PotScene withABall() {
    return new PotScene().paint(disc(90, 350, 40), 0xFF8A3A2A);
  }

  private static Hint click(Hint.Kind kind, double x, double y) {
    return new Hint(kind, 6, List.of(new StrokePoint(x, y)));
  }

  private static Optional<AreaMask> at(PotScene scene, Hint.Kind kind, double x, double y) {
    return at(scene, Optional.empty(), click(kind, x, y), List.of());
  }

  private static Optional<AreaMask> at(
      PotScene scene, Optional<PointedPrior> pointed, Hint hint, List<Hint> before) {
    return pointing(scene, pointed).at(hint, before).map(PointingTest::mask);
  }

  private static AreaMask mask(Area area) {
    return AreaMask.of(area, PotScene.WIDTH, PotScene.HEIGHT);
  }

  private static Pointing pointing(PotScene scene, Optional<PointedPrior> pointed) {
    return new Pointing(
        Inspected.of(PhotographReading.of(scene.picture()), scene.cutout(), Expectations.NONE),
        Optional::empty,
        SURE,
        pointed);
  }

  @Test
  void aMissingThingComesBackWholeByOneClick() {
    AreaMask ball = at(withABall(), Hint.Kind.SUBJECT, 95, 345).orElseThrow();

    assertThat(ball.at(90, 350)).isEqualTo(255);
    assertThat(ball.at(62, 350)).as("its left").isEqualTo(255);
    assertThat(ball.at(90, 378)).as("its lower end").isEqualTo(255);
    assertThat(ball.at(90, 290)).as("the wall above it").isZero();
    assertThat(ball.at(290, 250)).as("the pot").isZero();
  }

  @Test
  void aLeftoverGoesByOneClickAndThePotStays() {
    PotScene left = withABall().cover(disc(90, 350, 40), 255);

    AreaMask ball = at(left, Hint.Kind.BACKDROP, 90, 350).orElseThrow();

    assertThat(ball.at(62, 350)).isEqualTo(255);
    assertThat(ball.at(290, 250)).isZero();
  }

  @Test
  void whatIsSoAlreadyIsNotSaidAgain() {
    assertThat(at(withABall(), Hint.Kind.SUBJECT, 290, 250)).isEmpty();
    assertThat(at(withABall(), Hint.Kind.BACKDROP, 600, 20)).isEmpty();
  }

  @Test
  void whatWasSaidBeforeHolds() {
    // The upper half of the ball is subject, somebody has said; its lower half is a leftover.
    PotScene kept = withABall().cover(disc(90, 350, 40), 255);
    Hint before = click(Hint.Kind.SUBJECT, 90, 325);

    Optional<AreaMask> gone =
        at(kept, Optional.empty(), click(Hint.Kind.BACKDROP, 90, 378), List.of(before));

    assertThat(gone.map(area -> area.at(90, 325)).orElse(0)).isZero();
  }

  @Test
  void whoeverAnswersMarksIsBelievedAsFarAsItHangsTogether() {
    AreaMask square =
        at(
                new PotScene(),
                Optional.of(squares(new PotScene())),
                click(Hint.Kind.SUBJECT, 70, 70),
                List.of())
            .orElseThrow();

    assertThat(square.at(46, 46)).isEqualTo(255);
    assertThat(square.at(94, 94)).isEqualTo(255);
    assertThat(square.at(70, 130)).as("the wall below").isZero();
    assertThat(square.at(470, 70)).as("the other").isZero();
  }

  private static Optional<Pointing.Meant> in(Area frame, PotScene scene, Hint hint) {
    return pointing(scene, Optional.of(squares(scene))).in(frame, hint, List.of());
  }

  private static Area frame(double left, double top, double right, double bottom) {
    Shape box =
        new Shape(
            Shape.Kind.BOX, List.of(new StrokePoint(left, top), new StrokePoint(right, bottom)));
    return new Area(List.of(new Area.Part(Area.Joining.ADD, box)), false, 0);
  }

  @Test
  void nothingChangesOutsideOfAFrame() {
    AreaMask half =
        in(frame(40, 300, 140, 350), withABall(), click(Hint.Kind.SUBJECT, 90, 332))
            .map(found -> mask(found.thing()))
            .orElseThrow();

    assertThat(half.at(90, 340)).isEqualTo(255);
    assertThat(half.at(90, 360)).as("the ball’s lower half").isZero();
  }

  @Test
  void aFrameIsAboutAllThatIsSubjectInItWhereverItsMarkLies() {
    // The middle of the frame is wall.
    Pointing.Meant found =
        in(frame(20, 20, 520, 120), new PotScene(), click(Hint.Kind.SUBJECT, 270, 30))
            .orElseThrow();

    AreaMask both = mask(found.thing());
    assertThat(both.at(70, 70)).isEqualTo(255);
    assertThat(both.at(470, 70)).as("the other").isEqualTo(255);
    assertThat(both.at(270, 30)).as("the wall under the mark").isZero();
    StrokePoint mark = found.mark().points().get(0);
    assertThat(both.at((int) mark.x(), (int) mark.y())).as("what counts as said").isEqualTo(255);
  }

  @Test
  void aFrameInWhichNothingStandsOutSaysNothing() {
    assertThat(in(frame(250, 230, 320, 270), new PotScene(), click(Hint.Kind.SUBJECT, 290, 250)))
        .as("all of it is kept")
        .isEmpty();
  }

  @Test
  void marksAndCutoutAreShownToWhoeverAnswers() {
    List<String> shown = new ArrayList<>();
    PointedPrior nobody =
        (linear, cutout) ->
            (subject, backdrop) -> {
              shown.add(count(subject) + " " + (count(backdrop) > 0) + " " + (count(cutout) > 0));
              return new Plane(linear.width(), linear.height());
            };

    at(
        withABall().cover(disc(90, 350, 40), 255),
        Optional.of(nobody),
        click(Hint.Kind.BACKDROP, 90, 350),
        List.of());

    assertThat(shown).as("of the picture, and from nearer").hasSize(2).containsOnly("0 true true");
  }

  private static long count(Plane plane) {
    long n = 0;
    for (float value : plane.values()) {
      n += value > 0 ? 1 : 0;
    }
    return n;
  }
}
