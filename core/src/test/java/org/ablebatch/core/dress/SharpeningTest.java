package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;

class SharpeningTest {
  private static final double SCALE = 4;

  @Test
  void anEnlargedEdgeBecomesSteeperWithoutAHalo() {
    Picture enlarged = enlarged(step(0xFF303030, 0xFFD0D0D0));

    Picture crisp = Sharpening.afterEnlarging(enlarged, SCALE);

    assertThat(steepest(crisp)).isGreaterThan(steepest(enlarged));
    assertThat(between(crisp)).as("pixels between").isLessThan(between(enlarged));
    int before = range(enlarged);
    assertThat(range(crisp)).as("nothing is lighter or darker than before").isEqualTo(before);
  }

  @Test
  void coverageBecomesCrispAndStaysClearWhereItWas() {
    Picture enlarged = enlarged(step(0, 0xFF406080));

    Picture crisp = Sharpening.afterEnlarging(enlarged, SCALE);

    assertThat(partly(crisp)).isLessThan(partly(enlarged));
    assertThat(crisp.at(0, 20)).isZero();
    assertThat(crisp.at(63, 20)).isEqualTo(enlarged.at(63, 20));
  }

  @Test
  void evenPlacesAreNotTouched() {
    Picture even = step(0xFF808080, 0xFF808080);

    assertThat(Sharpening.afterEnlarging(even, SCALE).argb()).isEqualTo(even.argb());
  }

  private static Picture step(int left, int right) {
    int[] argb = new int[16 * 12];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = i % 16 < 8 ? left : right;
    }
    return new Picture(16, 12, argb);
  }

  private static Picture enlarged(Picture small) {
    return Resampling.into(new Frame(64, 48), small, new Placement(SCALE, 0, 0));
  }

  private static int steepest(Picture p) {
    int most = 0;
    for (int x = 9; x < 56; x++) {
      most = Math.max(most, Math.abs((p.at(x, 24) & 0xFF) - (p.at(x - 1, 24) & 0xFF)));
    }
    return most;
  }

  private static int between(Picture p) {
    int count = 0;
    for (int x = 0; x < 64; x++) {
      int value = p.at(x, 24) & 0xFF;
      count += value > 0x38 && value < 0xC8 ? 1 : 0;
    }
    return count;
  }

  private static int range(Picture p) {
    int low = 255;
    int high = 0;
    for (int x = 8; x < 56; x++) {
      low = Math.min(low, p.at(x, 24) & 0xFF);
      high = Math.max(high, p.at(x, 24) & 0xFF);
    }
    return high - low;
  }

  private static int partly(Picture p) {
    int count = 0;
    for (int pixel : p.argb()) {
      int alpha = pixel >>> 24;
      count += alpha > 8 && alpha < 247 ? 1 : 0;
    }
    return count;
  }
}
