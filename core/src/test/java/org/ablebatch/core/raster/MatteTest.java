package org.ablebatch.core.raster;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MatteTest {
  private static final int W = 19;
  private static final int H = 13;

  @ParameterizedTest(name = "{0} pixels")
  @ValueSource(ints = {0, 1, 2, 3, 7, 40})
  void theContentBoxIsThatOfItsPixels(int count) {
    Random random = new Random(count);
    for (int round = 0; round < 20; round++) {
      Matte matte = Matte.filled(W, H, 9);
      int left = W;
      int right = -1;
      int top = H;
      int bottom = -1;
      for (int k = 0; k < count; k++) {
        int x = random.nextInt(W);
        int y = random.nextInt(H);
        matte.coverage()[y * W + x] = (byte) (200 + random.nextInt(56));
        left = Math.min(left, x);
        right = Math.max(right, x);
        top = Math.min(top, y);
        bottom = Math.max(bottom, y);
      }

      Rect expected = count == 0 ? null : new Rect(left, top, right - left + 1, bottom - top + 1);
      assertThat(matte.contentBox(200)).isEqualTo(expected);
      assertThat(matte.contentBox(9)).isEqualTo(new Rect(0, 0, W, H));
    }
  }
}
