package org.ablebatch.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class ReadingSizeTest {
  @Test
  void theGridKeepsTheShapeAndTheLimit() {
    Rect grid = AreaShrink.readingGrid(6000, 4000, 400_000);

    assertThat(grid.width() * (long) grid.height()).isBetween(395_000L, 401_000L);
    assertThat(grid.width() / (double) grid.height()).isCloseTo(1.5, within(0.01));
  }

  @Test
  void aSmallPictureIsReadAsItIs() {
    assertThat(AreaShrink.readingGrid(300, 200, 400_000)).isEqualTo(new Rect(0, 0, 300, 200));
  }

  @Test
  void anExtremeShapeKeepsAtLeastOnePixelEachWay() {
    Rect grid = AreaShrink.readingGrid(4_000_000, 1, 400_000);

    assertThat(grid.height()).isEqualTo(1);
    assertThat(grid.width()).isBetween(1, 4_000_000);
  }

  @Test
  void blackAndWhiteStripesAverageInLight() {
    int[] argb = new int[64 * 64];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = i % 2 == 0 ? 0xFFFFFFFF : 0xFF000000;
    }
    ColorPlanes small = AreaShrink.toLinear(new Picture(64, 64, argb), 8, 8);

    assertThat(small.c1()[20]).isCloseTo(0.5f, within(1e-4f));
  }

  @Test
  void everySourcePixelCountsOnce() {
    int[] argb = new int[7 * 5];
    Arrays.fill(argb, 0xFF000000);
    argb[17] = 0xFFFFFFFF;
    ColorPlanes small = AreaShrink.toLinear(new Picture(7, 5, argb), 3, 2);

    double light = 0;
    int[] columns = {3, 2, 2};
    int[] rows = {3, 2};
    for (int i = 0; i < 6; i++) {
      light += small.c0()[i] * columns[i % 3] * rows[i / 3];
    }
    assertThat(light).isCloseTo(1, within(1e-5));
  }

  @Test
  void greyHasNoColour() {
    int[] argb = {0xFF808080};
    ColorPlanes lab = AreaShrink.toOkLab(AreaShrink.toLinear(new Picture(1, 1, argb), 1, 1));

    assertThat(lab.c0()[0]).isCloseTo((float) Math.cbrt(Srgb.toLinear(128)), within(1e-4f));
    assertThat(lab.c1()[0]).isCloseTo(0, within(1e-4f));
    assertThat(lab.c2()[0]).isCloseTo(0, within(1e-4f));
  }

  @Test
  void halvingAveragesTwoByTwoAndKeepsAnOddLine() {
    float[] values = {0, 2, 9, 4, 6, 9, 1, 3, 5};

    float[] half = HalfSize.of(values, 3, 3);

    assertThat(half).containsExactly(3, 9, 2, 5);
  }

  @Test
  void halvingPlanesHalvesTheirSize() {
    ColorPlanes half = HalfSize.of(new ColorPlanes(9, 6));

    assertThat(half.width()).isEqualTo(5);
    assertThat(half.height()).isEqualTo(3);
  }
}
