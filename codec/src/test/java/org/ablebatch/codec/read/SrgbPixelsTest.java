package org.ablebatch.codec.read;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SrgbPixelsTest {
  private static final int W = 23;
  private static final int H = 17;

  /** The quick ways give what the image itself says of its pixels. */
  @ParameterizedTest
  @ValueSource(
      ints = {
        BufferedImage.TYPE_3BYTE_BGR,
        BufferedImage.TYPE_4BYTE_ABGR,
        BufferedImage.TYPE_INT_ARGB,
        BufferedImage.TYPE_INT_RGB,
        BufferedImage.TYPE_4BYTE_ABGR_PRE,
        BufferedImage.TYPE_INT_BGR
      })
  void everyLayoutIsReadAsItIs(int type) {
    BufferedImage image = new BufferedImage(W, H, type);
    Random random = new Random(type);
    for (int y = 0; y < H; y++) {
      for (int x = 0; x < W; x++) {
        image.setRGB(x, y, random.nextInt());
      }
    }
    int[] said = image.getRGB(0, 0, W, H, null, 0, W);

    assertThat(SrgbPixels.of(image).argb()).isEqualTo(said);
  }

  @Test
  void greyIsReadAsItStandsAndOnlyPlainGreyAsBytes() {
    BufferedImage grey = new BufferedImage(W, H, BufferedImage.TYPE_BYTE_GRAY);
    for (int i = 0; i < W * H; i++) {
      grey.getRaster().setSample(i % W, i / W, 0, i % 256);
    }

    byte[] plain = SrgbPixels.plainGrey(grey).orElseThrow();
    int[] argb = SrgbPixels.of(grey).argb();

    for (int i = 0; i < W * H; i++) {
      assertThat(plain[i] & 0xFF).isEqualTo(i % 256).isEqualTo(argb[i] & 0xFF);
    }
    assertThat(SrgbPixels.plainGrey(new BufferedImage(W, H, BufferedImage.TYPE_USHORT_GRAY)))
        .isEmpty();
  }
}
