package org.ablebatch.core.color;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColourSpacesTest {
  @Test
  void everyDisplayValueComesBack() {
    for (int v = 0; v < 256; v++) {
      assertThat(Srgb.toDisplay(Srgb.toLinear(v))).isEqualTo(v);
    }
  }

  @Test
  void lightOutsideTheRangeIsClipped() {
    assertThat(Srgb.toDisplay(-0.5f)).isZero();
    assertThat(Srgb.toDisplay(7f)).isEqualTo(255);
    assertThat(Srgb.pack(2f, -1f, 0f)).isEqualTo(0xFFFF0000);
  }

  @Test
  void halfTheLightIsNotHalfTheDisplayValue() {
    assertThat(Srgb.toDisplay(0.5f)).isEqualTo(188);
    assertThat(Srgb.toLinear(128)).isCloseTo(0.2158f, within(1e-3f));
  }

  /** Values from the specification of OKLab. */
  @ParameterizedTest
  @CsvSource({
    "1, 1, 1, 1.000, 0.000, 0.000",
    "1, 0, 0, 0.628, 0.225, 0.126",
    "0, 1, 0, 0.866, -0.234, 0.179",
    "0, 0, 1, 0.452, -0.032, -0.312",
    "0, 0, 0, 0.000, 0.000, 0.000"
  })
  void primariesLieWhereTheyShould(
      float r, float g, float b, float lightness, float a, float yellow) {
    float[] lab = new float[3];
    OkLab.of(r, g, b, lab);

    assertThat(lab[0]).isCloseTo(lightness, within(1e-3f));
    assertThat(lab[1]).isCloseTo(a, within(1e-3f));
    assertThat(lab[2]).isCloseTo(yellow, within(1e-3f));
  }

  @Test
  void aShadowMovesAColourAlongTheRayToBlack() {
    float[] lit = new float[3];
    float[] shaded = new float[3];
    OkLab.of(0.6f, 0.3f, 0.1f, lit);
    OkLab.of(0.3f, 0.15f, 0.05f, shaded);
    float factor = (float) Math.cbrt(0.5);

    for (int c = 0; c < 3; c++) {
      assertThat(shaded[c]).isCloseTo(lit[c] * factor, within(1e-5f));
    }
  }
}
