package org.ablebatch.core.mend;

import static org.ablebatch.core.mend.MenderTest.box;
import static org.ablebatch.core.mend.MenderTest.stroke;
import static org.ablebatch.core.mend.MenderTest.way;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.ablebatch.core.PotScene;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.Shape;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;
import org.junit.jupiter.api.Test;

/** Every tool mends what it is for. */
class ToolsTest {
  private static final Mender MENDER = new Mender(new Means(new Cutter(Priors.none()), null));
  private static final PotScene GOOD = new PotScene();

  @Test
  void restoringAlongAnEdgeBringsThePartBackAndNoBackdrop() {
    PotScene lost = new PotScene().cover(PotScene.box(200, 130, 380, 170), 0);

    Cutout mended = mended(lost, new BrushEdit(Mode.RESTORE, true, stroke(70, 190, 150, 390, 150)));

    assertThat(wrong(lost.cutout())).isGreaterThan(7000);
    assertThat(wrong(mended)).isLessThan(250);
    assertThat(mended.matte().at(290, 125)).as("wall above it").isLessThan(20);
  }

  @Test
  void erasingAlongAnEdgeTakesTheLeftoverAndNoSubject() {
    PotScene left = new PotScene().cover(PotScene.disc(190, 260, 24), 255);

    Cutout mended = mended(left, new BrushEdit(Mode.ERASE, true, stroke(64, 185, 258, 195, 262)));

    assertThat(wrong(mended)).isLessThan(120);
    assertThat(mended.matte().at(210, 260)).as("the pot beside it").isGreaterThan(235);
  }

  @Test
  void aHintThatMeansAThingBringsAllOfItBackAndNothingElse() {
    PotScene lost = new PotScene().cover(PotScene.box(200, 340, 380, 380), 0);
    Area bottom =
        Area.of(
            new Shape(
                Shape.Kind.BOX, List.of(new StrokePoint(201, 338), new StrokePoint(379, 380))));
    Hint click = new Hint(Hint.Kind.SUBJECT, 8, List.of(new StrokePoint(290, 360)));

    Cutout wide = mended(lost, new HintEdit(click, Optional.of(bottom)));

    assertThat(wrong(lost.cutout())).isGreaterThan(7000);
    assertThat(wrong(wide)).isLessThan(500);
    assertThat(wide.matte().at(290, 400)).as("the wall below").isZero();
  }

  @Test
  void whatLiesUnderAHintIsCertain() {
    Hint click = new Hint(Hint.Kind.BACKDROP, 12, List.of(new StrokePoint(290, 260)));
    Area around =
        Area.of(
            new Shape(
                Shape.Kind.BOX, List.of(new StrokePoint(284, 254), new StrokePoint(296, 266))));

    Cutout mended = mended(GOOD, new HintEdit(click, Optional.of(around)));

    assertThat(mended.matte().at(290, 260)).isZero();
    assertThat(mended.matte().at(250, 260)).isEqualTo(255);
  }

  @Test
  void aPickTakesWhatHangsTogetherOrAllOfIt() {
    PotScene closed = new PotScene().cover(PotScene.disc(390, 240, 46), 255);
    PickEdit.Sample sample = new PickEdit.Sample(395, 240, 0.05, false);

    Cutout touching = mended(closed, new PickEdit(Mode.ERASE, List.of(sample), false, false));
    Cutout everywhere =
        mended(
            closed.cover(PotScene.disc(60, 60, 20), 255),
            new PickEdit(Mode.ERASE, List.of(sample), true, false));

    assertThat(touching.matte().at(400, 240)).isZero();
    assertThat(touching.matte().at(300, 250)).isEqualTo(255);
    assertThat(everywhere.matte().at(60, 60)).isZero();
    assertThat(wrong(everywhere)).isLessThan(200);
  }

  @Test
  void aColourThatWasTakenOutStays() {
    PotScene scene = new PotScene().paint(PotScene.disc(250, 200, 20), 0xFFD8B040);
    List<PickEdit.Sample> samples =
        List.of(
            new PickEdit.Sample(300, 300, 0.6, false), new PickEdit.Sample(250, 200, 0.05, true));

    Cutout mended = mended(scene, new PickEdit(Mode.ERASE, samples, true, false));

    assertThat(mended.matte().at(250, 200)).isEqualTo(255);
    assertThat(mended.matte().at(320, 320)).isZero();
  }

  @Test
  void aHintOpensAGapThatWasLeftClosed() {
    PotScene closed = new PotScene().cover(PotScene.disc(390, 240, 46), 255);

    Cutout mended =
        mended(closed, new HintEdit(new Hint(Hint.Kind.BACKDROP, 16, way(395, 235, 415, 245))));

    assertThat(mended.matte().at(400, 240)).isZero();
    assertThat(mended.matte().at(420, 260)).isZero();
    assertThat(mended.matte().at(300, 250)).isEqualTo(255);
    assertThat(wrong(mended)).isLessThan(600);
  }

  @Test
  void hintsOfBeforeStillHold() {
    PotScene closed = new PotScene().cover(PotScene.disc(390, 240, 46), 255);
    HintEdit keep = new HintEdit(new Hint(Hint.Kind.SUBJECT, 14, way(425, 255, 427, 257)));
    HintEdit open = new HintEdit(new Hint(Hint.Kind.BACKDROP, 16, way(395, 225, 415, 235)));

    Cutout mended = MENDER.replay(closed.picture(), closed.cutout(), List.of(keep, open));

    assertThat(mended.matte().at(426, 256)).isGreaterThan(200);
    assertThat(mended.matte().at(400, 228)).isZero();
  }

  @Test
  void aTracedLineIsSmoothTaperedAndOfItsColour() {
    Cutout mended =
        mended(GOOD, new TraceEdit(way(40, 40, 100, 40, 160, 40), 12, 2, 0, 1, 0x40A060));

    assertThat(mended.matte().at(44, 40)).isEqualTo(255);
    assertThat(mended.matte().at(44, 44)).isEqualTo(255);
    assertThat(mended.matte().at(155, 44)).isZero();
    assertThat(mended.colours().at(100, 40)).isEqualTo(0xFF40A060);
  }

  @Test
  void aFaintLineIsAsFaintAsItWasAsked() {
    Cutout mended = mended(GOOD, new TraceEdit(way(40, 40, 160, 40), 8, 8, 0, 0.5, null));

    assertThat(mended.matte().at(100, 40)).isBetween(126, 129);
  }

  @Test
  void shrinkingByAPixelAndAHalfMovesTheOutlineByThat() {
    Matte in = mended(GOOD, edge(-1.5, 0)).matte();
    Matte out = mended(GOOD, edge(2, 0)).matte();

    assertThat(in.at(200, 250)).isZero();
    assertThat(in.at(201, 250)).isBetween(90, 165);
    assertThat(in.at(202, 250)).isEqualTo(255);
    assertThat(out.at(198, 250)).isEqualTo(255);
    assertThat(out.at(197, 250)).isZero();
  }

  @Test
  void aWaveringOutlineIsFittedToThePhotograph() {
    PotScene wavering = new PotScene();
    for (int y = 0; y < PotScene.HEIGHT; y++) {
      int in = (int) Math.round(5 * Math.sin(y / 6.0));
      for (int x = 190; x < 212; x++) {
        boolean kept = x >= 200 + in && y >= 130 && y < 380;
        wavering.coverage[y * PotScene.WIDTH + x] = (byte) (kept ? 255 : 0);
      }
    }

    Cutout mended = mended(wavering, new EdgeEdit(8, 0, 0, 0, 0, 0, 0, 0, false, 0));

    assertThat(wrong(wavering.cutout())).isGreaterThan(700);
    assertThat(wrong(mended)).isLessThan(120);
  }

  @Test
  void aFeatheredEdgeFallsOverItsWidth() {
    Matte matte = mended(GOOD, edge(0, 8)).matte();

    assertThat(matte.at(200, 250)).isBetween(110, 150);
    assertThat(matte.at(192, 250)).isLessThan(40);
    assertThat(matte.at(212, 250)).isGreaterThan(225);
  }

  @Test
  void smallHolesAreClosedAndLargeOnesStay() {
    PotScene holes =
        new PotScene().cover(PotScene.disc(250, 200, 4), 0).cover(PotScene.disc(300, 300, 20), 0);

    Matte matte = mended(holes, new EdgeEdit(0, 0, 10, 0, 0, 0, 0, 0, false, 0)).matte();

    assertThat(matte.at(250, 200)).isEqualTo(255);
    assertThat(matte.at(300, 300)).isZero();
  }

  @Test
  void haloColoursAreDrawnFromInside() {
    PotScene fringed = new PotScene();
    for (int y = 150; y < 360; y++) {
      for (int x = 200; x < 203; x++) {
        fringed.colours[y * PotScene.WIDTH + x] = PotScene.WALL;
      }
    }

    Cutout mended = mended(fringed, new EdgeEdit(0, 0, 0, 0, 0, 0, 0, 0, false, 1));

    int blue = mended.colours().at(201, 250) & 0xFF;
    int red = mended.colours().at(201, 250) >> 16 & 0xFF;
    assertThat(blue - red).as("blue as the pot, not grey as the wall").isGreaterThan(50);
  }

  @Test
  void hardEdgesHaveNothingBetween() {
    Matte matte = mended(GOOD, new EdgeEdit(0, 0, 0, 0, 3, 0, 0, 0, true, 0)).matte();

    int between = 0;
    for (byte cover : matte.coverage()) {
      int value = cover & 0xFF;
      between += value > 40 && value < 215 ? 1 : 0;
    }
    assertThat(between).isLessThan(20);
  }

  @Test
  void aSubjectInABoxIsAdded() {
    PotScene nothing = new PotScene().cover((x, y) -> true, 0);

    Cutout mended = mended(nothing, new SubjectEdit(Mode.RESTORE, new Rect(180, 110, 300, 290)));

    assertThat(mended.matte().at(290, 250)).isGreaterThan(230);
    assertThat(wrong(mended)).isLessThan(2500);
  }

  @Test
  void aRegionOfAnotherVersionComesOverWithItsColours() {
    PotScene other = new PotScene().cover(PotScene.disc(290, 250, 30), 90);
    Mender mender = new Mender(new Means(null, id -> other.cutout()));

    Matte matte =
        mender
            .replay(
                GOOD.picture(), GOOD.cutout(), List.of(new TakeEdit(1, box(250, 210, 330, 290))))
            .matte();

    assertThat(matte.at(290, 250)).isEqualTo(90);
    assertThat(matte.at(240, 250)).isEqualTo(255);
  }

  private static EdgeEdit edge(double grow, double feather) {
    return new EdgeEdit(0, 0, 0, 0, 0, grow, 0, feather, false, 0);
  }

  private static Cutout mended(PotScene scene, Edit edit) {
    return MENDER.replay(scene.picture(), scene.cutout(), List.of(edit));
  }

  /** Pixels whose coverage is far from the good cutout's. */
  private static int wrong(Cutout cutout) {
    int wrong = 0;
    for (int i = 0; i < GOOD.coverage.length; i++) {
      int apart = (cutout.matte().coverage()[i] & 0xFF) - (GOOD.coverage[i] & 0xFF);
      wrong += Math.abs(apart) > 100 ? 1 : 0;
    }
    return wrong;
  }
}
