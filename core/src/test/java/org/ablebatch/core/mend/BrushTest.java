package org.ablebatch.core.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.stroke.Stroke;
import org.ablebatch.core.stroke.StrokePoint;
import org.junit.jupiter.api.Test;

class BrushTest {
  private static final Mender MENDER = new Mender(null);
  private static final int SIDE = 60;
  private static final int ORIGINAL = 0xFF306090;
  private static final int CLEANED = 0xFFC02010;

  @Test
  void aHardEraseClearsItsDiscAndNothingElse() {
    Cutout result = replay(255, stroke(Mode.ERASE, 20, 0, 1, 30.5, 30.5));

    assertThat(result.matte().at(30, 30)).isZero();
    assertThat(result.matte().at(30 + 8, 30)).isZero();
    assertThat(result.matte().at(30 + 12, 30)).isEqualTo(255);
  }

  @Test
  void restoreBringsCoverageAndTheOriginalsColourBack() {
    Cutout result = replay(0, stroke(Mode.RESTORE, 20, 0, 1, 30.5, 30.5));

    assertThat(result.matte().at(30, 30)).isEqualTo(255);
    assertThat(result.colours().at(30, 30)).isEqualTo(ORIGINAL);
    assertThat(result.colours().at(5, 5)).isEqualTo(CLEANED);
  }

  @Test
  void strengthIsReachedAndNotPassedWithinOneStroke() {
    BrushEdit scrubbing =
        stroke(
            Mode.ERASE,
            16,
            0.5,
            0.4,
            List.of(
                new StrokePoint(20, 30),
                new StrokePoint(40, 30),
                new StrokePoint(20, 30),
                new StrokePoint(40, 30)));

    assertThat(replay(255, scrubbing).matte().at(30, 30)).isEqualTo(255 - 102);
  }

  @Test
  void twoStrokesAddUp() {
    BrushEdit half = stroke(Mode.ERASE, 16, 0, 0.5, 30, 30);

    assertThat(replay(255, half, half).matte().at(30, 30)).isBetween(63, 64);
  }

  @Test
  void samplingAStraightWayMoreOftenChangesNothing() {
    List<StrokePoint> dense = new ArrayList<>();
    for (int i = 0; i <= 32; i++) {
      dense.add(new StrokePoint(10 + i, 20 + i / 2.0));
    }
    BrushEdit coarse = stroke(Mode.ERASE, 9, 0.7, 0.9, List.of(dense.get(0), dense.get(32)));
    BrushEdit fine = stroke(Mode.ERASE, 9, 0.7, 0.9, dense);

    byte[] a = replay(255, coarse).matte().coverage();
    byte[] b = replay(255, fine).matte().coverage();
    for (int i = 0; i < a.length; i++) {
      assertThat(Math.abs((a[i] & 0xFF) - (b[i] & 0xFF))).isLessThanOrEqualTo(1);
    }
  }

  @Test
  void softnessFadesOutwards() {
    Matte matte = replay(255, stroke(Mode.ERASE, 40, 1, 1, 30.5, 30.5)).matte();

    int previous = -1;
    for (int x = 30; x < 52; x++) {
      assertThat(matte.at(x, 30)).isGreaterThanOrEqualTo(previous);
      previous = matte.at(x, 30);
    }
    assertThat(matte.at(40, 30)).isBetween(60, 200);
  }

  @Test
  void strokesOutsideThePictureDoNothing() {
    byte[] before = base(128).matte().coverage();

    assertThat(replay(128, stroke(Mode.ERASE, 30, 0.5, 1, -100, 900)).matte().coverage())
        .isEqualTo(before);
  }

  @Test
  void replayIsDeterministicAndLeavesTheBaseAlone() {
    Random random = new Random(3);
    List<Edit> edits = new ArrayList<>();
    for (int i = 0; i < 25; i++) {
      edits.add(
          stroke(
              random.nextBoolean() ? Mode.ERASE : Mode.RESTORE,
              1 + random.nextInt(40),
              random.nextDouble(),
              random.nextDouble(),
              List.of(
                  new StrokePoint(random.nextDouble() * SIDE, random.nextDouble() * SIDE),
                  new StrokePoint(random.nextDouble() * SIDE, random.nextDouble() * SIDE))));
    }
    Cutout base = base(90);

    Cutout once = MENDER.replay(original(), base, edits);
    Cutout twice = MENDER.replay(original(), base, edits);

    assertThat(once.matte().coverage()).isEqualTo(twice.matte().coverage());
    assertThat(once.colours().argb()).isEqualTo(twice.colours().argb());
    assertThat(base.matte().coverage()).containsOnly((byte) 90);
  }

  @Test
  void impossibleBrushesAreRefusedInWords() {
    assertThatThrownBy(() -> stroke(Mode.ERASE, 0, 0, 1, 1, 1))
        .hasMessageContaining("1 to 2000 px");
    assertThatThrownBy(() -> stroke(Mode.ERASE, 10, 2, 1, 1, 1)).hasMessageContaining("Softness");
    assertThatThrownBy(() -> stroke(Mode.ERASE, 10, 0, 1, Double.NaN, 1))
        .hasMessageContaining("finite");
  }

  private static BrushEdit stroke(
      Mode mode, double size, double softness, double strength, double x, double y) {
    return stroke(mode, size, softness, strength, List.of(new StrokePoint(x, y)));
  }

  private static BrushEdit stroke(
      Mode mode, double size, double softness, double strength, List<StrokePoint> points) {
    return new BrushEdit(mode, false, new Stroke(size, softness, strength, points));
  }

  private static Cutout replay(int coverage, Edit... edits) {
    return MENDER.replay(original(), base(coverage), List.of(edits));
  }

  private static Cutout base(int coverage) {
    return new Cutout(Matte.filled(SIDE, SIDE, coverage), filled(CLEANED));
  }

  private static Picture original() {
    return filled(ORIGINAL);
  }

  private static Picture filled(int argb) {
    int[] pixels = new int[SIDE * SIDE];
    Arrays.fill(pixels, argb);
    return new Picture(SIDE, SIDE, pixels);
  }
}
