package org.ablebatch.core.raster;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MorphologyTest {
  private static final int W = 23;
  private static final int H = 17;

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 2, 3, 5, 8, 30})
  void dilationIsTheLargestOfEachWindow(int radius) {
    float[] values = random();

    float[] found = Morphology.dilate(values, W, H, radius);

    for (int i = 0; i < values.length; i++) {
      assertThat(found[i]).isEqualTo(extremeByHand(values, i, radius, 1));
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 3, 30})
  void aSetGrowsAsItsValuesWould(int radius) {
    boolean[] set = new boolean[W * H];
    float[] values = new float[W * H];
    Random random = new Random(5);
    for (int i = 0; i < set.length; i++) {
      set[i] = random.nextInt(40) == 0;
      values[i] = set[i] ? 1 : 0;
    }

    boolean[] grown = Morphology.dilate(set, W, H, radius);

    for (int i = 0; i < set.length; i++) {
      assertThat(grown[i]).isEqualTo(extremeByHand(values, i, radius, 1) > 0);
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 3, 4})
  void erosionIsTheSmallestOfEachWindow(int radius) {
    float[] values = random();

    float[] found = Morphology.erode(values, W, H, radius);

    for (int i = 0; i < values.length; i++) {
      assertThat(found[i]).isEqualTo(extremeByHand(values, i, radius, -1));
    }
  }

  @Test
  void closingRemovesADarkLineAndKeepsADarkArea() {
    float[] values = new float[W * H];
    for (int i = 0; i < values.length; i++) {
      boolean line = i % W == 4;
      boolean area = i % W > 12;
      values[i] = line || area ? 0.2f : 0.9f;
    }
    float[] closed = Morphology.close(values, W, H, 2);

    assertThat(closed[8 * W + 4]).isEqualTo(0.9f);
    assertThat(closed[8 * W + 18]).isEqualTo(0.2f);
  }

  @Test
  void openingRemovesABrightLineAndKeepsABrightArea() {
    float[] values = new float[W * H];
    for (int i = 0; i < values.length; i++) {
      values[i] = i / W == 3 || i / W > 9 ? 1 : 0;
    }
    float[] opened = Morphology.open(values, W, H, 1);

    assertThat(opened[3 * W + 7]).isZero();
    assertThat(opened[12 * W + 7]).isEqualTo(1);
  }

  @Test
  void aSetGrowsBySquareSteps() {
    boolean[] set = new boolean[W * H];
    set[8 * W + 10] = true;

    boolean[] grown = Morphology.dilate(set, W, H, 3);

    int count = 0;
    for (boolean b : grown) {
      count += b ? 1 : 0;
    }
    assertThat(count).isEqualTo(49);
    assertThat(grown[5 * W + 7]).isTrue();
    assertThat(grown[4 * W + 10]).isFalse();
  }

  @Test
  void theInputIsLeftAlone() {
    float[] values = random();
    float[] before = values.clone();

    Morphology.close(values, W, H, 2);

    assertThat(values).isEqualTo(before);
  }

  private static float extremeByHand(float[] values, int i, int radius, int sign) {
    float best = values[i];
    for (int y = Math.max(0, i / W - radius); y <= Math.min(H - 1, i / W + radius); y++) {
      for (int x = Math.max(0, i % W - radius); x <= Math.min(W - 1, i % W + radius); x++) {
        float v = values[y * W + x];
        best = sign > 0 ? Math.max(best, v) : Math.min(best, v);
      }
    }
    return best;
  }

  private static float[] random() {
    Random random = new Random(2);
    float[] out = new float[W * H];
    for (int i = 0; i < out.length; i++) {
      out[i] = random.nextFloat() - 0.5f;
    }
    return out;
  }
}
