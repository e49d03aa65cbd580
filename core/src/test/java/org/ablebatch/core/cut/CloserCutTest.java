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
    request = plain(truth);
    picture = request.picture();
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
    CutOutcome.Done done = cut(plain(coverage(W, H, disc(700, 500, 420))));

    assertThat(done.reason()).isEqualTo("chosen by hand");
  }

  @Test
  void whatThePictureCutsOffMayReachItsSide() {
    CutOutcome.Done done = cut(plain(coverage(W, H, disc(10, 500, 70))));

    assertThat(done.reason()).endsWith("looked at closer");
    assertThat(done.cutout().matte().at(0, 500)).isEqualTo(255);
    assertThat(done.cutout().matte().at(100, 500)).isZero();
  }

  @Test
  void aCellOfThePictureLiesInTheFrameOrBesideIt() {
    Rect picture = new Rect(0, 0, 100, 80);
    FrameCells cells =
        new FrameCells(
            picture, new Rect(0, 0, 10, 8), new Rect(20, 30, 40, 20), new Rect(0, 0, 8, 4));

    assertThat(cells.at(3 * 10 + 2)).as("(25, 35)").isEqualTo(8 + 1);
    assertThat(cells.at(4 * 10 + 5)).as("(55, 45)").isEqualTo(3 * 8 + 7);
    assertThat(cells.at(3 * 10 + 1)).as("left of it").isEqualTo(-1);
    assertThat(cells.at(3 * 10 + 6)).as("right of it").isEqualTo(-1);
    assertThat(cells.at(2 * 10 + 3)).as("above").isEqualTo(-1);
    assertThat(cells.at(5 * 10 + 3)).as("below").isEqualTo(-1);
  }

  private static CutRequest plain(double[] covered) {
    return CutRequest.of(compose(W, H, covered, 0xA83028, 0xE4E0D8, evenLight(), 3), Method.PLAIN);
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
