package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class ComposerTest {
  private static final int GREEN = 0xFF2E7D46;

  @Test
  void sizeIsExactAndCornersAreClear() {
    Picture result =
        compose(square(400, 300, new Rect(150, 100, 60, 80)), 97, 53, new Fill.Clear());

    assertThat(result.width()).isEqualTo(97);
    assertThat(result.height()).isEqualTo(53);
    assertThat(result.at(0, 0)).isZero();
    assertThat(result.at(48, 26)).isEqualTo(GREEN);
  }

  @Test
  void aSolidFillReachesTheCornersAndIsOpaque() {
    Picture result =
        compose(square(200, 200, new Rect(20, 60, 90, 50)), 80, 80, new Fill.Solid(0xE9E0CE));

    assertThat(result.at(0, 0)).isEqualTo(0xFFE9E0CE);
    assertThat(result.at(79, 79)).isEqualTo(0xFFE9E0CE);
    assertThat(result.hasTransparency()).isFalse();
  }

  @Test
  void theSubjectFillsTheFrameUpToItsMargin() {
    Rect content = new Rect(30, 40, 120, 60);
    Picture result = compose(square(300, 200, content), 200, 200, new Fill.Clear());

    Rect found = box(result);
    assertThat(found.x()).isCloseTo(20, within(1));
    assertThat(found.width()).isCloseTo(160, within(2));
    assertThat(found.y() + found.height() / 2.0).isCloseTo(100, within(1.0));
  }

  @Test
  void edgesMixInLinearLight() {
    int[] argb = {0x80FFFFFF};
    Picture half = new Picture(1, 1, argb);

    Picture result = Composer.compose(half, new Placement(1, 0, 0), 1, 1, new Fill.Solid(0x000000));

    assertThat(result.at(0, 0) & 0xFF).isBetween(187, 189);
  }

  @Test
  void clearColoursDoNotBleedIntoTheEdge() {
    Picture cutout = square(64, 64, new Rect(16, 16, 32, 32));

    Picture result = compose(cutout, 21, 21, new Fill.Clear());

    for (int pixel : result.argb()) {
      if (pixel >>> 24 > 20) {
        assertThat(Math.abs((pixel >> 8 & 0xFF) - 0x7D)).isLessThan(6);
      }
    }
  }

  @Test
  void enlargingKeepsFlatPlacesFlat() {
    Picture result = compose(square(20, 20, new Rect(5, 5, 10, 10)), 300, 300, new Fill.Clear());

    assertThat(result.at(150, 150)).isEqualTo(GREEN);
    assertThat(result.at(60, 150)).isEqualTo(GREEN);
  }

  @Test
  void fillsAreReadFromTextAndWrittenBack() {
    assertThat(Fill.parse("#e9E0ce").text()).isEqualTo("#E9E0CE");
    assertThat(Fill.parse("transparent")).isEqualTo(new Fill.Clear());
    assertThatThrownBy(() -> Fill.parse("reddish")).hasMessageContaining("is not a backdrop");
    assertThatThrownBy(() -> new Look(new Fill.Clear(), 46)).hasMessageContaining("0 to 45");
  }

  private static Picture compose(Picture cutout, int width, int height, Fill fill) {
    Placement placement = Placement.fit(box(cutout), width, height, 10);
    return Composer.compose(cutout, placement, width, height, fill);
  }

  private static Picture square(int width, int height, Rect part) {
    int[] argb = new int[width * height];
    for (int y = part.y(); y < part.bottom(); y++) {
      for (int x = part.x(); x < part.right(); x++) {
        argb[y * width + x] = GREEN;
      }
    }
    return new Picture(width, height, argb);
  }

  private static Rect box(Picture picture) {
    byte[] alpha = new byte[picture.argb().length];
    for (int i = 0; i < alpha.length; i++) {
      alpha[i] = (byte) (picture.argb()[i] >>> 24);
    }
    return new org.ablebatch.core.raster.Matte(picture.width(), picture.height(), alpha)
        .contentBox(128);
  }
}
