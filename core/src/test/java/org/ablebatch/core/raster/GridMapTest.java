package org.ablebatch.core.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GridMapTest {

  @ParameterizedTest(name = "{0} by {1} from {2} by {3}")
  @CsvSource({"31,22,8,6", "5,4,5,4", "17,9,1,1", "12,3,1,2", "3,40,3,7"})
  void aRowIsWhatItsPixelsWouldBe(int width, int height, int coarseWidth, int coarseHeight) {
    Random random = new Random(4);
    float[] coarse = new float[coarseWidth * coarseHeight];
    for (int i = 0; i < coarse.length; i++) {
      coarse[i] = random.nextFloat() * 4 - 2;
    }
    GridMap map = new GridMap(width, height, coarseWidth, coarseHeight);
    float[] rows = new float[width * height];

    for (int y = 0; y < height; y++) {
      map.sampleRow(coarse, y, rows);
    }

    for (int y = 0; y < height; y++) {
      map.row(y);
      for (int x = 0; x < width; x++) {
        map.column(x);
        assertThat(rows[y * width + x]).isCloseTo(map.sample(coarse), within(1e-5f));
        assertThat(map.cellAt(x)).isEqualTo(map.cell());
      }
    }
  }
}
