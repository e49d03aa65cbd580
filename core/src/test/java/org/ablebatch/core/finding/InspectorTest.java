package org.ablebatch.core.finding;

import static org.ablebatch.core.PotScene.box;
import static org.ablebatch.core.PotScene.disc;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.ablebatch.core.PotScene;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class InspectorTest {

  @Test
  void aGoodCutoutHasNothingSerious() {
    assertThat(new PotScene().inspect()).noneMatch(Finding::isSerious);
  }

  @Test
  void backdropKeptFarFromTheSubjectIsLeftOver() {
    assertFound(
        new PotScene().cover(disc(80, 90, 14), 255).inspect(),
        FindingKind.LEFTOVER,
        new Rect(66, 76, 28, 28));
  }

  @Test
  void anOpeningThatWasClosedIsAGap() {
    assertFound(
        new PotScene().cover((x, y) -> x >= 380 && disc(390, 240, 46).is(x, y), 255).inspect(),
        FindingKind.UNOPENED_GAP,
        new Rect(382, 200, 50, 80));
  }

  @Test
  void aHoleInsideTheSubjectIsSuspicious() {
    assertFound(
        new PotScene().cover(disc(290, 260, 13), 0).inspect(),
        FindingKind.SUSPICIOUS_HOLE,
        new Rect(277, 247, 26, 26));
  }

  @Test
  void theRealGapIsNoHole() {
    assertThat(new PotScene().inspect())
        .noneMatch(one -> one.kind() == FindingKind.SUSPICIOUS_HOLE);
  }

  @Test
  void aPartThatWasCutOffIsMissed() {
    assertFound(
        new PotScene().cover(box(200, 340, 380, 380), 0).inspect(),
        FindingKind.MISSING_PART,
        new Rect(200, 340, 180, 40));
  }

  @Test
  void wideFaintCoverageIsHaze() {
    assertFound(
        new PotScene().cover((x, y) -> disc(130, 260, 60).is(x, y) && x < 195, 50).inspect(),
        FindingKind.HAZE,
        new Rect(70, 200, 120, 120));
  }

  @Test
  void aDarkerPieceOfWallIsAShadow() {
    PotScene scene = new PotScene();
    for (int y = 384; y < 430; y++) {
      for (int x = 210; x < 370; x++) {
        double soft = Math.min(1, Math.min((430 - y) / 20.0, Math.min(x - 209, 370 - x) / 20.0));
        int i = y * PotScene.WIDTH + x;
        scene.photograph[i] = PotScene.lighter(PotScene.WALL, (int) (-70 * soft));
        scene.colours[i] = scene.photograph[i];
        scene.coverage[i] = (byte) (255 * 0.8 * soft);
      }
    }

    assertFound(scene.inspect(), FindingKind.SHADOW, new Rect(210, 384, 160, 46));
  }

  @Test
  void anEdgeFullOfBackdropIsAFringe() {
    List<Finding> found = new PotScene().cover(box(197, 130, 200, 380), 255).inspect();

    assertThat(found)
        .anyMatch(
            one ->
                one.isSerious()
                    && (one.kind() == FindingKind.FRINGE || one.kind() == FindingKind.RAGGED_EDGE)
                    && !one.box().intersect(new Rect(185, 130, 20, 250)).isEmpty());
  }

  @Test
  void aRodToTheBorderIsASupport() {
    PotScene scene = new PotScene();
    scene.paint(box(285, 380, 297, PotScene.HEIGHT), 0xFF9A3B22);
    scene.cover(box(285, 380, 297, PotScene.HEIGHT), 255);

    assertFound(scene.inspect(), FindingKind.SUPPORT, new Rect(285, 380, 12, 100));
  }

  @Test
  void smallThingsInARowAreLettering() {
    PotScene scene = new PotScene();
    for (int k = 0; k < 6; k++) {
      PotScene.Where letter = box(40 + 22 * k, 40, 52 + 22 * k, 58);
      scene.paint(letter, 0xFF30302C).cover(letter, 255);
    }

    assertFound(scene.inspect(), FindingKind.STRAY_MARKS, new Rect(40, 40, 122, 18));
  }

  @Test
  void whatReachesTheBorderIsCutOffByIt() {
    PotScene scene = new PotScene();
    scene.paint(box(200, 370, 380, PotScene.HEIGHT), PotScene.POT);
    scene.cover(box(200, 370, 380, PotScene.HEIGHT), 255);

    assertFound(scene.inspect(), FindingKind.TOUCHES_FRAME, new Rect(200, 475, 180, 5));
    assertThat(
            Inspector.inspect(
                scene.picture(), scene.cutout(), new Expectations(false, true, false)))
        .noneMatch(one -> one.kind() == FindingKind.TOUCHES_FRAME && one.isSerious());
  }

  @Test
  void nothingAndEverythingAreSaidPlainly() {
    assertThat(new PotScene().cover((x, y) -> true, 0).inspect())
        .anyMatch(one -> one.kind() == FindingKind.EMPTY && one.severity() > 0.9);
    assertThat(new PotScene().cover((x, y) -> true, 255).inspect())
        .anyMatch(one -> one.kind() == FindingKind.NEARLY_ALL && one.severity() > 0.9);
  }

  @Test
  void theSameCutoutGivesTheSameFindings() {
    PotScene scene = new PotScene().cover(disc(80, 90, 14), 255);

    assertThat(scene.inspect()).isEqualTo(scene.inspect());
  }

  @Test
  void trustFallsWithTheWorstOfEachKind() {
    Rect box = new Rect(0, 0, 9, 9);
    Finding gap = new Finding(FindingKind.UNOPENED_GAP, box, 1, 0.8, "");
    Finding smaller = new Finding(FindingKind.UNOPENED_GAP, box, 1, 0.4, "");
    Finding haze = new Finding(FindingKind.HAZE, box, 1, 0.8, "");

    assertThat(Trust.percent(80, List.of())).isEqualTo(80);
    assertThat(Trust.percent(80, List.of(gap, smaller)))
        .isEqualTo(Trust.percent(80, List.of(gap)))
        .isLessThan(80);
    assertThat(Trust.percent(80, List.of(gap, haze))).isLessThan(Trust.percent(80, List.of(gap)));
  }

  private static void assertFound(List<Finding> found, FindingKind kind, Rect where) {
    assertThat(found)
        .as("%s at %s", kind, where)
        .anyMatch(
            one -> one.kind() == kind && one.isSerious() && !one.box().intersect(where).isEmpty());
  }
}
