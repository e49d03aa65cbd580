package org.ablebatch.core.weight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;

class PalettesTest {
  @Test
  void upToTwoHundredAndFiftySixColoursNothingIsLost() {
    Picture picture = ramp(256);

    Indexed indexed = Palettes.exact(picture).orElseThrow();

    assertThat(indexed.palette()).hasSize(256);
    assertThat(indexed.picture().argb()).isEqualTo(picture.argb());
    assertThat(Palettes.exact(ramp(257))).isEmpty();
  }

  @Test
  void fewColoursAreFoundAgainAsTheyAre() {
    int[] colours = {0xFF102030, 0xFFF0E0D0, 0x00000000, 0x80405060};
    int[] argb = new int[400];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = colours[i / 100];
    }

    Indexed indexed = Palettes.nearest(new Picture(20, 20, argb));

    assertThat(indexed.palette()).containsExactlyInAnyOrder(colours);
    assertThat(indexed.picture().argb()).isEqualTo(argb);
  }

  /** Dithering keeps the mean where single pixels can't be right. */
  @Test
  void manyColoursKeepTheirMeanAndTheirLikeness() {
    int side = 128;
    int[] argb = new int[side * side];
    for (int i = 0; i < argb.length; i++) {
      int x = i % side;
      int y = i / side;
      argb[i] = 0xFF000000 | 2 * x << 16 | 2 * y << 8 | x + y;
    }
    Picture picture = new Picture(side, side, argb);

    Picture seen = Palettes.nearest(picture).picture();

    assertThat(Arrays.stream(seen.argb()).distinct().count()).isBetween(200L, 256L);
    for (int shift : new int[] {0, 8, 16}) {
      assertThat(mean(seen, shift))
          .isCloseTo(mean(picture, shift), org.assertj.core.data.Offset.offset(0.6));
    }
    assertThat(Likeness.of(picture, seen)).isGreaterThan(0.8);
  }

  @Test
  void whatIsClearStaysClearAndNothingElseBecomesClear() {
    int[] argb = new int[1000];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = i % 3 == 0 ? 0 : 0xFF000000 | i * 7919;
    }

    Picture seen = Palettes.nearest(new Picture(50, 20, argb)).picture();

    for (int i = 0; i < argb.length; i++) {
      assertThat(seen.argb()[i] >>> 24).as("pixel %d", i).isEqualTo(argb[i] >>> 24);
    }
  }

  private static double mean(Picture picture, int shift) {
    return Arrays.stream(picture.argb()).map(c -> c >> shift & 0xFF).average().orElseThrow();
  }

  private static Picture ramp(int colours) {
    int[] argb = new int[colours];
    for (int i = 0; i < colours; i++) {
      argb[i] = 0xFF000000 | i;
    }
    return new Picture(colours, 1, argb);
  }
}
