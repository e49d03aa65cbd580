package org.ablebatch.core.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.ablebatch.core.PotScene;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.Shape;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.Stroke;
import org.ablebatch.core.stroke.StrokePoint;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What must hold for every kind of edit. */
class MenderTest {
  private static final PotScene SCENE = spoiled();
  private static final long OTHER_VERSION = 7;
  private static final Mender MENDER =
      new Mender(new Means(new Cutter(Priors.none()), MenderTest::version));

  static List<Edit> everyKind() {
    return List.of(
        new BrushEdit(Mode.ERASE, false, stroke(40, 300, 200, 330, 260)),
        new BrushEdit(Mode.RESTORE, false, stroke(30, 150, 200, 210, 260)),
        new BrushEdit(Mode.ERASE, true, stroke(60, 190, 200, 230, 300)),
        new BrushEdit(Mode.RESTORE, true, stroke(50, 330, 145, 385, 145)),
        new StrandEdit(stroke(40, 195, 180, 205, 300)),
        new PickEdit(Mode.ERASE, List.of(new PickEdit.Sample(250, 250, 0.05, false)), false, false),
        new PickEdit(
            Mode.ERASE,
            List.of(
                new PickEdit.Sample(250, 250, 0.2, false), new PickEdit.Sample(20, 20, 0.04, true)),
            true,
            true),
        new AreaEdit(Mode.ERASE, box(230, 150, 300, 220)),
        new HintEdit(new Hint(Hint.Kind.BACKDROP, 20, way(390, 240, 400, 240))),
        new TraceEdit(way(380, 130, 430, 90, 500, 80), 6, 1, 0.2, 1, 0x40A060),
        new TraceEdit(way(60, 60, 90, 90), 2, 2, 0, 0.5, null),
        new EdgeEdit(0, 0.1, 4, 4, 2, -1.5, 0.3, 1, false, 0.5),
        new EdgeEdit(0, 0, 0, 0, 0, 2, 0, 0, true, 0),
        new TakeEdit(OTHER_VERSION, box(250, 200, 350, 300)),
        new SubjectEdit(Mode.ERASE, new Rect(180, 110, 300, 290)),
        new EdgeEdit(8, 0, 0, 0, 0, 0, 0, 0, false, 0),
        new LimitedEdit(box(200, 130, 290, 380), new EdgeEdit(0, 0, 0, 0, 0, -3, 0, 0, false, 0)));
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void putBackNothingIsLeftOfIt(Edit edit) {
    Workpiece piece = new Workpiece(SCENE.picture(), SCENE.cutout());

    Patch before = MENDER.apply(piece, edit);

    assertThat(before.box().isEmpty()).as("it does something").isFalse();
    piece.put(before);
    assertThat(piece.cutout().matte().coverage()).isEqualTo(SCENE.coverage);
    assertThat(piece.cutout().colours().argb()).isEqualTo(SCENE.colours);
    assertThat(piece.hints()).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void nothingChangesOutsideOfWhatItNames(Edit edit) {
    Workpiece piece = new Workpiece(SCENE.picture(), SCENE.cutout());

    Rect box = MENDER.apply(piece, edit).box();

    Matte matte = piece.cutout().matte();
    for (int y = 0; y < PotScene.HEIGHT; y++) {
      for (int x = 0; x < PotScene.WIDTH; x++) {
        boolean in = x >= box.x() && y >= box.y() && x < box.right() && y < box.bottom();
        if (!in && matte.at(x, y) != (SCENE.coverage[y * PotScene.WIDTH + x] & 0xFF)) {
          throw new AssertionError("changed at " + x + ", " + y + " beside " + box);
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void anAreaKeepsItInside(Edit edit) {
    if (edit instanceof LimitedEdit) {
      return;
    }
    Workpiece piece = new Workpiece(SCENE.picture(), SCENE.cutout());

    Rect changed = MENDER.apply(piece, new LimitedEdit(box(0, 0, 300, 480), edit)).box();

    assertThat(changed.isEmpty() || changed.right() <= 300).isTrue();
  }

  @Test
  void allTogetherTwiceGiveTheSameBytes() {
    Cutout once = MENDER.replay(SCENE.picture(), SCENE.cutout(), everyKind());
    Cutout twice = MENDER.replay(SCENE.picture(), SCENE.cutout(), everyKind());

    assertThat(once.matte().coverage()).isEqualTo(twice.matte().coverage());
    assertThat(once.colours().argb()).isEqualTo(twice.colours().argb());
    assertThat(SCENE.cutout().matte().coverage()).isEqualTo(spoiled().coverage);
  }

  @Test
  void takenBackInReverseTheyLeaveNothing() {
    Workpiece piece = new Workpiece(SCENE.picture(), SCENE.cutout());
    List<Patch> patches = new ArrayList<>();
    everyKind().forEach(edit -> patches.add(MENDER.apply(piece, edit)));

    for (int k = patches.size() - 1; k >= 0; k--) {
      piece.put(patches.get(k));
    }

    assertThat(piece.cutout().matte().coverage()).isEqualTo(SCENE.coverage);
    assertThat(piece.cutout().colours().argb()).isEqualTo(SCENE.colours);
  }

  @Test
  void erasedAndRestoredFullyItIsAsItWas() {
    Stroke stroke = new Stroke(50, 0, 1, way(280, 220, 320, 280));
    Cutout mended =
        MENDER.replay(
            SCENE.picture(),
            SCENE.cutout(),
            List.of(
                new BrushEdit(Mode.ERASE, false, stroke),
                new BrushEdit(Mode.RESTORE, false, new Stroke(54, 0, 1, stroke.points()))));

    assertThat(mended.matte().coverage()).isEqualTo(SCENE.coverage);
    assertThat(mended.colours().argb()).isEqualTo(SCENE.colours);
  }

  @Test
  void plainStrokesThatDoNotMeetMayComeInAnyOrder() {
    Random random = new Random(11);
    for (int round = 0; round < 12; round++) {
      double y = 60 + random.nextInt(300);
      Edit left = new BrushEdit(Mode.ERASE, false, stroke(20 + random.nextInt(40), 120, y, 160, y));
      Edit right = new BrushEdit(Mode.RESTORE, false, stroke(30, 420, y, 500, y + 20));

      Cutout one = MENDER.replay(SCENE.picture(), SCENE.cutout(), List.of(left, right));
      Cutout other = MENDER.replay(SCENE.picture(), SCENE.cutout(), List.of(right, left));

      assertThat(one.matte().coverage()).isEqualTo(other.matte().coverage());
    }
  }

  @Test
  void anEditThatFailsLeavesTheWorkpieceAlone() {
    Workpiece piece = new Workpiece(SCENE.picture(), SCENE.cutout());

    assertThatThrownBy(
            () -> MENDER.apply(piece, new SubjectEdit(Mode.RESTORE, new Rect(10, 10, 60, 60))))
        .isInstanceOf(NothingThere.class)
        .hasMessageMatching("No subject found.*");
    assertThatThrownBy(() -> MENDER.apply(piece, new TakeEdit(99, box(0, 0, 9, 9))))
        .isInstanceOf(NothingThere.class);
    assertThat(piece.cutout().matte().coverage()).isEqualTo(SCENE.coverage);
  }

  /** With something left over at the left, a corner lost, and the gap in the handle closed. */
  private static PotScene spoiled() {
    return new PotScene()
        .cover(PotScene.disc(190, 260, 24), 255)
        .cover(PotScene.disc(390, 240, 46), 255)
        .cover(PotScene.box(330, 130, 380, 160), 0);
  }

  private static Cutout version(long id) {
    if (id != OTHER_VERSION) {
      throw new NothingThere("There is no such version");
    }
    return new PotScene().cover(PotScene.box(260, 210, 340, 290), 40).cutout();
  }

  static Stroke stroke(double size, double... points) {
    return new Stroke(size, 0.2, 1, way(points));
  }

  static Area box(double x, double y, double right, double bottom) {
    return Area.of(new Shape(Shape.Kind.BOX, way(x, y, right, bottom)));
  }

  static List<StrokePoint> way(double... numbers) {
    List<StrokePoint> points = new ArrayList<>();
    for (int k = 0; k < numbers.length; k += 2) {
      points.add(new StrokePoint(numbers[k], numbers[k + 1]));
    }
    return points;
  }
}
