package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.ablebatch.core.dress.Standing.CutSides;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.look.SubjectPlace.Size;
import org.ablebatch.core.look.SubjectPlace.Stand;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class StandingTest {
  @ParameterizedTest
  @CsvSource({"100, 50, 800, 800", "50, 100, 800, 800", "10, 10, 1600, 600", "900, 30, 300, 700"})
  void theContentIsCentredAndInsideTheMargin(int cw, int ch, int width, int height) {
    Rect content = new Rect(37, 11, cw, ch);
    Placement placement = standing(content, SubjectPlace.within(10), width, height).placement();

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
    Placement placement =
        standing(new Rect(0, 0, 200, 100), SubjectPlace.within(0), 400, 400).placement();

    assertThat(placement.scale()).isEqualTo(2);
    assertThat(placement.offsetX()).isZero();
    assertThat(placement.offsetY()).isEqualTo(100);
  }

  @ParameterizedTest
  @ValueSource(doubles = {-1, 45.5, 100, Double.NaN})
  void aMarginOutsideItsRangeIsRefusedInWords(double percent) {
    assertThatThrownBy(() -> Look.plain(new Fill.Clear(), percent))
        .hasMessageStartingWith("expected 0 to 45, got");
  }

  @Test
  void onTheFloorTheContentEndsAtTheFootLine() {
    SubjectPlace place = place(Size.MARGIN, 10, Stand.FLOOR, 20, false);
    Standing standing = standing(new Rect(10, 10, 50, 30), place, 400, 300);

    assertThat(standing.foot()).isCloseTo(300 - 0.2 * 300, within(1e-9));
    assertThat(standing.left()).isGreaterThanOrEqualTo(30);
  }

  @ParameterizedTest
  @CsvSource({"WIDTH, 50, 200, 120", "HEIGHT, 50, 250, 150", "AREA, 25, 223.6, 134.2"})
  void aShareOfTheFrameIsMeasured(Size size, double percent, double width, double height) {
    Standing standing =
        standing(new Rect(7, 3, 100, 60), place(size, percent, Stand.CENTRE, 0, false), 400, 300);

    assertThat(standing.right() - standing.left()).isCloseTo(width, within(0.1));
    assertThat(standing.height()).isCloseTo(height, within(0.1));
  }

  @Test
  void whatThePhotographCutsOffStaysAtThatSide() {
    Rect picture = new Rect(0, 0, 200, 300);
    Rect content = new Rect(40, 60, 120, 240);
    SubjectPlace place = place(Size.MARGIN, 10, Stand.CENTRE, 0, true);
    Standing standing =
        Standing.of(content, CutSides.of(content, picture), place, new Frame(400, 400));

    assertThat(standing.foot()).isCloseTo(400, within(1e-9));
    assertThat(standing.top()).isCloseTo(40, within(1e-9));
  }

  @Test
  void cutOffAtBothSidesItSpansTheFrameAndKeepsItsHead() {
    Rect picture = new Rect(0, 0, 200, 300);
    Rect content = new Rect(0, 60, 200, 240);
    SubjectPlace place = place(Size.MARGIN, 10, Stand.CENTRE, 0, true);
    Standing standing =
        Standing.of(content, CutSides.of(content, picture), place, new Frame(400, 400));

    assertThat(standing.left()).isCloseTo(0, within(1e-9));
    assertThat(standing.right()).isCloseTo(400, within(1e-9));
    assertThat(standing.top()).as("its head stays in view").isGreaterThanOrEqualTo(0);
    assertThat(standing.foot()).as("and runs out below").isGreaterThan(400);
  }

  @Test
  void aPictureThatWasLeftWholeIsNotCutOff() {
    Rect picture = new Rect(0, 0, 200, 300);

    assertThat(CutSides.of(picture, picture)).isEqualTo(CutSides.NONE);
    assertThat(CutSides.of(new Rect(0, 10, 50, 60), picture).left()).isTrue();
    assertThat(CutSides.of(new Rect(30, 10, 50, 60), picture).any()).isFalse();
  }

  private static Standing standing(Rect content, SubjectPlace place, int width, int height) {
    return Standing.of(content, CutSides.NONE, place, new Frame(width, height));
  }

  private static SubjectPlace place(
      Size size, double percent, Stand stand, double floor, boolean keepCutSides) {
    return new SubjectPlace(size, percent, stand, floor, 0, 0, 0, false, keepCutSides);
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
