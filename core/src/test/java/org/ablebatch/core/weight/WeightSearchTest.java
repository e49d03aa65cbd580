package org.ablebatch.core.weight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.deliver.Encoding.Chroma;
import org.ablebatch.core.deliver.Encoding.Palette;
import org.ablebatch.core.deliver.WeightLimit;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.weight.WeightSearch.Found;
import org.junit.jupiter.api.Test;

/** With a press whose files weigh a hundredth of a pixel's count for each point of quality. */
class WeightSearchTest {
  private static final Encoding.Jpeg JPEG = new Encoding.Jpeg(90, Chroma.HALF, false);
  private static final Picture PICTURE = noise(400, 400);

  private final CountingPress press = new CountingPress();

  @Test
  void whatFitsIsWrittenOnce() {
    Found found = WeightSearch.find(PICTURE, JPEG, limit(144_000, 0.5, false), press);

    assertThat(found.fits()).isTrue();
    assertThat(found.encoding()).isEqualTo(JPEG);
    assertThat(press.tried).containsExactly(90);
  }

  @Test
  void theHighestQualityThatFitsIsFound() {
    Found found = WeightSearch.find(PICTURE, JPEG, limit(100_000, 0, false), press);

    assertThat(found.fits()).isTrue();
    assertThat(found.file()).hasSizeLessThanOrEqualTo(100_000);
    assertThat(found.encoding().quality()).isEqualTo(62);
    assertThat(found.scale()).isEqualTo(1);
    assertThat(press.tried).hasSizeLessThan(10);
  }

  @Test
  void neverLessAlikeThanTheLimitAsksAndItSaysHowNearItComes() {
    Found found = WeightSearch.find(PICTURE, JPEG, limit(20_000, 0.9, false), press);

    assertThat(found.fits()).isFalse();
    assertThat(found.likeness()).isGreaterThanOrEqualTo(0.9);
    int quality = found.encoding().quality();
    Picture oneLess = press.opened(PICTURE, null, JPEG.atQuality(quality - 1));
    assertThat(Likeness.of(PICTURE, oneLess)).isLessThan(0.9);
  }

  @Test
  void whenQualityIsNotEnoughThePictureBecomesSmallerIfItMay() {
    Found found = WeightSearch.find(PICTURE, JPEG, limit(20_000, 0.9, true), press);

    assertThat(found.fits()).isTrue();
    assertThat(found.scale()).isBetween(0.2, 0.8);
    assertThat(found.likeness()).isGreaterThanOrEqualTo(0.9);
    assertThat(found.file()).hasSizeLessThanOrEqualTo(20_000);
  }

  @Test
  void whereNothingHelpsItIsSaid() {
    assertThat(WeightSearch.find(PICTURE, JPEG, limit(1000, 0.999, true), press).fits()).isFalse();
  }

  @Test
  void aFormatWithoutQualityGivesUpItsColoursAtMost() {
    Encoding png = new Encoding.Png(Palette.WHEN_EXACT);

    Found found = WeightSearch.find(PICTURE, png, limit(170_000, 0, false), press);

    assertThat(found.encoding()).isEqualTo(new Encoding.Png(Palette.ALWAYS));
    assertThat(found.fits()).isTrue();
    assertThat(
            WeightSearch.find(
                    PICTURE, new Encoding.Png(Palette.NEVER), limit(170_000, 0, false), press)
                .fits())
        .isFalse();
  }

  private static WeightLimit limit(long bytes, double likeness, boolean smaller) {
    return new WeightLimit(bytes, likeness, smaller);
  }

  /** The lower the quality the more noise lies over what it opens. */
  private static final class CountingPress implements WeightSearch.Press {
    private final List<Integer> tried = new ArrayList<>();

    @Override
    public byte[] file(Picture picture, Encoding encoding) {
      int pixels = picture.width() * picture.height();
      if (encoding instanceof Encoding.Png png) {
        return new byte[png.palette() == Palette.ALWAYS ? pixels : 3 * pixels];
      }
      tried.add(encoding.quality());
      return new byte[pixels * encoding.quality() / 100];
    }

    @Override
    public Picture opened(Picture picture, byte[] file, Encoding encoding) {
      Random random = new Random(1);
      int strength = encoding.quality() == null ? 0 : 100 - encoding.quality();
      int[] argb = picture.argb().clone();
      for (int i = 0; i < argb.length; i++) {
        int level = (argb[i] & 0xFF) + (int) (strength * (random.nextDouble() - 0.5));
        argb[i] = 0xFF000000 | 0x010101 * Math.max(0, Math.min(255, level));
      }
      return new Picture(picture.width(), picture.height(), argb);
    }

    @Override
    public Picture smaller(double scale) {
      return noise((int) (400 * scale), (int) (400 * scale));
    }
  }

  private static Picture noise(int width, int height) {
    Random random = new Random(3);
    int[] argb = new int[width * height];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = 0xFF000000 | 0x010101 * (100 + random.nextInt(56));
    }
    return new Picture(width, height, argb);
  }
}
