package org.ablebatch.bench.accuracy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.ablebatch.core.raster.Matte;
import org.junit.jupiter.api.Test;

class MeasuresTest {
  private static final int SIDE = 40;

  @Test
  void theTruthItselfIsPerfect() {
    Measures measures = Measures.of(square(10, 30), square(10, 30));

    assertThat(measures).isEqualTo(new Measures(0, 1, 1));
  }

  @Test
  void aMissingStripCountsByItsArea() {
    Measures measures = Measures.of(square(10, 30), stripe(10, 30, 20));

    assertThat(measures.matteError()).isCloseTo(100.0 * 200 / 1600, within(1e-9));
    assertThat(measures.iou()).isCloseTo(0.5, within(1e-9));
  }

  @Test
  void aShiftWithinTwoPixelsKeepsTheBoundary() {
    assertThat(Measures.of(square(10, 30), square(11, 31)).boundaryF()).isEqualTo(1);
    assertThat(Measures.of(square(10, 30), square(16, 36)).boundaryF()).isLessThan(0.5);
  }

  @Test
  void nothingFoundHasNoBoundaryInCommon() {
    Matte nothing = Matte.filled(SIDE, SIDE, 0);

    Measures measures = Measures.of(square(10, 30), nothing);

    assertThat(measures.matteError()).isCloseTo(25, within(1e-9));
    assertThat(measures.iou()).isZero();
    assertThat(measures.boundaryF()).isZero();
  }

  @Test
  void ranksOfEqualOrderCorrelateFully() {
    double[] rising = {1, 5, 5, 9};

    assertThat(AccuracyTable.spearman(rising, rising)).isCloseTo(1, within(0.05));
    assertThat(AccuracyTable.spearman(rising, new double[] {4, 3, 2, 1})).isLessThan(-0.9);
  }

  private static Matte square(int from, int to) {
    return stripe(from, to, to);
  }

  private static Matte stripe(int from, int to, int bottom) {
    byte[] out = new byte[SIDE * SIDE];
    for (int y = from; y < bottom; y++) {
      for (int x = from; x < to; x++) {
        out[y * SIDE + x] = (byte) 255;
      }
    }
    return new Matte(SIDE, SIDE, out);
  }
}
