package org.ablebatch.core.cut;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ablebatch.core.prior.EvidenceNetwork;
import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.prior.Lesson;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.prior.SubjectPrior;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.junit.jupiter.api.Test;

/** Ways compete, and what the judge says is done. */
class ContestTest {
  private static final int W = 320;
  private static final int H = 240;

  private final double[] truth = coverage(W, H, disc(160, 120, 60));
  private final Picture picture = compose(W, H, truth, 0xA83028, 0xE4E0D8, evenLight(), 1);

  private final EvidenceNetwork leftHalf =
      evidence -> left(evidence.get(0).width(), evidence.get(0).height());

  /** Takes the left half of the picture for subject. */
  private static Plane left(int width, int height) {
    Plane out = new Plane(width, height);
    for (int i = 0; i < out.values().length; i++) {
      out.values()[i] = i % width < width / 2 ? 1 : 0;
    }
    return out;
  }

  @Test
  void theWayOfWhichTheLeastIsExpectedToBeWrongIsTaken() {
    CutOutcome.Done weighed = cut("0 0.5 1 2;-1;-3");
    CutOutcome.Done smooth = cut("1 0.5 1 2;-1;-3");

    assertThat(weighed.method()).isEqualTo(Method.WEIGHED);
    assertThat(weighed.cutout().matte().at(20, 20)).as("left").isEqualTo(255);
    assertThat(smooth.method()).isEqualTo(Method.PLAIN);
    assertThat(smooth.cutout().matte().at(20, 20)).as("left").isZero();
    assertThat(smooth.cutout().matte().at(160, 120)).as("disc").isEqualTo(255);
  }

  @Test
  void whatWasTriedIsKeptAndTheReasonSaysWhatAnotherWayWouldHaveDone() {
    CutOutcome.Done smooth = cut("1 0.5 1 2;-1;-3");

    assertThat(smooth.tried()).extracting(Attempt::method).contains(Method.WEIGHED, Method.BUSY);
    assertThat(smooth.tried().get(0).method()).isEqualTo(Method.PLAIN);
    assertThat(smooth.tried())
        .isSortedAccordingTo((a, b) -> Double.compare(a.expectedError(), b.expectedError()));
    assertThat(smooth.reason()).startsWith("plain light backdrop; as “");
  }

  @Test
  void theConfidenceIsWhatTheForecastSays() {
    String way = "1 0.5 1 2;-1;-3";
    int untaught = cut(way).confidence().percent();
    int plain = cut(way, Optional.of("2")).confidence().percent();
    int doubtful = cut(way, Optional.of("-2")).confidence().percent();

    assertThat(plain).isGreaterThan(doubtful + 40);
    assertThat(untaught).as("from what is seen").isStrictlyBetween(1, 99);
  }

  @Test
  void whatIsClearToSeeIsNotContested() {
    Priors seeing =
        new Priors(Optional.of(planes -> plane(planes.width(), planes.height())), Optional.empty())
            .weighing(leftHalf)
            .knowing(Lesson.JUDGE, LearnedTrees.parse("0\n0 0.5 1 2;-1;-3"));

    CutOutcome.Done clear =
        (CutOutcome.Done) new Cutter(seeing).cut(picture, Method.AUTO, CutProgress.NONE);

    assertThat(clear.method()).isEqualTo(Method.PLAIN);
    assertThat(clear.tried()).hasSize(1);
  }

  private Plane plane(int width, int height) {
    Plane out = new Plane(width, height);
    for (int i = 0; i < out.values().length; i++) {
      out.values()[i] = (float) truth[i];
    }
    return out;
  }

  @Test
  void aPersonIsTriedWhereOneIsSeen() {
    String person = "3 0.5 1 2;-1;-3";

    CutOutcome.Done seen = cut(seeing(person, planes -> left(planes.width(), planes.height())));
    CutOutcome.Done unseen =
        cut(seeing(person, planes -> new Plane(planes.width(), planes.height())));

    assertThat(seen.method()).isEqualTo(Method.PERSON);
    assertThat(seen.reason()).contains("a person in front of a light backdrop");
    assertThat(unseen.tried()).extracting(Attempt::method).doesNotContain(Method.PERSON);
  }

  @Test
  void glassIsTriedWhereTheSurroundingsShowThrough() {
    assertThat(cut("0 0.5 1 2;-1;-3").tried())
        .as("the left half is paper")
        .extracting(Attempt::method)
        .contains(Method.SEE_THROUGH);
  }

  @Test
  void whatAPersonAskedForIsNotContested() {
    Priors learned = priors("0 0.5 1 2;-1;-3", Optional.empty());

    CutOutcome.Done asked =
        (CutOutcome.Done) new Cutter(learned).cut(picture, Method.PLAIN, CutProgress.NONE);

    assertThat(asked.method()).isEqualTo(Method.PLAIN);
    assertThat(asked.tried()).isEqualTo(List.of());
  }

  private CutOutcome.Done cut(String tree) {
    return cut(tree, Optional.empty());
  }

  private CutOutcome.Done cut(String tree, Optional<String> forecast) {
    return cut(priors(tree, forecast));
  }

  private CutOutcome.Done cut(Priors learned) {
    return (CutOutcome.Done) new Cutter(learned).cut(picture, Method.AUTO, CutProgress.NONE);
  }

  private Priors seeing(String tree, SubjectPrior person) {
    return priors(tree, Optional.empty()).seeing(person);
  }

  private Priors priors(String tree, Optional<String> forecast) {
    // A guess that the smooth way contradicts, so that sight alone does not settle it.
    Priors judging =
        new Priors(
            Optional.of(planes -> left(planes.width(), planes.height())),
            Optional.empty(),
            Optional.empty(),
            Optional.of(leftHalf),
            Optional.empty(),
            Map.of(Lesson.JUDGE, LearnedTrees.parse("0\n" + tree)));
    return forecast
        .map(text -> judging.knowing(Lesson.FORECAST, LearnedTrees.parse(text)))
        .orElse(judging);
  }
}
