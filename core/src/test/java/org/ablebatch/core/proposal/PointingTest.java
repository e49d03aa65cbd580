package org.ablebatch.core.proposal;

import static org.ablebatch.core.PotScene.disc;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.ablebatch.core.PotScene;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.AreaMask;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.stroke.StrokePoint;
import org.junit.jupiter.api.Test;

/** A click means the thing that it lies on. */
class PointingTest {
  private static final LearnedTrees SURE = LearnedTrees.parse("3");

  /** A pot, and beside it a red ball that nobody kept. */
  private static PotScene withABall() {
    return new PotScene().paint(disc(90, 350, 40), 0xFF8A3A2A);
  }

  private static Optional<AreaMask> at(PotScene scene, Hint.Kind kind, double x, double y) {
    Optional<Area> area =
        new Pointing(scene.picture(), scene.cutout(), Expectations.NONE, Optional.empty(), SURE)
            .at(new Hint(kind, 6, List.of(new StrokePoint(x, y))));
    return area.map(found -> AreaMask.of(found, PotScene.WIDTH, PotScene.HEIGHT));
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
}
