package org.ablebatch.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;

class TellTaleTest {
  @Test
  void aPaleThingIsNotShownOnWhiteNorADarkOneOnBlack() {
    assertThat(light(TellTale.of(disc(0xF4F2EE)))).isLessThan(150);
    assertThat(light(TellTale.of(disc(0x181410)))).isGreaterThan(120);
  }

  @Test
  void theEdgeDecidesAndNotTheInside() {
    Cutout red = disc(0xC2452D);
    int chosen = TellTale.of(red);

    assertThat(chosen).isNotEqualTo(0xC2452D);
    assertThat(TellTale.of(withInside(red, 0xFFFFFF))).isEqualTo(chosen);
  }

  @Test
  void aCutoutWithoutAnEdgeHasAColourToo() {
    Matte all = new Matte(4, 4, new byte[16]);
    assertThat(TellTale.of(new Cutout(all, new Picture(4, 4, new int[16])))).isNotNegative();
  }

  private static int light(int rgb) {
    return (299 * (rgb >> 16 & 0xFF) + 587 * (rgb >> 8 & 0xFF) + 114 * (rgb & 0xFF)) / 1000;
  }

  private static Cutout disc(int rgb) {
    byte[] coverage = new byte[60 * 60];
    int[] colours = new int[60 * 60];
    for (int i = 0; i < coverage.length; i++) {
      double in = 20.5 - Math.hypot(i % 60 - 30, i / 60 - 30);
      coverage[i] = (byte) Math.round(255 * Math.max(0, Math.min(1, in)));
      colours[i] = 0xFF000000 | rgb;
    }
    return new Cutout(new Matte(60, 60, coverage), new Picture(60, 60, colours));
  }

  private static Cutout withInside(Cutout disc, int rgb) {
    int[] colours = disc.colours().argb().clone();
    for (int i = 0; i < colours.length; i++) {
      if (Math.hypot(i % 60 - 30, i / 60 - 30) < 12) {
        colours[i] = 0xFF000000 | rgb;
      }
    }
    return new Cutout(disc.matte(), new Picture(60, 60, colours));
  }
}
