package org.ablebatch.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class ComparisonTest {
  private static final int W = 120;
  private static final int H = 80;
  private static final Rect BODY = new Rect(20, 20, 40, 40);

  @Test
  void whatIsAlikeHasNoRegion() {
    Comparison same = Comparison.of(cutout(BODY), cutout(BODY));

    assertThat(same.regions()).isEmpty();
    assertThat(same.meanDifference()).isZero();
    assertThat(same.share()).isZero();
  }

  @Test
  void differencesAreMeasuredAndSaidWhoseTheyAre() {
    Comparison found =
        Comparison.of(
            cutout(BODY, new Rect(80, 20, 20, 10)), cutout(BODY, new Rect(90, 60, 10, 5)));

    assertThat(found.regions()).hasSize(2);
    Comparison.Region larger = found.regions().get(0);
    assertThat(larger.area()).isEqualTo(200);
    assertThat(larger.difference()).isEqualTo(1);
    assertThat(larger.firstKeepsMore()).isTrue();
    assertThat(larger.box()).isEqualTo(new Rect(77, 17, 26, 16));
    assertThat(found.regions().get(1).firstKeepsMore()).isFalse();
    assertThat(found.share()).isEqualTo(250 / (double) (W * H));
    assertThat(found.meanDifference()).isEqualTo(250 / (double) (W * H));
  }

  @Test
  void anotherColourIsADifferenceToo() {
    Cutout plain = cutout(BODY);
    Cutout spilled = cutout(BODY);
    for (int y = 20; y < 60; y++) {
      spilled.colours().argb()[y * W + 20] = 0xFFFFFFFF;
    }

    Comparison found = Comparison.of(plain, spilled);

    assertThat(found.regions()).hasSize(1);
    assertThat(found.regions().get(0).difference()).isZero();
    assertThat(found.meanDifference()).isZero();
  }

  @Test
  void cutoutsOfTwoSizesCantBeCompared() {
    Cutout small = new Cutout(Matte.filled(2, 2, 0), new Picture(2, 2, new int[4]));

    assertThatThrownBy(() -> Comparison.of(cutout(BODY), small))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("2 × 2");
  }

  @Test
  void aRegionIsTakenWholeThoughTheBoxCutsALittleOfIt() {
    Rect handle = new Rect(80, 20, 20, 10);
    Cutout merged = Merge.take(cutout(BODY), cutout(BODY, handle), new Rect(84, 10, 30, 30));

    assertThat(merged.matte().coverage()).isEqualTo(cutout(BODY, handle).matte().coverage());
  }

  @Test
  void whatLiesMostlyOutsideStaysAway() {
    Rect handle = new Rect(80, 20, 20, 10);
    Cutout merged = Merge.take(cutout(BODY), cutout(BODY, handle), new Rect(98, 15, 10, 30));

    assertThat(merged.matte().coverage()).isEqualTo(cutout(BODY).matte().coverage());
  }

  @Test
  void whatGoesFarOnBothSidesIsCutSoftlyAtTheBox() {
    Rect bar = new Rect(10, 66, 100, 8);
    Cutout merged = Merge.take(cutout(BODY), cutout(BODY, bar), new Rect(60, 60, 60, 20));

    assertThat(merged.matte().at(100, 70)).isEqualTo(255);
    assertThat(merged.matte().at(20, 70)).isZero();
    int before = 255;
    for (int x = 64; x >= 54; x--) {
      assertThat(merged.matte().at(x, 70)).isLessThanOrEqualTo(before);
      before = merged.matte().at(x, 70);
    }
    assertThat(merged.matte().at(60, 70)).isBetween(60, 200);
  }

  @Test
  void takingTheWholePictureGivesTheOther() {
    Cutout other = cutout(BODY, new Rect(80, 20, 20, 10));
    Cutout merged = Merge.take(cutout(BODY), other, new Rect(0, 0, W, H));

    assertThat(merged.matte().coverage()).isEqualTo(other.matte().coverage());
  }

  private static Cutout cutout(Rect... parts) {
    byte[] coverage = new byte[W * H];
    int[] colours = new int[W * H];
    Arrays.fill(colours, 0xFF2F5F8F);
    for (Rect part : parts) {
      for (int y = part.y(); y < part.bottom(); y++) {
        Arrays.fill(coverage, y * W + part.x(), y * W + part.right(), (byte) 255);
      }
    }
    return new Cutout(new Matte(W, H, coverage), new Picture(W, H, colours));
  }
}
