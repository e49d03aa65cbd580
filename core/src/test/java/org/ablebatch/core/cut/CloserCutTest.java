package org.ablebatch.core.cut;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.ablebatch.core.Scenes.ring;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.function.DoubleBinaryOperator;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.subject.Subject;
import org.ablebatch.core.subject.SubjectChoice;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A picture that is larger than what the engine reads at once, with a small thing in it. */
class CloserCutTest {
  private static final int W = 1400;
  private static final int H = 1000;

  /** A pot with a thin handle, and a smaller one beside it. */
  private static final DoubleBinaryOperator POTS =
      (x, y) ->
          Math.max(
              Math.max(
                  disc(640, 560, 60).applyAsDouble(x, y),
                  ring(700, 520, 40, 38.2).applyAsDouble(x, y)),
              disc(840, 570, 34).applyAsDouble(x, y));

  private static Picture picture;
  private static double[] truth;
  private static CutRequest request;
  private static CutOutcome.Done closer;

  @BeforeAll
  static void paint() {
    truth = coverage(W, H, POTS);
    picture = compose(W, H, truth, 0xA83028, 0xE4E0D8, evenLight(), 3);
    request = CutRequest.of(picture, Method.PLAIN);
    closer = cut(request);
  }

  @Test
  void aSmallSubjectIsReadOnceMoreInAFrameOfItsOwn() {
    assertThat(closer.reason()).isEqualTo("chosen by hand; small, so looked at closer");
    StageClock clock = new StageClock(CutProgress.NONE);
    CutOutcome.Done once =
        (CutOutcome.Done) FrameCut.cut(request, picture.bounds(), Priors.none(), clock);
    assertThat(missOn(closer.cutout().matte())).isLessThan(0.8 * missOn(once.cutout().matte()));
    assertThat(closer.cutout().matte().width()).isEqualTo(W);
    assertThat(closer.cutout().matte().at(5, 5)).isZero();
    assertThat(closer.cutout().colours().at(5, 5)).isEqualTo(picture.at(5, 5));
  }

  @Test
  void itsSubjectsLieWhereTheyAreInTheWholePicture() {
    assertThat(closer.subjects().list()).extracting(Subject::number).containsExactly(1, 2);
    Rect small = closer.subjects().list().get(1).box();
    assertThat(small.intersect(new Rect(808, 538, 64, 64))).isEqualTo(new Rect(808, 538, 64, 64));
    int column = 840 * closer.subjects().width() / W;
    int row = 570 * closer.subjects().height() / H;
    assertThat(closer.subjects().labels()[row * closer.subjects().width() + column]).isEqualTo(2);

    SubjectChoice withoutSecond = new SubjectChoice(Set.of(), Set.of(2));
    CutOutcome.Done one = cut(request.withChoice(withoutSecond));

    assertThat(one.subjects().list()).extracting(Subject::kept).containsExactly(true, false);
    assertThat(one.cutout().matte().at(840, 570)).isZero();
    assertThat(one.cutout().matte().at(640, 560)).isEqualTo(255);
  }

  @Test
  void whatFillsThePictureIsReadOnce() {
    double[] large = coverage(W, H, disc(700, 500, 420));
    Picture filled = compose(W, H, large, 0xA83028, 0xE4E0D8, evenLight(), 3);

    CutOutcome.Done done = cut(CutRequest.of(filled, Method.PLAIN));

    assertThat(done.reason()).isEqualTo("chosen by hand");
  }

  @Test
  void whatThePictureCutsOffMayReachItsSide() {
    double[] atSide = coverage(W, H, disc(10, 500, 70));
    Picture cutOff = compose(W, H, atSide, 0xA83028, 0xE4E0D8, evenLight(), 3);

    CutOutcome.Done done = cut(CutRequest.of(cutOff, Method.PLAIN));

    assertThat(done.reason()).endsWith("looked at closer");
    assertThat(done.cutout().matte().at(0, 500)).isEqualTo(255);
    assertThat(done.cutout().matte().at(100, 500)).isZero();
  }

  private static CutOutcome.Done cut(CutRequest asked) {
    return (CutOutcome.Done) new Cutter(Priors.none()).cut(asked, CutProgress.NONE);
  }

  /** Sum of what is wrong of the coverage, pixels. */
  private static double missOn(Matte matte) {
    double sum = 0;
    for (int i = 0; i < truth.length; i++) {
      sum += Math.abs((matte.coverage()[i] & 0xFF) / 255.0 - truth[i]);
    }
    return sum;
  }
}
