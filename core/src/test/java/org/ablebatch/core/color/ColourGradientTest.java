package org.ablebatch.core.color;

import static org.assertj.core.api.Assertions.assertThat;

import org.ablebatch.core.raster.ColorPlanes;
import org.junit.jupiter.api.Test;

class ColourGradientTest {
  private static final int W = 9;

  @Test
  void anEvenSurfaceHasNone() {
    assertThat(ColourGradient.lengths(new ColorPlanes(W, W))).containsOnly(0);
  }

  @Test
  void aRampHasItsSlopeOverTwoPixels() {
    ColorPlanes ramp = new ColorPlanes(W, W);
    for (int i = 0; i < W * W; i++) {
      ramp.c0()[i] = 0.1f * (i % W);
    }

    assertThat(ColourGradient.lengths(ramp)[4 * W + 4])
        .isCloseTo(0.2f, org.assertj.core.api.Assertions.within(1e-5f));
  }

  @Test
  void channelsAddUpAsLengthsDo() {
    ColorPlanes both = new ColorPlanes(W, W);
    for (int i = 0; i < W * W; i++) {
      both.c1()[i] = 0.03f * (i % W);
      both.c2()[i] = 0.04f * (i / W);
    }

    assertThat(ColourGradient.lengths(both)[4 * W + 4])
        .isCloseTo(0.1f, org.assertj.core.api.Assertions.within(1e-5f));
  }
}
