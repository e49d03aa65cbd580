package org.ablebatch.core.proposal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.ablebatch.core.PotScene;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.PhotographReading;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.hint.HintMarks;
import org.ablebatch.core.prior.PointedPrior;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;
import org.junit.jupiter.api.Test;

/** How closely whoever answers marks is let look. */
class AnswerTest {
  private final PotScene pot = new PotScene();
  private final Inspection seen = Inspection.of(pot.picture(), pot.cutout(), Expectations.NONE);
  private Plane shown;
  private int looks;

  /** Everything that it is shown is subject. */
  private final PointedPrior keen =
      (linear, cutout) -> {
        looks++;
        shown = cutout;
        Plane all = new Plane(linear.width(), linear.height());
        Arrays.fill(all.values(), 1);
        return (subject, backdrop) -> all;
      };

  private final Answer answer =
      new Answer(PhotographReading.of(pot.picture()).linear(), seen, keen);

  private Plane to(Hint.Kind kind, double x, double y) {
    return answer.to(marks(kind, x, y));
  }

  private HintMarks marks(Hint.Kind kind, double x, double y) {
    Hint click = new Hint(kind, 6, List.of(new StrokePoint(x, y)));
    return HintMarks.of(
        List.of(click),
        seen.width(),
        seen.height(),
        new Rect(0, 0, PotScene.WIDTH, PotScene.HEIGHT));
  }

  private float at(Plane plane, int x, int y) {
    return plane.at(x * plane.width() / PotScene.WIDTH, y * plane.height() / PotScene.HEIGHT);
  }

  @Test
  void aMarkOnTheCutoutIsLookedAtCloselyAndTheRestIsBackdrop() {
    Plane says = to(Hint.Kind.BACKDROP, 290, 250);

    assertThat(shown.width()).isLessThan(seen.width());
    assertThat(says.width()).isEqualTo(seen.width());
    assertThat(at(says, 290, 250)).isEqualTo(1);
    assertThat(at(says, 180, 250)).as("beside the pot").isEqualTo(1);
    assertThat(at(says, 20, 250)).as("where nobody looked").isZero();
  }

  @Test
  void aMarkBesideTheCutoutShowsTheWholePicture() {
    Plane says = to(Hint.Kind.SUBJECT, 30, 30);

    assertThat(shown.width()).isEqualTo(seen.width());
    assertThat(at(says, 630, 470)).isEqualTo(1);
  }

  @Test
  void aPartIsLookedAtOnceForAllMarksInIt() {
    answer.getReady();
    to(Hint.Kind.BACKDROP, 290, 250);
    to(Hint.Kind.BACKDROP, 300, 260);
    to(Hint.Kind.SUBJECT, 30, 30);
    assertThat(looks).as("all of it, and around the pot").isEqualTo(2);
  }

  /** Surer from nearer. */
  private final Answer twice =
      new Answer(
          PhotographReading.of(pot.picture()).linear(),
          seen,
          (linear, cutout) -> {
            looks++;
            shown = cutout;
            Plane all = new Plane(linear.width(), linear.height());
            Arrays.fill(all.values(), linear.width() == seen.width() ? FROM_FAR : 1);
            return (subject, backdrop) -> all;
          });

  private static final float FROM_FAR = 0.25f;

  private Plane closer(Rect place) {
    HintMarks marks = marks(Hint.Kind.SUBJECT, 30, 30);
    return twice.closer(marks, place, twice.to(marks));
  }

  @Test
  void aSmallPlaceIsLookedAtFromNearer() {
    int middle = seen.width() / 2;
    Plane says = closer(new Rect(middle - 5, seen.height() / 2 - 5, 10, 10));

    assertThat(shown.width()).isEqualTo(shown.height()).isEqualTo(seen.width() / 2);
    assertThat(says.at(middle, seen.height() / 2)).isEqualTo(1);
    assertThat(says.at(2, seen.height() / 2)).as("outside of the square").isEqualTo(FROM_FAR);
    assertThat(says.at(middle - seen.width() / 4 + 5, seen.height() / 2))
        .as("toward its side")
        .isBetween(FROM_FAR + 0.05f, 0.95f);
  }

  @Test
  void whatTheNearerLookSeesUpToThePicturesEdgeCountsThere() {
    assertThat(closer(new Rect(0, 0, 10, 10)).at(0, 0)).isEqualTo(1);
  }

  @Test
  void aLargePlaceIsSeenAsAWhole() {
    HintMarks marks = marks(Hint.Kind.SUBJECT, 30, 30);
    Plane answer = twice.to(marks);
    assertThat(twice.closer(marks, new Rect(0, 0, seen.width() / 2, 40), answer)).isSameAs(answer);
  }

  @Test
  void aStrokeThatGrowsIsNotLookedAtAnewWithEveryStep() {
    closer(new Rect(100, 100, 10, 10));
    closer(new Rect(100, 100, 12, 11));
    assertThat(looks).as("all of it, and the square").isEqualTo(2);
  }
}
