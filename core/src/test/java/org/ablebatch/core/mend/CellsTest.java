package org.ablebatch.core.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class CellsTest {
  /** No cell holds a whole number of pixels. */
  private static final Cells CELLS = new Cells(new Rect(5, 7, 50, 31), 13, 9);

  @Test
  void aCellIsTheMeanOfItsPixelsAndNothingLiesOutsideOfTheMask() {
    Rect box = new Rect(0, 10, 40, 60);
    byte[] mask = new byte[box.width() * box.height()];
    new Random(4).nextBytes(mask);

    float[] means = CELLS.means(box, mask);

    double[] sums = new double[CELLS.width() * CELLS.height()];
    int[] counts = new int[sums.length];
    for (int y = 0; y < 31; y++) {
      for (int x = 0; x < 50; x++) {
        int cell = y * 9 / 31 * 13 + x * 13 / 50;
        int u = x + 5 - box.x();
        int v = y + 7 - box.y();
        boolean inside = u < box.width() && v >= 0;
        sums[cell] += inside ? (mask[v * box.width() + u] & 0xFF) / 255.0 : 0;
        counts[cell]++;
      }
    }
    for (int i = 0; i < sums.length; i++) {
      assertThat((double) means[i]).as("cell " + i).isCloseTo(sums[i] / counts[i], within(1e-5));
    }
  }

  @Test
  void everyPixelGetsTheShareOfItsCell() {
    float[] share = new float[CELLS.width() * CELLS.height()];
    share[0] = 0.5f;
    share[13 * 9 - 1] = 7;

    byte[] out = CELLS.enlarged(share);

    assertThat(out[0] & 0xFF).isEqualTo(128);
    assertThat(out[3] & 0xFF).isEqualTo(128);
    assertThat(out[4]).isZero();
    assertThat(out[out.length - 1] & 0xFF).as("more than all is all").isEqualTo(255);
  }

  @Test
  void aPartOfTheGridIsCutOutRowByRow() {
    float[] values = new float[CELLS.width() * CELLS.height()];
    boolean[] set = new boolean[values.length];
    for (int i = 0; i < values.length; i++) {
      values[i] = i;
      set[i] = i % 13 == 4;
    }
    Rect some = new Rect(3, 2, 2, 3);

    assertThat(CELLS.part(some, values)).containsExactly(29, 30, 42, 43, 55, 56);
    assertThat(CELLS.part(some, set)).containsExactly(false, true, false, true, false, true);
  }
}
