package org.ablebatch.core.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;

class ReducedCutoutTest {

  @Test
  void coverageIsTheMeanAndColoursCountByIt() {
    byte[] coverage = {(byte) 255, 0, (byte) 255, 0};
    int[] colours = {0xFF204060, 0xFFFFFFFF, 0xFF204060, 0xFF00FF00};
    Cutout cutout = new Cutout(new Matte(2, 2, coverage), new Picture(2, 2, colours));

    ReducedCutout reduced = ReducedCutout.of(cutout, 1, 1);

    assertThat(reduced.cover()).containsExactly(0.5f);
    assertThat(reduced.clean().c0()[0]).isCloseTo(Srgb.toLinear(0x20), within(1e-6f));
    assertThat(reduced.clean().c2()[0]).isCloseTo(Srgb.toLinear(0x60), within(1e-6f));
  }

  @Test
  void whereNothingIsCoveredThereIsNoColour() {
    Cutout clear =
        new Cutout(Matte.filled(3, 3, 0), new Picture(3, 3, new int[] {1, 2, 3, 4, 5, 6, 7, 8, 9}));

    ReducedCutout reduced = ReducedCutout.of(clear, 3, 3);

    assertThat(reduced.cover()).containsOnly(0);
    assertThat(reduced.clean().c0()).containsOnly(0);
  }
}
