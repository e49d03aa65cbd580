package org.ablebatch.core.matting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

class NearSamplesTest {
  private static final int W = 60;
  private static final int H = 40;

  @Test
  void theNearestComeFirstAndNoSideIsPreferred() {
    int[] found = new int[16];

    int count = samples(true).nearest(30, 20, 12, 8, found);

    assertThat(count).isBetween(8, 16);
    int left = 0;
    int right = 0;
    for (int k = 0; k < count; k++) {
      left += found[k] % W / 5 < 6 ? 1 : 0;
      right += found[k] % W / 5 > 6 ? 1 : 0;
    }
    assertThat(left).isEqualTo(right).isPositive();
  }

  @Test
  void whereNothingIsKnownNothingIsFound() {
    assertThat(samples(false).nearest(30, 20, 12, 8, new int[16])).isZero();
  }

  @Test
  void atTheCornerOfThePictureTheSearchStaysInside() {
    int[] found = new int[4];

    int count = samples(true).nearest(0, 0, 12, 4, found);

    assertThat(count).isEqualTo(4);
    for (int pixel : found) {
      assertThat(pixel).isBetween(0, W * H - 1);
    }
  }

  private static NearSamples samples(boolean known) {
    boolean[] zone = new boolean[W * H];
    boolean[] side = new boolean[W * H];
    Arrays.fill(zone, true);
    Arrays.fill(side, known);
    return NearSamples.around(zone, side, W, H);
  }
}
