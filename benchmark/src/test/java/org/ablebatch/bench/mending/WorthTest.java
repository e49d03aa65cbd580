package org.ablebatch.bench.mending;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.ablebatch.core.raster.Matte;
import org.junit.jupiter.api.Test;

/** What a change is worth follows from the truth alone. */
class WorthTest {
  private static Matte matte(int... coverage) {
    byte[] bytes = new byte[coverage.length];
    for (int i = 0; i < bytes.length; i++) {
      bytes[i] = (byte) coverage[i];
    }
    return new Matte(coverage.length, 1, bytes);
  }

  @Test
  void gainIsByHowMuchLessIsWrong() {
    Matte truth = matte(255, 255, 0, 0);

    Worth worth = Worth.of(matte(255, 0, 255, 0), matte(255, 255, 255, 0), truth);

    assertThat(worth.wrongBefore()).isCloseTo(2, within(1e-9));
    assertThat(worth.changed()).isCloseTo(1, within(1e-9));
    assertThat(worth.gain()).isCloseTo(1, within(1e-9));
  }

  @Test
  void whatSpoilsAsMuchAsItMendsIsWorthNothing() {
    Matte truth = matte(255, 0);

    Worth worth = Worth.of(matte(0, 0), matte(255, 255), truth);

    assertThat(worth.changed()).isCloseTo(2, within(1e-9));
    assertThat(worth.gain()).isZero();
  }

  @Test
  void aChangeForTheWorseIsBelowZero() {
    assertThat(Worth.of(matte(255), matte(0), matte(255)).gain()).isEqualTo(-1);
  }
}
