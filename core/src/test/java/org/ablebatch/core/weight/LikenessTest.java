package org.ablebatch.core.weight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.function.IntUnaryOperator;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;

class LikenessTest {
  @Test
  void aPictureIsLikeItself() {
    Picture noise = grey(40, 30, i -> new Random(i).nextInt(256));

    assertThat(Likeness.of(noise, noise)).isCloseTo(1, within(1e-9));
  }

  /** For two even pictures only the luminance term of equation 13 is left. */
  @Test
  void evenPicturesDifferAsTheFormulaSays() {
    double c1 = 0.01 * 255 * 0.01 * 255;
    double expected = (2 * 100.0 * 120 + c1) / (100.0 * 100 + 120.0 * 120 + c1);

    assertThat(Likeness.of(grey(20, 20, i -> 100), grey(20, 20, i -> 120)))
        .isCloseTo(expected, within(1e-6));
  }

  /**
   * A checkerboard and its negative have equal means and variances, and the covariance of minus one
   * of them.
   */
  @Test
  void aNegativeIsUnlike() {
    Picture board = grey(32, 32, i -> (i / 32 + i) % 2 == 0 ? 100 : 140);
    Picture negative = grey(32, 32, i -> (i / 32 + i) % 2 == 0 ? 140 : 100);
    double c2 = 0.03 * 255 * 0.03 * 255;
    double variance = 400;

    assertThat(Likeness.of(board, negative))
        .isCloseTo((-2 * variance + c2) / (2 * variance + c2), within(1e-6));
  }

  @Test
  void moreNoiseIsLessAlike() {
    Picture clean = grey(64, 64, i -> 128 + 60 * (i / 512 % 2));
    double little = Likeness.of(clean, noisy(clean, 5));
    double much = Likeness.of(clean, noisy(clean, 40));

    assertThat(little).isGreaterThan(0.8).isLessThan(1);
    assertThat(much).isLessThan(little - 0.3);
  }

  /** White under clear pixels is as white as white, but not on black. */
  @Test
  void transparencyCounts() {
    Picture white = grey(16, 16, i -> 255);
    Picture clear = new Picture(16, 16, new int[256]);

    assertThat(Likeness.of(white, clear)).isLessThan(0.01);
    assertThat(Likeness.of(clear, clear)).isEqualTo(1);
  }

  @Test
  void theSmallestPicturesCanBeCompared() {
    assertThat(Likeness.of(grey(1, 1, i -> 9), grey(1, 1, i -> 9))).isEqualTo(1);
    assertThatThrownBy(() -> Likeness.of(grey(2, 1, i -> 9), grey(1, 2, i -> 9)))
        .hasMessageContaining("2 × 1")
        .hasMessageContaining("1 × 2");
  }

  private static Picture noisy(Picture picture, int strength) {
    Random random = new Random(7);
    return grey(
        picture.width(),
        picture.height(),
        i ->
            Math.max(
                0,
                Math.min(
                    255, (picture.argb()[i] & 0xFF) + (int) (strength * random.nextGaussian()))));
  }

  private static Picture grey(int width, int height, IntUnaryOperator level) {
    int[] argb = new int[width * height];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = 0xFF000000 | 0x010101 * level.applyAsInt(i);
    }
    return new Picture(width, height, argb);
  }
}
