package org.ablebatch.core.cut;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.DoubleBinaryOperator;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;
import org.ablebatch.core.subject.Subject;
import org.ablebatch.core.subject.SubjectChoice;
import org.junit.jupiter.api.Test;

/** What a person may say about a picture, and what the engine makes of it. */
class GuidedCutTest {
  private static final int W = 360;
  private static final int H = 240;
  private static final int PAPER = 0xE4E0D8;
  private static final int RED = 0xA83028;
  private static final Cutter CUTTER = new Cutter(Priors.none());

  private static final DoubleBinaryOperator TWO =
      (x, y) ->
          Math.max(disc(100, 120, 50).applyAsDouble(x, y), disc(260, 110, 38).applyAsDouble(x, y));

  @Test
  void subjectsAreNumberedFromTheLeftAndCanBeSwitchedOff() {
    CutRequest request = CutRequest.of(two(), Method.AUTO);
    CutOutcome.Done all = done(request);
    assertThat(all.subjects().list()).extracting(Subject::number).containsExactly(1, 2);
    assertThat(all.subjects().list().get(1).box().intersect(new Rect(222, 72, 76, 76)))
        .isEqualTo(new Rect(222, 72, 76, 76));

    CutOutcome.Done one = done(request.withChoice(new SubjectChoice(Set.of(), Set.of(2))));

    assertThat(one.cutout().matte().at(260, 110)).isZero();
    assertThat(one.cutout().matte().at(100, 120)).isEqualTo(255);
    assertThat(one.subjects().list()).extracting(Subject::kept).containsExactly(true, false);
    assertThat(one.subjects().labels()[110 * W + 260]).as("still known").isEqualTo(2);
  }

  @Test
  void withEverythingSwitchedOffTheAnswerSaysSo() {
    CutOutcome outcome =
        CUTTER.cut(
            CutRequest.of(two(), Method.AUTO).withChoice(new SubjectChoice(Set.of(), Set.of(1, 2))),
            CutProgress.NONE);
    assertThat(outcome)
        .isInstanceOfSatisfying(
            CutOutcome.NothingFound.class,
            nothing ->
                assertThat(nothing.reason())
                    .isEqualTo("Nothing is left: every subject is switched off"));
  }

  @Test
  void aCrumbThatWasLeftOutCanBeTakenIn() {
    double[] truth =
        coverage(
            W,
            H,
            (x, y) ->
                Math.max(
                    disc(120, 120, 80).applyAsDouble(x, y), 4.5 - Math.hypot(x - 300, y - 60)));
    Picture picture = compose(W, H, truth, 0xC8A890, PAPER, evenLight(), 1);
    CutRequest request = CutRequest.of(picture, Method.BUSY);
    CutOutcome.Done all = done(request);
    List<Subject> offered = all.subjects().list().stream().filter(s -> !s.kept()).toList();
    assertThat(offered).hasSizeLessThanOrEqualTo(1);
    for (Subject crumb : offered) {
      CutOutcome.Done with =
          done(request.withChoice(new SubjectChoice(Set.of(crumb.number()), Set.of())));
      assertThat(with.cutout().matte().at(300, 60)).isGreaterThan(200);
    }
  }

  @Test
  void aBoxKeepsOnlyWhatItHolds() {
    CutOutcome.Done boxed =
        done(CutRequest.of(two(), Method.AUTO).withBoxes(List.of(new Rect(215, 65, 90, 90))));

    Matte matte = boxed.cutout().matte();
    assertThat(matte.at(100, 120)).isZero();
    assertThat(error(matte, coverage(W, H, disc(260, 110, 38)))).isLessThan(0.004);
    assertThat(boxed.reason()).endsWith(", in the box drawn");
    assertThat(boxed.subjects().list()).hasSize(1);
  }

  @Test
  void twoBoxesAreTwoNumberedSubjects() {
    List<Rect> boxes = List.of(new Rect(215, 65, 90, 90), new Rect(45, 65, 110, 110));
    CutRequest request = CutRequest.of(two(), Method.AUTO).withBoxes(boxes);

    CutOutcome.Done both = done(request);
    assertThat(error(both.cutout().matte(), coverage(W, H, TWO))).isLessThan(0.006);
    assertThat(both.subjects().labels()[110 * W + 260]).isEqualTo(1);
    assertThat(both.subjects().labels()[120 * W + 100]).isEqualTo(2);

    CutOutcome.Done first = done(request.withChoice(new SubjectChoice(Set.of(), Set.of(2))));
    assertThat(first.cutout().matte().at(100, 120)).isZero();
    assertThat(first.cutout().matte().at(260, 110)).isEqualTo(255);
  }

  @Test
  void aBoxBesideThePictureIsRefused() {
    CutRequest request = CutRequest.of(two(), Method.AUTO);
    assertThatThrownBy(() -> request.withBoxes(List.of(new Rect(400, 10, 20, 20))))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage("A box lies outside the picture, which is 360 × 240 px");
  }

  @Test
  void aHintBringsBackAPaperColouredPartUpToItsEdges() {
    Picture packet = packet();
    CutOutcome.Done before = done(CutRequest.of(packet, Method.PLAIN));
    assertThat(before.cutout().matte().at(180, 190)).as("paper of the packet").isZero();

    CutOutcome.Done after =
        done(
            CutRequest.of(packet, Method.PLAIN)
                .withHints(List.of(stroke(Hint.Kind.SUBJECT, 16, 130, 190, 230, 190))));

    Matte matte = after.cutout().matte();
    assertThat(matte.at(180, 205)).as("filled to its outline").isEqualTo(255);
    assertThat(matte.at(40, 190)).as("not the backdrop").isZero();
    assertThat(after.reason()).endsWith(", and hints by hand");
  }

  @Test
  void aBackdropHintTakesAThingAwayAndNothingElse() {
    CutOutcome.Done after =
        done(
            CutRequest.of(two(), Method.AUTO)
                .withHints(List.of(stroke(Hint.Kind.BACKDROP, 20, 245, 110, 275, 110))));

    assertThat(after.cutout().matte().at(260, 110)).isZero();
    assertThat(after.cutout().matte().at(235, 110)).as("the same colour beside it").isZero();
    assertThat(error(after.cutout().matte(), coverage(W, H, disc(100, 120, 50)))).isLessThan(0.01);
  }

  @Test
  void withAPictureOfTheEmptySetAPatternedBackdropIsNoMatter() {
    Picture set = patterned();
    double[] truth = coverage(W, H, TWO);
    Picture picture = over(set, truth, 0xB09060, 0.93);

    CutOutcome.Done without = done(CutRequest.of(picture, Method.AUTO));
    CutOutcome.Done with = done(CutRequest.of(picture, Method.AUTO).withEmptySet(Optional.of(set)));

    assertThat(with.method()).isEqualTo(Method.EMPTY_SET);
    assertThat(error(with.cutout().matte(), truth)).isLessThan(0.01);
    assertThat(error(without.cutout().matte(), truth)).isGreaterThan(0.02);
  }

  @Test
  void aPictureOfAnotherSetIsNotUsedAndTheReasonSaysSo() {
    Picture other = compose(W, H, new double[W * H], RED, 0x203040, evenLight(), 20);
    CutOutcome.Done done =
        done(CutRequest.of(patternless(), Method.AUTO).withEmptySet(Optional.of(patterned())));
    assertThat(done.method()).isNotEqualTo(Method.EMPTY_SET);
    assertThat(done.reason())
        .endsWith("; the empty-set photograph shows another set and was not used");
    assertThat(
            done(CutRequest.of(two(), Method.AUTO)
                    .withEmptySet(Optional.of(other.crop(new Rect(0, 0, W, H - 2)))))
                .reason())
        .contains("was not used");
  }

  @Test
  void aStopIsObeyedInTheMiddleOfAStage() {
    int[] beats = new int[1];
    CutProgress impatient = stage -> stage != CutStage.MATTE || ++beats[0] < 20;
    assertThatThrownBy(() -> CUTTER.cut(CutRequest.of(two(), Method.AUTO), impatient))
        .isInstanceOf(CutStopped.class)
        .hasMessage("stopped during MATTE");
    assertThat(beats[0]).isEqualTo(20);
  }

  private static Picture two() {
    return compose(W, H, coverage(W, H, TWO), RED, PAPER, evenLight(), 1);
  }

  private static Picture patternless() {
    return compose(W, H, coverage(W, H, TWO), RED, 0x40566A, evenLight(), 1);
  }

  /** A printed picture above bare paper of the backdrop's colour, with a faint outline. */
  private static Picture packet() {
    Picture plain = compose(W, H, new double[W * H], RED, PAPER, evenLight(), 1);
    int[] argb = plain.argb();
    for (int y = 30; y < 215; y++) {
      for (int x = 100; x < 260; x++) {
        boolean outline = x < 102 || x >= 258 || y < 32 || y >= 213;
        if (y < 150 && !outline) {
          argb[y * W + x] = 0xFF2F6A3C;
        } else if (outline && y % 6 != 0) {
          argb[y * W + x] = 0xFFCFCBC4;
        }
      }
    }
    return plain;
  }

  private static Picture patterned() {
    Random random = new Random(3);
    int[] argb = new int[W * H];
    for (int i = 0; i < argb.length; i++) {
      boolean light = (i % W / 14 + i / W / 14) % 2 == 0;
      int v = (light ? 190 : 120) + random.nextInt(7);
      argb[i] = 0xFF000000 | v << 16 | (v - 20) << 8 | (v - 50);
    }
    return new Picture(W, H, argb);
  }

  private static Picture over(Picture set, double[] coverage, int rgb, double exposure) {
    int[] argb = new int[W * H];
    for (int i = 0; i < argb.length; i++) {
      float[] mixed = new float[3];
      for (int c = 0; c < 3; c++) {
        double s = Srgb.toLinear(rgb >> 16 - 8 * c & 0xFF);
        double b = Srgb.toLinear(set.argb()[i] >> 16 - 8 * c & 0xFF) * exposure;
        mixed[c] = (float) (coverage[i] * s + (1 - coverage[i]) * b);
      }
      argb[i] = Srgb.pack(mixed[0], mixed[1], mixed[2]);
    }
    return new Picture(W, H, argb);
  }

  private static Hint stroke(
      Hint.Kind kind, double size, double x0, double y0, double x1, double y1) {
    return new Hint(kind, size, List.of(new StrokePoint(x0, y0), new StrokePoint(x1, y1)));
  }

  private static CutOutcome.Done done(CutRequest request) {
    return (CutOutcome.Done) CUTTER.cut(request, CutProgress.NONE);
  }

  private static double error(Matte matte, double[] truth) {
    double sum = 0;
    for (int i = 0; i < truth.length; i++) {
      sum += Math.abs((matte.coverage()[i] & 0xFF) / 255.0 - truth[i]);
    }
    return sum / truth.length;
  }
}
