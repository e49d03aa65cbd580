package org.ablebatch.codec;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;

class PictureWriterTest {
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);

  @Test
  void pngComesBackToTheBit() throws Exception {
    Picture picture = noise(37, 23);

    assertThat(reader.read(PictureWriter.png(picture)).picture().argb()).isEqualTo(picture.argb());
    assertThat(reader.read(PictureWriter.quickPng(picture)).picture().argb())
        .isEqualTo(picture.argb());
  }

  @Test
  void aMatteComesBackToTheBit() throws Exception {
    byte[] coverage = new byte[50 * 40];
    new Random(2).nextBytes(coverage);

    Matte back = reader.readMatte(PictureWriter.mattePng(new Matte(50, 40, coverage)));

    assertThat(back.coverage()).isEqualTo(coverage);
  }

  @Test
  void webpKeepsTransparencyAndJpegHasNone() throws Exception {
    int[] argb = new int[32 * 32];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = i % 32 < 16 ? 0 : 0xFF3060A0;
    }
    Picture picture = new Picture(32, 32, argb);

    Picture webp = reader.read(PictureWriter.webp(picture, 90)).picture();

    assertThat(webp.at(2, 16) >>> 24).isZero();
    assertThat(webp.at(28, 16) >>> 24).isEqualTo(255);
    assertThat(reader.read(PictureWriter.jpeg(picture, 90)).picture().hasTransparency()).isFalse();
  }

  @Test
  void lowerQualityMakesSmallerFiles() {
    Picture picture = noise(120, 90);

    assertThat(PictureWriter.jpeg(picture, 40).length)
        .isLessThan(PictureWriter.jpeg(picture, 95).length);
    assertThat(PictureWriter.webp(picture, 40).length)
        .isLessThan(PictureWriter.webp(picture, 95).length);
  }

  @Test
  void theSamePictureGivesTheSameBytes() {
    Picture picture = noise(200, 160);

    assertThat(PictureWriter.png(picture)).isEqualTo(PictureWriter.png(picture));
  }

  private static Picture noise(int width, int height) {
    Random random = new Random(4);
    int[] argb = new int[width * height];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = random.nextInt();
    }
    return new Picture(width, height, argb);
  }
}
