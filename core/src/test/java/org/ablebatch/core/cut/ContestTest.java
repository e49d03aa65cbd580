package org.ablebatch.core.cut;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ablebatch.core.judge.GlassJudge;
import org.ablebatch.core.judge.Judge;
import org.ablebatch.core.prior.EvidenceNetwork;
import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.prior.Lesson;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.prior.SubjectPrior;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.reading.HalfSize;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.Weighed;
import org.ablebatch.core.work.Pulse;
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
  void whatIsClearlyBetterSeenThroughComesFirst() {
    Glass glass = new Glass();

    List<Attempt> solid = glass.ranked("0.5");
    List<Attempt> through = glass.ranked("-0.7");

    assertThat(solid.get(0).method()).isNotEqualTo(Method.SEE_THROUGH);
    assertThat(through.get(0).method()).isEqualTo(Method.SEE_THROUGH);
    assertThat(through.get(0).expectedError())
        .isCloseTo(0.5 * solid.get(0).expectedError(), within(0.01));
    assertThat(through).extracting(Attempt::method).doesNotHaveDuplicates();
  }

  @Test
  void nobodySeesThroughWhatHidesWhatIsBehind() {
    Contest contest = new Glass().contest(0.1, 0.9);

    assertThat(contest.behind().speaksForGlass()).isFalse();
    assertThat(contest.seenThrough(List.of())).isEmpty();
  }

  /** A pane so large that nobody looks closer, with a red knob, before tiles. */
  private static final class Glass {
    private final double[] pane = coverage(W, H, disc(160, 120, 105));
    private final double[] knob = coverage(W, H, disc(160, 120, 25));

    List<Attempt> ranked(String glass) {
      return contest(0.8, 0.1)
          .ranked(
              new Judge(LearnedTrees.parse("-1\n4 0.5 1 2;0;2")),
              Optional.of(new GlassJudge(LearnedTrees.parse(glass))));
    }

    /**
     * @param clear how much of what is behind comes through
     * @param own how much the pane has of a pattern of its own
     */
    Contest contest(double clear, double own) {
      Scene scene =
          Scene.read(
              picture(clear, own),
              W * H,
              new Priors(Optional.of(planes -> guess()), Optional.empty()));
      Scene half = scene.halved();
      Plane seen = HalfSize.of(guess());
      return new Contest(scene, half, Weighed.in(scene, half, evidence -> seen), Pulse.NONE);
    }

    private Plane guess() {
      Plane out = new Plane(W, H);
      for (int i = 0; i < pane.length; i++) {
        out.values()[i] = (float) (0.02 + 0.96 * pane[i]);
      }
      return out;
    }

    private Picture picture(double clear, double own) {
      int[] argb = new int[pane.length];
      for (int i = 0; i < argb.length; i++) {
        double x = i % W;
        double y = i / W;
        double tiles = 130 + 60 * Math.signum(Math.sin(x / 50) * Math.cos(y / 40));
        double others = 130 + 70 * Math.cos(x / 11 + y / 13);
        double within = clear * tiles + own * others;
        int grey = (int) (pane[i] * within + (1 - pane[i]) * tiles);
        argb[i] = knob[i] > 0.5 ? 0xFFC02018 : 0xFF000000 | grey << 16 | grey << 8 | grey;
      }
      return new Picture(W, H, argb);
    }
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
