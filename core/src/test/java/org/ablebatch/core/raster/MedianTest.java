package org.ablebatch.core.raster;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class MedianTest {
  @Test
  void isTheOneInTheMiddleOfAllLengths() {
    Random random = new Random(7);
    for (int length = 1; length < 300; length++) {
      // Some with many equal ones, some already in order.
      int bound = 1 + length % 11 * length;
      double[] values = random.ints(length, 0, bound).asDoubleStream().toArray();
      if (length % 5 == 0) {
        Arrays.sort(values);
      }
      double[] sorted = values.clone();
      Arrays.sort(sorted);
      assertThat(Median.of(values)).isEqualTo(sorted[length / 2]);
      Arrays.sort(values);
      assertThat(values).as("the same values").isEqualTo(sorted);
    }
  }
}
