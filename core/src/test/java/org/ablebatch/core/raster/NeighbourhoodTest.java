package org.ablebatch.core.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.ablebatch.core.reading.AreaShrink;
import org.junit.jupiter.api.Test;

class NeighbourhoodTest {
  @Test
  void blurringKeepsAConstantAndTheBorder() {
    float[] values = new float[35];
    Arrays.fill(values, 0.4f);

    for (float v : BoxBlur.blur(values, 7, 5, 3)) {
      assertThat(v).isCloseTo(0.4f, within(1e-6f));
    }
  }

  @Test
  void blurringIsTheMeanOfTheWindow() {
    float[] values = {0, 0, 9, 0, 0};

    assertThat(BoxBlur.blur(values, 5, 1, 1)).containsExactly(0, 3, 3, 3, 0);
  }

  @Test
  void distanceGrowsAwayFromTheSet() {
    boolean[] set = new boolean[9 * 9];
    set[4 * 9 + 4] = true;

    float[] d = Distance.to(set, 9, 9);

    assertThat(d[4 * 9 + 8]).isEqualTo(4);
    assertThat(d[0]).isCloseTo((float) Math.hypot(4, 4), within(0.5f));
  }

  @Test
  void diagonalNeighboursJoinOnlyWhenAskedTo() {
    boolean[] set = {true, false, false, true};

    assertThat(Components.of(set, 2, 2, false).regions()).hasSize(2);
    assertThat(Components.of(set, 2, 2, true).regions())
        .containsExactly(new Components.Region(2, new Rect(0, 0, 2, 2)));
  }

  @Test
  void pushPullFillsEverywhereAndKeepsWhatIsKnown() {
    float[] values = new float[64];
    float[] weight = new float[64];
    values[0] = 1;
    weight[0] = 1;
    values[63] = 3;
    weight[63] = 1;

    float[] filled = PushPull.fill(values, weight, 8, 8);

    assertThat(filled[0]).isEqualTo(1);
    assertThat(filled[63]).isEqualTo(3);
    for (float v : filled) {
      assertThat(v).isBetween(0.999f, 3.001f);
    }
  }

  @Test
  void shrinkingAveragesLightAndNotDisplayValues() {
    Picture checker = new Picture(2, 1, new int[] {0xFFFFFFFF, 0xFF000000});

    assertThat(AreaShrink.toLinear(checker, 1, 1).c0()[0]).isCloseTo(0.5f, within(1e-4f));
  }

  @Test
  void wrongShapesAreNamed() {
    assertThatThrownBy(() -> new Picture(3, 2, new int[5]))
        .hasMessage("argb holds 5 values, but 3 × 2 need 6");
  }

  @Test
  void theContentBoxHoldsTheSubject() {
    Matte matte = Matte.filled(10, 8, 0);
    matte.coverage()[3 * 10 + 2] = (byte) 200;
    matte.coverage()[6 * 10 + 7] = (byte) 255;

    assertThat(matte.contentBox(128)).isEqualTo(new Rect(2, 3, 6, 4));
    assertThat(Matte.filled(4, 4, 0).contentBox(1)).isNull();
  }
}
