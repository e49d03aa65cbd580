package org.ablebatch.core.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

class CoarseGridTest {
  private static final int W = 31;
  private static final int H = 22;

  @Test
  void onlyWhatCountsIsAveraged() {
    float[] values = new float[W * H];
    float[] weight = new float[W * H];
    for (int i = 0; i < values.length; i++) {
      boolean counts = i % W > 15;
      values[i] = counts ? 0.5f : 9;
      weight[i] = counts ? 1 : 0;
    }
    CoarseGrid grid = CoarseGrid.over(W, H, 4);
    CoarseGrid.Weighing weighing = grid.weighing(weight);

    float[] mean = weighing.mean(values);

    assertThat(grid.width()).isEqualTo(8);
    assertThat(mean[0]).as("nothing counts").isZero();
    assertThat(mean[4]).as("some of it").isCloseTo(0.5f, within(1e-6f));
    assertThat(mean[7]).isCloseTo(0.5f, within(1e-6f));
    assertThat(weighing.share()[0]).isZero();
    assertThat(weighing.share()[7]).isEqualTo(1);
  }

  @Test
  void aSlopeComesBackAsItWas() {
    float[] slope = new float[W * H];
    for (int i = 0; i < slope.length; i++) {
      slope[i] = i % W * 0.1f + i / W * 0.02f;
    }
    float[] all = new float[W * H];
    Arrays.fill(all, 1);
    CoarseGrid grid = CoarseGrid.over(W, H, 3);

    float[] back = grid.spread(grid.weighing(all).mean(slope));

    for (int y = 3; y < H - 3; y++) {
      for (int x = 3; x < W - 3; x++) {
        // Cells are not all of one width, so to within what a pixel makes.
        assertThat(back[y * W + x]).isCloseTo(slope[y * W + x], within(0.1f));
      }
    }
  }

  @Test
  void withCellsOfOnePixelItIsTheGridItself() {
    float[] values = {1, 2, 3, 4, 5, 6};
    CoarseGrid grid = CoarseGrid.over(3, 2, 1);

    assertThat(grid.spread(grid.weighing(new float[] {1, 0, 1, 1, 1, 1}).mean(values)))
        .isSameAs(values);
  }
}
