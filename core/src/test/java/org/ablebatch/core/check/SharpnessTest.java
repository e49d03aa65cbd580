package org.ablebatch.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;

class SharpnessTest {
  @Test
  void blurTakesSharpnessAwayStepByStep() {
    double sharp = Sharpness.of(scene(0));
    double soft = Sharpness.of(scene(2));
    double blurred = Sharpness.of(scene(7));

    assertThat(sharp).isGreaterThan(soft);
    assertThat(soft).isGreaterThan(blurred);
    assertThat(sharp).isGreaterThan(Sharpness.BLURRED_BELOW);
    assertThat(blurred).isLessThan(Sharpness.BLURRED_BELOW);
  }

  @Test
  void aSharpSubjectBeforeABlurredBackdropIsSharp() {
    Picture blurred = scene(7);
    Picture sharp = scene(0);
    int[] argb = blurred.argb().clone();
    for (int y = 90; y < 190; y++) {
      System.arraycopy(sharp.argb(), y * 320 + 110, argb, y * 320 + 110, 100);
    }

    assertThat(Sharpness.of(new Picture(320, 280, argb))).isGreaterThan(Sharpness.BLURRED_BELOW);
  }

  @Test
  void whereThereIsNothingToSeeNothingIsBlurred() {
    int[] argb = new int[200 * 200];
    java.util.Arrays.fill(argb, 0xFFB0B0B0);

    assertThat(Sharpness.of(new Picture(200, 200, argb))).isEqualTo(1);
    assertThat(Sharpness.of(new Picture(3, 3, new int[9]))).isEqualTo(1);
  }

  /** Random tiles of grey, with the radius of a box blur done three times. */
  private static Picture scene(int radius) {
    int w = 320;
    int h = 280;
    float[] light = new float[w * h];
    Random random = new Random(4);
    float[] tiles = new float[40 * 40];
    for (int i = 0; i < tiles.length; i++) {
      tiles[i] = 40 + random.nextInt(180);
    }
    for (int i = 0; i < light.length; i++) {
      light[i] = tiles[i / w / 9 * 40 + i % w / 9];
    }
    for (int pass = 0; pass < (radius == 0 ? 0 : 3); pass++) {
      light = blurred(light, w, h, radius, 1);
      light = blurred(light, w, h, radius, w);
    }
    int[] argb = new int[w * h];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = 0xFF000000 | Math.round(light[i]) * 0x010101;
    }
    return new Picture(w, h, argb);
  }

  private static float[] blurred(float[] in, int w, int h, int radius, int step) {
    float[] out = new float[in.length];
    for (int i = 0; i < in.length; i++) {
      int along = step == 1 ? i % w : i / w;
      int size = step == 1 ? w : h;
      float sum = 0;
      for (int d = -radius; d <= radius; d++) {
        int at = Math.max(0, Math.min(size - 1, along + d));
        sum += in[i + (at - along) * step];
      }
      out[i] = sum / (2 * radius + 1);
    }
    return out;
  }
}
