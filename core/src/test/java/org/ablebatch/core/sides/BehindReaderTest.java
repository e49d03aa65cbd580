package org.ablebatch.core.sides;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.ablebatch.core.raster.ColorPlanes;
import org.junit.jupiter.api.Test;

class BehindReaderTest {
  private static final int W = 120;
  private static final int H = 90;

  @Test
  void aSlopeOfLightIsCarriedAcrossTheSubject() {
    ColorPlanes wall = wall();
    float[] known = allBut(40, 30, 80, 60);
    paint(wall, 40, 30, 80, 60, 0.2f);

    BehindReader behind = BehindReader.read(wall, known);

    assertThat(behind.colours().c0()[45 * W + 60]).isCloseTo(light(60), within(0.02f));
    assertThat(behind.spread()[45 * W + 60]).isLessThan(0.02f);
  }

  @Test
  void aPartThatWasLostDoesNotPassForBackdrop() {
    ColorPlanes wall = wall();
    paint(wall, 40, 30, 80, 60, 0.2f);
    paint(wall, 80, 42, 85, 48, 0.2f);
    float[] known = allBut(40, 30, 80, 60);

    BehindReader behind = BehindReader.read(wall, known);

    assertThat(behind.colours().c0()[45 * W + 84]).isCloseTo(light(84), within(0.04f));
  }

  @Test
  void whatTheSubjectEnclosesMustLookLikeTheRest() {
    ColorPlanes wall = wall();
    paint(wall, 30, 20, 90, 70, 0.2f);
    float[] known = allBut(30, 20, 90, 70);
    for (int y = 40; y < 50; y++) {
      for (int x = 55; x < 65; x++) {
        known[y * W + x] = 1;
      }
    }

    BehindReader behind = BehindReader.read(wall, known);

    assertThat(behind.colours().c0()[45 * W + 60]).isCloseTo(light(60), within(0.04f));
  }

  @Test
  void aRoughWallIsKnownToBeRough() {
    ColorPlanes wall = wall();
    for (int i = 0; i < W * H; i++) {
      wall.c0()[i] += (i * 31 % 7 - 3) * 0.03f;
    }

    assertThat(BehindReader.read(wall, allBut(40, 30, 80, 60)).spread()[10 * W + 10])
        .isBetween(0.03f, 0.09f);
  }

  private static ColorPlanes wall() {
    ColorPlanes lab = new ColorPlanes(W, H);
    for (int i = 0; i < W * H; i++) {
      lab.c0()[i] = light(i % W);
    }
    return lab;
  }

  private static float light(int x) {
    return 0.7f + 0.1f * x / W;
  }

  private static void paint(ColorPlanes lab, int left, int top, int right, int bottom, float l) {
    for (int y = top; y < bottom; y++) {
      for (int x = left; x < right; x++) {
        lab.c0()[y * W + x] = l;
        lab.c1()[y * W + x] = 0.1f;
      }
    }
  }

  private static float[] allBut(int left, int top, int right, int bottom) {
    float[] known = new float[W * H];
    for (int i = 0; i < known.length; i++) {
      boolean hidden = i % W >= left && i % W < right && i / W >= top && i / W < bottom;
      known[i] = hidden ? 0 : 1;
    }
    return known;
  }
}
