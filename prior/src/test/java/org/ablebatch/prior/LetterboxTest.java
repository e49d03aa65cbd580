package org.ablebatch.prior;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;
import org.junit.jupiter.api.Test;

class LetterboxTest {
  @Test
  void aWidePictureIsCentredBetweenFilledBands() {
    float[] planes = new Letterbox(64, false, 0.5f).enter(white(200, 100));

    assertThat(planes[0]).isEqualTo(0.5f);
    assertThat(planes[15 * 64 + 10]).isEqualTo(0.5f);
    assertThat(planes[16 * 64 + 10]).isCloseTo(1f, within(1e-5f));
    assertThat(planes[47 * 64 + 10]).isCloseTo(1f, within(1e-5f));
    assertThat(planes[48 * 64 + 10]).isEqualTo(0.5f);
  }

  @Test
  void aPictureOnTheFloorStandsOnTheLowerEdge() {
    float[] planes = new Letterbox(64, true, 0.5f).enter(white(200, 100));

    assertThat(planes[31 * 64]).isEqualTo(0.5f);
    assertThat(planes[63 * 64]).isCloseTo(1f, within(1e-5f));
  }

  @Test
  void aMarkHoweverThinIsNotLost() {
    Plane line = new Plane(640, 320);
    Arrays.fill(line.values(), 100 * 640, 101 * 640, 1);

    float[] any = new Letterbox(64, false, 0.5f).enter(line, 1e-4f);
    float[] half = new Letterbox(64, false, 0.5f).enter(line, 0.5f);

    assertThat(any[26 * 64 + 30]).isEqualTo(1f);
    assertThat(any[27 * 64 + 30]).isZero();
    assertThat(half[26 * 64 + 30]).isZero();
  }

  @Test
  void shrinkingKeepsTheMean() {
    ColorPlanes stripes = new ColorPlanes(300, 120);
    for (int i = 0; i < stripes.c0().length; i++) {
      stripes.c0()[i] = i % 3 == 0 ? 1 : 0;
    }
    float[] planes = new Letterbox(50, false, 0).enter(stripes);

    assertThat(planes[25 * 50 + 20]).isCloseTo(1 / 3f, within(0.01f));
  }

  @Test
  void whatLiesInTwoCellsCountsInBothByItsShare() {
    ColorPlanes nine = new ColorPlanes(3, 3);
    for (int i = 0; i < 9; i++) {
      nine.c0()[i] = i;
    }

    float[] planes = new Letterbox(2, false, 0).enter(nine);

    // A cell is one and a half pixels wide: the middle row and column are halved.
    assertThat(Arrays.copyOf(planes, 4))
        .containsExactly(new float[] {12 / 9f, 24 / 9f, 48 / 9f, 60 / 9f}, within(1e-5f));
  }

  @Test
  void theAnswerComesBackToWhereItWasAsked() {
    Letterbox box = new Letterbox(64, false, 0.5f);
    float[] answer = new float[64 * 64];
    for (int y = 0; y < 64; y++) {
      Arrays.fill(answer, y * 64 + 32, y * 64 + 64, 1);
    }
    Plane plane = box.leave(answer, 100, 200);

    assertThat(plane.at(10, 100)).isZero();
    assertThat(plane.at(90, 5)).isCloseTo(1f, within(1e-5f));
    assertThat(plane.at(90, 195)).isCloseTo(1f, within(1e-5f));
  }

  @Test
  void aSmallPictureIsEnlargedWithoutSteps() {
    ColorPlanes ramp = new ColorPlanes(4, 2);
    for (int i = 0; i < 8; i++) {
      ramp.c0()[i] = i % 4;
    }

    float[] planes = new Letterbox(32, false, 0).enter(ramp);

    int middle = 16 * 32;
    assertThat(planes[middle]).as("nothing beyond the border").isZero();
    assertThat(planes[middle + 31]).isEqualTo(3f);
    for (int x = 1; x < 32; x++) {
      assertThat(planes[middle + x] - planes[middle + x - 1]).isBetween(0f, 0.126f);
    }
  }

  @Test
  void networksSeeDisplayValues() {
    ColorPlanes linear = new ColorPlanes(2, 1);
    linear.c1()[0] = 0.2140f;
    linear.c2()[1] = 1;

    ColorPlanes display = Letterbox.display(linear);

    assertThat(display.c1()[0]).as("half of what a display shows").isCloseTo(0.5f, within(0.01f));
    assertThat(display.c2()[1]).isCloseTo(1f, within(1e-5f));
    assertThat(display.c0()).containsOnly(0);
  }

  private static ColorPlanes white(int width, int height) {
    ColorPlanes out = new ColorPlanes(width, height);
    Arrays.fill(out.c0(), 1);
    Arrays.fill(out.c1(), 1);
    Arrays.fill(out.c2(), 1);
    return out;
  }
}
