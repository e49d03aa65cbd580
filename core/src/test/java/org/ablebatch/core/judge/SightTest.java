package org.ablebatch.core.judge;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.ablebatch.core.Scenes.ring;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SubjectRegion;
import org.junit.jupiter.api.Test;

class SightTest {
  private static final int W = 120;
  private static final int H = 90;

  @Test
  void anOpeningThatTheGuessFillsIsBelieved() {
    assertThat(clear(ring(60, 45, 30, 18), disc(60, 45, 30))).isTrue();
  }

  @Test
  void whatNoGuessKnowsOfIsNot() {
    assertThat(clear((x, y) -> 1, disc(60, 45, 30))).as("all of it kept").isFalse();
  }

  @Test
  void whereMostIsMissingItIsNot() {
    assertThat(clear(disc(60, 45, 10), disc(60, 45, 30))).isFalse();
    assertThat(clear((x, y) -> -1, disc(60, 45, 30))).as("nothing").isFalse();
  }

  private static boolean clear(DoubleBinaryOperator kept, DoubleBinaryOperator guess) {
    double[] guessed = coverage(W, H, guess);
    Picture picture = compose(W, H, guessed, 0xA83028, 0xE4E0D8, evenLight(), 1);
    Plane plane = new Plane(W, H);
    for (int i = 0; i < guessed.length; i++) {
      plane.values()[i] = (float) guessed[i];
    }
    Scene scene =
        Scene.read(picture, W * H, new Priors(Optional.of(planes -> plane), Optional.empty()));
    double[] coverage = coverage(W, H, kept);
    boolean[] subject = new boolean[W * H];
    for (int i = 0; i < subject.length; i++) {
      subject[i] = coverage[i] > 0.5;
    }
    return Sight.isClear(
        scene, new SubjectRegion(W, H, subject, new boolean[W * H], new float[W * H]));
  }
}
