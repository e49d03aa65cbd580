package org.ablebatch.core.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BoxBlurTest {

  @ParameterizedTest(name = "{0} by {1}, radius {2}")
  @CsvSource({"23,17,3", "23,17,0", "1,5,2", "7,1,1", "6,4,9", "5,6,1"})
  void eachValueBecomesTheMeanOfItsWindow(int width, int height, int radius) {
    Random random = new Random(11);
    float[] values = new float[width * height];
    for (int i = 0; i < values.length; i++) {
      values[i] = random.nextFloat() - 0.5f;
    }
    float[] before = values.clone();

    float[] blurred = BoxBlur.blur(values, width, height, radius);

    for (int i = 0; i < values.length; i++) {
      assertThat(blurred[i]).isCloseTo(meanByHand(values, i, width, height, radius), within(1e-6f));
    }
    assertThat(values).isEqualTo(before);
  }

  private static float meanByHand(float[] values, int i, int width, int height, int radius) {
    double sum = 0;
    int count = 0;
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        if (Math.abs(x - i % width) <= radius && Math.abs(y - i / width) <= radius) {
          sum += values[y * width + x];
          count++;
        }
      }
    }
    return (float) (sum / count);
  }
}
