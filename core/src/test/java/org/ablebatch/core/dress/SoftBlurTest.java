package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SoftBlurTest {
  private static final int W = 120;
  private static final int H = 90;

  @ParameterizedTest
  @ValueSource(doubles = {2, 6, 14})
  void lightIsSpreadAndNothingOfItLost(double radius) {
    float[] spot = new float[W * H];
    spot[45 * W + 60] = 1;

    float[] soft = SoftBlur.of(spot, W, H, radius);

    double sum = 0;
    double variance = 0;
    for (int y = 0; y < H; y++) {
      for (int x = 0; x < W; x++) {
        sum += soft[y * W + x];
        variance += soft[y * W + x] * (x - 60) * (x - 60);
      }
    }
    assertThat(sum).isCloseTo(1, within(1e-4));
    // A radius is two standard deviations; whole cells come as near as they can.
    assertThat(Math.sqrt(variance)).isCloseTo(radius / 2, within(0.5));
    assertThat(soft[45 * W + 50]).isEqualTo(soft[45 * W + 70]);
  }

  @Test
  void whatIsElsewhereDoesNotMatter() {
    float[] spot = new float[W * H];
    spot[45 * W + 60] = 1;
    float[] both = spot.clone();
    both[2 * W + 2] = 0.5f;

    float[] one = SoftBlur.of(spot, W, H, 8);
    float[] two = SoftBlur.of(both, W, H, 8);

    // The second spot makes the region another one; around the first all stays the same.
    for (int y = 35; y < 55; y++) {
      for (int x = 50; x < 70; x++) {
        assertThat(two[y * W + x]).isCloseTo(one[y * W + x], within(1e-6f));
      }
    }
  }

  @Test
  void nothingStaysNothingAndALittleBlurChangesNothing() {
    float[] none = new float[W * H];
    float[] flat = new float[W * H];
    Arrays.fill(flat, 0.4f);

    assertThat(SoftBlur.of(none, W, H, 9)).isSameAs(none);
    assertThat(SoftBlur.of(flat, W, H, 0.3)).isSameAs(flat);
    assertThat(SoftBlur.of(flat, W, H, 9)[H / 2 * W]).isCloseTo(0.4f, within(1e-5f));
  }
}
