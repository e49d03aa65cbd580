package org.ablebatch.bench.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.ablebatch.core.raster.Matte;
import org.junit.jupiter.api.Test;

class TruthTest {
  /** The left half is covered, of the third column a half. */
  private static final Matte TRUTH = new Matte(4, 2, new byte[] {-1, -1, 127, 0, -1, -1, 127, 0});

  @Test
  void aCellHasTheMeanOfItsPixels() {
    assertThat(Truth.on(TRUTH, 2, 1)).containsExactly(255, 63.5f);
  }

  @Test
  void whatIsWrongIsAShareOfTheSubject() {
    float[] covered = {255, 255, 0, 0};

    assertThat(Truth.error(new float[] {1, 1, 0, 0}, covered)).isZero();
    assertThat(Truth.error(new float[] {1, 0, 0, 0}, covered)).isCloseTo(1 / 3.0, within(1e-6));
    assertThat(Truth.error(new float[] {1, 1, 1, 1}, covered))
        .as("too much kept")
        .isCloseTo(2 / 3.0, within(1e-6));
  }

  @Test
  void ofNothingEverythingKeptIsMoreThanTheSubject() {
    assertThat(Truth.error(new float[] {1, 1}, new float[2])).isGreaterThan(1);
  }
}
