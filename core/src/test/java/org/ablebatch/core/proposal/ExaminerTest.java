package org.ablebatch.core.proposal;

import static org.ablebatch.core.PotScene.box;
import static org.ablebatch.core.PotScene.disc;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.ablebatch.core.PotScene;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.Shape;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Opinions;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.core.finding.Mend;
import org.ablebatch.core.finding.PhotographReading;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.mend.HintEdit;
import org.ablebatch.core.mend.Means;
import org.ablebatch.core.mend.Mender;
import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.stroke.StrokePoint;
import org.ablebatch.core.subject.EvidencePlane;
import org.junit.jupiter.api.Test;

/** What is found brings an edit that mends it. */
class ExaminerTest {
  private static final Mender MENDER = new Mender(new Means(new Cutter(Priors.none()), null));
  private static final PotScene GOOD = new PotScene();
  private static final Shape BOXED =
      new Shape(Shape.Kind.BOX, List.of(new StrokePoint(200, 130), new StrokePoint(300, 380)));

  /** Trees that are equally sure of everything. */
  private static Examiner sureOf(double logOdds) {
    return new Examiner(Optional.of(LearnedTrees.parse(String.valueOf(logOdds))));
  }

  private static Examined only(FindingKind kind, List<Examined> found) {
    List<Examined> those =
        found.stream()
            .filter(one -> one.finding().kind() == kind && one.edit().isPresent())
            .toList();
    assertThat(those).as("%s with a mend, among %s", kind, found).hasSize(1);
    return those.get(0);
  }

  private static List<Examined> examined(
      PotScene scene, Optional<Opinions> opinions, HintEdit... said) {
    return sureOf(4)
        .examine(
            PhotographReading.of(scene.picture()),
            scene.cutout(),
            Expectations.NONE,
            opinions,
            List.of(said));
  }

  private static Cutout mended(PotScene scene, Examined one) {
    return MENDER.replay(scene.picture(), scene.cutout(), List.of(one.edit().get()));
  }

  private static long wrong(Cutout cutout) {
    long sum = 0;
    for (int i = 0; i < GOOD.coverage.length; i++) {
      int is = cutout.matte().coverage()[i] & 0xFF;
      sum += Math.abs(is - (GOOD.coverage[i] & 0xFF));
    }
    return sum / 255;
  }

  @Test
  void backdropThatWasLeftGoesAway() {
    PotScene left = new PotScene().cover(disc(80, 90, 14), 255);

    Examined found = only(FindingKind.LEFTOVER, examined(left, Optional.empty()));

    assertThat(found.finding().mend().get().goes()).isEqualTo(Mend.Goes.AWAY);
    assertThat(wrong(left.cutout())).isGreaterThan(500);
    assertThat(wrong(mended(left, found))).isLessThan(30);
  }

  @Test
  void aPartThatWasCutOffComesBackInItsOwnColours() {
    PotScene lost = new PotScene().cover(box(200, 340, 380, 380), 0);

    Examined found = only(FindingKind.MISSING_PART, examined(lost, Optional.empty()));
    Cutout mended = mended(lost, found);

    assertThat(found.finding().mend().get().goes()).isEqualTo(Mend.Goes.BACK);
    assertThat(wrong(lost.cutout())).isGreaterThan(7000);
    assertThat(wrong(mended)).isLessThan(500);
    assertThat(mended.colours().at(290, 360) & 0xFF)
        .as("blue")
        .isCloseTo(PotScene.POT & 0xFF, org.assertj.core.data.Offset.offset(25));
  }

  @Test
  void aHoleIsFilledAndAClosedGapOpened() {
    PotScene holed = new PotScene().cover(disc(290, 260, 13), 0);
    PotScene closed = new PotScene().cover((x, y) -> x >= 380 && disc(390, 240, 46).is(x, y), 255);

    Cutout filled =
        mended(holed, only(FindingKind.SUSPICIOUS_HOLE, examined(holed, Optional.empty())));
    Cutout opened =
        mended(closed, only(FindingKind.UNOPENED_GAP, examined(closed, Optional.empty())));

    assertThat(wrong(filled)).isLessThan(40);
    assertThat(wrong(opened)).isLessThan(wrong(closed.cutout()) / 4);
  }

  @Test
  void nothingFarAwayMoves() {
    PotScene left = new PotScene().cover(disc(80, 90, 14), 255).cover(box(360, 360, 380, 380), 90);

    Examined found = only(FindingKind.LEFTOVER, examined(left, Optional.empty()));
    Cutout mended = mended(left, found);

    for (int y = 150; y < PotScene.HEIGHT; y++) {
      for (int x = 0; x < PotScene.WIDTH; x++) {
        assertThat(mended.matte().at(x, y)).isEqualTo(left.cutout().matte().at(x, y));
      }
    }
  }

  @Test
  void withoutTreesNothingIsProposed() {
    PotScene left = new PotScene().cover(disc(80, 90, 14), 255);

    List<Examined> found =
        new Examiner(Optional.empty())
            .examine(left.picture(), left.cutout(), Expectations.NONE, Optional.empty());

    assertThat(found).isNotEmpty().allMatch(one -> one.edit().isEmpty());
    assertThat(found).allMatch(one -> one.finding().mend().isEmpty());
  }

  @Test
  void whatIsRatherWrongIsNotProposed() {
    PotScene left = new PotScene().cover(disc(80, 90, 14), 255);

    List<Examined> found =
        sureOf(-1).examine(left.picture(), left.cutout(), Expectations.NONE, Optional.empty());

    assertThat(found).isNotEmpty().allMatch(one -> one.edit().isEmpty());
  }

  @Test
  void whatSomebodyHasSaidIsRightAndNoMendTakesItBack() {
    PotScene left = new PotScene().cover(disc(80, 90, 14), 255);
    PotScene lost = new PotScene().cover(box(200, 130, 300, 380), 0);
    HintEdit subject =
        new HintEdit(new Hint(Hint.Kind.SUBJECT, 6, List.of(new StrokePoint(80, 90))));
    HintEdit backdrop =
        new HintEdit(
            new Hint(Hint.Kind.BACKDROP, 6, List.of(new StrokePoint(250, 250))),
            Optional.of(Area.of(BOXED)));

    List<Examined> kept = examined(left, Optional.empty(), subject);
    List<Examined> removed = examined(lost, Optional.of(sees(GOOD)), backdrop);

    assertThat(kept).anyMatch(one -> one.finding().kind() == FindingKind.LEFTOVER);
    assertThat(kept)
        .filteredOn(one -> one.finding().kind() == FindingKind.LEFTOVER)
        .allMatch(one -> one.finding().right() && one.edit().isEmpty());
    assertThat(removed).noneMatch(one -> brings(one, Mend.Goes.BACK));
    assertThat(examined(lost, Optional.of(sees(GOOD)), subject))
        .as("said elsewhere")
        .anyMatch(one -> brings(one, Mend.Goes.BACK));
  }

  private static boolean brings(Examined one, Mend.Goes goes) {
    return one.finding().mend().filter(mend -> mend.goes() == goes).isPresent();
  }

  @Test
  void onlyTheSurestAreSafe() {
    assertThat(new Mend(Mend.Goes.BACK, 1, 0.96).isSafe()).isTrue();
    assertThat(new Mend(Mend.Goes.BACK, 1, 0.94).isSafe()).isFalse();
  }

  @Test
  void whatAnotherReadingKeepsIsDoubtedAndComesBackWhole() {
    PotScene lost = new PotScene().cover(box(200, 130, 300, 380), 0);

    List<Examined> found = examined(lost, Optional.of(sees(GOOD)));

    Examined back =
        found.stream()
            .filter(one -> one.finding().mend().map(Mend::goes).orElse(null) == Mend.Goes.BACK)
            .findFirst()
            .orElseThrow();
    assertThat(wrong(mended(lost, back))).isLessThan(wrong(lost.cutout()) / 10);
  }

  @Test
  void aSecondThingThatNobodyKeptIsADoubtOfItsOwn() {
    PotScene two = new PotScene();
    two.paint(disc(90, 350, 40), 0xFF8A3A2A);
    PotScene truth = new PotScene().cover(disc(90, 350, 40), 255);

    List<Examined> found = examined(two, Optional.of(sees(truth)));

    Examined doubt = only(FindingKind.COULD_BE_SUBJECT, found);
    Cutout mended = mended(two, doubt);
    assertThat(mended.matte().at(90, 350)).isEqualTo(255);
    assertThat(mended.matte().at(90, 300)).isZero();
    assertThat(doubt.finding().isSerious()).isTrue();
  }

  @Test
  void whereAllAgreeNothingIsDoubted() {
    assertThat(examined(GOOD, Optional.of(sees(GOOD))))
        .extracting(one -> one.finding().kind())
        .doesNotContain(FindingKind.COULD_BE_SUBJECT, FindingKind.COULD_BE_BACKDROP);
  }

  /** Somebody who sees exactly what a scene's cutout keeps. */
  private static Opinions sees(PotScene scene) {
    int w = PotScene.WIDTH / 2;
    int h = PotScene.HEIGHT / 2;
    Plane plane = new Plane(w, h);
    for (int i = 0; i < w * h; i++) {
      int at = i / w * 2 * PotScene.WIDTH + i % w * 2;
      plane.values()[i] = (scene.coverage[at] & 0xFF) / 255f;
    }
    List<Plane> evidence = Collections.nCopies(EvidencePlane.values().length, plane);
    return new Opinions(
        plane,
        Optional.of(plane),
        Optional.empty(),
        evidence,
        List.of(new Opinions.Way(plane, 0.1)));
  }
}
