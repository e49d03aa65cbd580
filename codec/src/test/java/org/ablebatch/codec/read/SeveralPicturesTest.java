package org.ablebatch.codec.read;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Arrays;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Of a file that moves, or has pages, the first picture is taken and the number is known. */
class SeveralPicturesTest {
  private static final int SIDE = 24;
  private static final int[] COLOURS = {0xFFB03028, 0xFF2E7D46, 0xFF3C78C8};
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);

  @ParameterizedTest
  @ValueSource(strings = {"gif", "tiff"})
  void theFirstOfThreeIsTaken(String format) throws Exception {
    ReadPicture read = reader.read(sequence(format, COLOURS));

    assertThat(read.pictures()).isEqualTo(3);
    assertThat(read.picture().at(5, 5)).isEqualTo(COLOURS[0]);
  }

  @ParameterizedTest
  @ValueSource(strings = {"gif", "tiff"})
  void oneAloneIsOne(String format) throws Exception {
    assertThat(reader.read(sequence(format, COLOURS[0])).pictures()).isEqualTo(1);
  }

  @Test
  void whatFollowsTheFirstMayBeDamaged() throws Exception {
    byte[] gif = sequence("gif", COLOURS);

    ReadPicture read = reader.read(Arrays.copyOf(gif, gif.length - 12));

    assertThat(read.picture().at(5, 5)).isEqualTo(COLOURS[0]);
  }

  @Test
  void aMovingPngIsNotShownByTheBrowserItself() throws Exception {
    byte[] still = PictureWriter.png(plain(COLOURS[0]));
    byte[] moving =
        PngChunks.with(still, "acTL", ByteBuffer.allocate(8).putInt(7).putInt(0).array());

    assertThat(reader.read(moving).pictures()).isEqualTo(7);
    assertThat(reader.read(moving).shownByBrowsers()).isFalse();
    assertThat(reader.read(still).shownByBrowsers()).isTrue();
  }

  private static Picture plain(int argb) {
    int[] pixels = new int[SIDE * SIDE];
    Arrays.fill(pixels, argb);
    return new Picture(SIDE, SIDE, pixels);
  }

  private static byte[] sequence(String format, int... colours) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName(format).next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(out);
      writer.prepareWriteSequence(null);
      for (int colour : colours) {
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        image.setRGB(0, 0, SIDE, SIDE, plain(colour).argb(), 0, SIDE);
        writer.writeToSequence(new IIOImage(image, null, null), null);
      }
      writer.endWriteSequence();
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }
}
