package org.ablebatch.core.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.work.Pulse;
import org.junit.jupiter.api.Test;

/** Laying the empty set's photograph over a picture. */
class EmptySetTest {
  private static final int W = 300;
  private static final int H = 220;

  private final Picture wide = texture(W + 40, H + 40);

  @Test
  void aCameraThatMovedAFewPixelsIsFollowed() {
    Picture picture = wide.crop(new Rect(20, 20, W, H));
    Picture photograph = wide.crop(new Rect(13, 25, W, H));

    EmptySet set = EmptySet.match(picture, photograph).orElseThrow();

    assertThat(set.dx()).isEqualTo(7);
    assertThat(set.dy()).isEqualTo(-5);
    assertThat(set.at(150, 100, 0))
        .isCloseTo(Srgb.toLinear(picture.at(150, 100) >> 16 & 0xFF), within(1e-5f));
  }

  @Test
  void anotherExposureIsMeasured() {
    Picture photograph = wide.crop(new Rect(20, 20, W, H));
    Picture darker = lit(photograph, 0.7);

    EmptySet set = EmptySet.match(darker, photograph).orElseThrow();

    for (int c = 0; c < 3; c++) {
      assertThat(set.gain()[c]).isCloseTo(0.7f, within(0.03f));
    }
  }

  @Test
  void anotherSizeOrAnotherSetDoesNotMatch() {
    Picture picture = wide.crop(new Rect(20, 20, W, H));
    assertThat(EmptySet.match(picture, wide)).isEmpty();
    assertThat(EmptySet.match(picture, texture(W, H, 99))).isEmpty();
  }

  @Test
  void whereOnlyTheSetIsSeenTheFlattenedPictureIsEven() {
    Picture set = wide.crop(new Rect(20, 20, W, H));
    Scene scene = Scene.read(lit(set, 0.9), W * H, Priors.none(), Optional.of(set), Pulse.NONE);

    assertThat(scene.emptySet()).isPresent();
    ColorPlanes lab = scene.lab();
    for (int i = 0; i < lab.c0().length; i++) {
      assertThat(lab.c0()[i]).isCloseTo(lab.c0()[0], within(0.03f));
    }
    assertThat(scene.backdrop().isTextured()).isFalse();
  }

  @Test
  void aPhotographThatDoesNotFitLeavesTheSceneAsItIs() {
    Picture picture = wide.crop(new Rect(20, 20, W, H));
    Scene scene =
        Scene.read(picture, W * H, Priors.none(), Optional.of(texture(W, H, 5)), Pulse.NONE);
    Scene without = Scene.read(picture, W * H, Priors.none());

    assertThat(scene.emptySet()).isEmpty();
    assertThat(scene.lab().c0()).isEqualTo(without.lab().c0());
  }

  private static Picture lit(Picture picture, double light) {
    int[] argb = new int[picture.argb().length];
    for (int i = 0; i < argb.length; i++) {
      float[] rgb = new float[3];
      for (int c = 0; c < 3; c++) {
        rgb[c] = (float) (light * Srgb.toLinear(picture.argb()[i] >> 16 - 8 * c & 0xFF));
      }
      argb[i] = Srgb.pack(rgb[0], rgb[1], rgb[2]);
    }
    return new Picture(picture.width(), picture.height(), argb);
  }

  private static Picture texture(int width, int height) {
    return texture(width, height, 11);
  }

  /** Blotches of a few pixels, so that a shift by one shows. */
  private static Picture texture(int width, int height, int seed) {
    Random random = new Random(seed);
    int columns = width / 6 + 2;
    int[] blotches = new int[columns * (height / 6 + 2)];
    for (int k = 0; k < blotches.length; k++) {
      int v = 70 + random.nextInt(130);
      blotches[k] = 0xFF000000 | v << 16 | Math.max(0, v - random.nextInt(40)) << 8 | v / 2;
    }
    int[] argb = new int[width * height];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = blotches[i / width / 6 * columns + i % width / 6];
    }
    return new Picture(width, height, argb);
  }
}
