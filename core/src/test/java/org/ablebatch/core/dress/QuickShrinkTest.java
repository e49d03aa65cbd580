package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;

class QuickShrinkTest {
  @Test
  void eachResultPixelIsTheMeanLightOfItsOwnPixels() {
    Picture checks = new Picture(4, 2, new int[8]);
    for (int i = 0; i < 8; i++) {
      checks.argb()[i] = i % 2 == 0 ? 0xFFFFFFFF : 0xFF000000;
    }

    Picture half = QuickShrink.toLongSide(checks, 2);

    int grey = Srgb.toDisplay(0.5f);
    assertThat(half.argb()).containsOnly(0xFF000000 | grey << 16 | grey << 8 | grey).hasSize(2);
  }

  @Test
  void whatIsClearGivesItsShareButNotItsColour() {
    Picture edge = new Picture(2, 1, new int[] {0xFF2A7A3A, 0x00FF00FF});

    assertThat(QuickShrink.toLongSide(edge, 1).argb()).containsExactly(0x802A7A3A);
  }

  @Test
  void everySourcePixelCountsOnceWhenTheSidesDoNotDivide() {
    Picture bars = new Picture(7, 3, new int[21]);
    java.util.Arrays.fill(bars.argb(), 0xFF336699);

    Picture small = QuickShrink.toLongSide(bars, 5);

    assertThat(small.width()).isEqualTo(5);
    assertThat(small.height()).isEqualTo(2);
    assertThat(small.argb()).containsOnly(0xFF336699);
  }

  @Test
  void aSmallPictureStaysItself() {
    Picture small = new Picture(3, 3, new int[9]);

    assertThat(QuickShrink.toLongSide(small, 3)).isSameAs(small);
  }
}
