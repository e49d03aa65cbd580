package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlacementTest {
  @ParameterizedTest
  @CsvSource({"100, 50, 800, 800", "50, 100, 800, 800", "10, 10, 1600, 600", "900, 30, 300, 700"})
  void theContentIsCentredAndInsideTheMargin(int cw, int ch, int width, int height) {
    Rect content = new Rect(37, 11, cw, ch);
    Placement placement = Placement.fit(content, width, height, 10);

    double left = content.x() * placement.scale() + placement.offsetX();
    double top = content.y() * placement.scale() + placement.offsetY();
    double right = width - left - cw * placement.scale();
    double bottom = height - top - ch * placement.scale();
    double margin = 0.1 * Math.min(width, height);
    assertThat(left).isCloseTo(right, within(1e-6));
    assertThat(top).isCloseTo(bottom, within(1e-6));
    assertThat(Math.min(left, top)).isCloseTo(margin, within(1e-6));
  }

  @Test
  void withoutAMarginTheLongerSideTouches() {
    Placement placement = Placement.fit(new Rect(0, 0, 200, 100), 400, 400, 0);

    assertThat(placement.scale()).isEqualTo(2);
    assertThat(placement.offsetX()).isZero();
    assertThat(placement.offsetY()).isEqualTo(100);
  }

  @ParameterizedTest
  @ValueSource(doubles = {-1, 45.5, 100, Double.NaN})
  void aMarginOutsideItsRangeIsRefusedInWords(double percent) {
    assertThatThrownBy(() -> new Look(new Fill.Clear(), percent))
        .hasMessageStartingWith("A margin is 0 to 45 percent");
  }

  @ParameterizedTest
  @CsvSource({"100, 40, 0.25", "40, 100, 0.5", "64, 64, 1", "30, 30, 2.5"})
  void tapsOfEveryPixelInsideAddUpToOne(int source, int output, double scale) {
    Taps taps = Taps.along(source, output, scale, 0);

    for (int o = 2; o < output - 2; o++) {
      boolean inside =
          (o + 3) / scale < source - 2 / Math.min(1, scale) && o / scale > 2 / Math.min(1, scale);
      if (inside) {
        double sum = 0;
        for (float w : taps.weights()[o]) {
          sum += w;
        }
        assertThat(sum).as("output %d", o).isCloseTo(1, within(1e-5));
      }
    }
  }

  @Test
  void shrinkingForTheScreenKeepsTheShapeAndTheColour() {
    int[] argb = new int[400 * 100];
    Arrays.fill(argb, 0xFF336699);
    Picture small = QuickShrink.toLongSide(new Picture(400, 100, argb), 80);

    assertThat(small.width()).isEqualTo(80);
    assertThat(small.height()).isEqualTo(20);
    assertThat(small.argb()).containsOnly(0xFF336699);
  }

  @Test
  void shrinkingNeverEnlarges() {
    Picture picture = new Picture(30, 20, new int[600]);

    assertThat(QuickShrink.toLongSide(picture, 80)).isSameAs(picture);
  }

  @Test
  void clearPixelsGiveNoColourToTheirNeighbours() {
    int[] argb = new int[64];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = i % 2 == 0 ? 0xFFFF0000 : 0x0000FF00;
    }
    int pixel = QuickShrink.toLongSide(new Picture(8, 8, argb), 2).at(0, 0);

    assertThat(pixel >>> 24).isEqualTo(128);
    assertThat(pixel & 0xFFFFFF).isEqualTo(0xFF0000);
  }
}
