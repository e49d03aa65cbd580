package org.ablebatch.codec.read;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.WritableRaster;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.ablebatch.codec.write.DeepCutoutWriter;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.DeepPicture;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Originals with 16 bits a colour. */
class DeepPicturesTest {
  private static final int WIDTH = 12;
  private static final int HEIGHT = 8;
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);

  @ParameterizedTest
  @ValueSource(strings = {"png", "tiff"})
  void allSixteenBitsAreRead(String format) throws Exception {
    byte[] file = ramp(format);

    DeepPicture deep = reader.readDeep(file).orElseThrow();

    assertThat(reader.read(file).bits()).isEqualTo(16);
    for (int x = 0; x < WIDTH; x++) {
      assertThat(deep.at(x, 3, 0)).isEqualTo(red(x, 3));
      assertThat(deep.at(x, 3, 2)).isEqualTo(40_000);
    }
  }

  @Test
  void eightBitsAreNoDeepPicture() throws Exception {
    byte[] file = PictureWriter.opaquePng(new Picture(2, 2, new int[] {-1, -1, -1, -1}));

    assertThat(reader.readDeep(file)).isEmpty();
  }

  @Test
  void aCutoutKeepsThemWhereItsColourIsTheOriginals() throws Exception {
    byte[] file = ramp("png");
    Picture original = reader.read(file).picture();
    DeepPicture deep = reader.readDeep(file).orElseThrow();
    byte[] coverage = new byte[WIDTH * HEIGHT];
    java.util.Arrays.fill(coverage, WIDTH, 2 * WIDTH, (byte) 255);
    coverage[2 * WIDTH] = (byte) 128;
    int[] colours = original.argb().clone();
    colours[2 * WIDTH] = 0xFF102030;
    Cutout cutout =
        new Cutout(new Matte(WIDTH, HEIGHT, coverage), new Picture(WIDTH, HEIGHT, colours));

    byte[] written = DeepCutoutWriter.png(cutout, original, deep);

    WritableRaster raster = ImageIO.read(new ByteArrayInputStream(written)).getRaster();
    assertThat(raster.getSample(5, 1, 0)).isEqualTo(red(5, 1));
    assertThat(raster.getSample(5, 1, 3)).isEqualTo(65_535);
    assertThat(raster.getSample(0, 2, 0)).as("a cleaned edge").isEqualTo(0x10 * 257);
    assertThat(raster.getSample(0, 2, 3)).isEqualTo(128 * 257);
    assertThat(raster.getSample(5, 5, 0)).as("clear is all zero").isZero();
    assertThat(reader.read(written).picture().at(5, 1)).isEqualTo(original.at(5, 1));
  }

  @Test
  void turningAndCroppingMoveDeepPixelsAsTheyMoveOthers() throws Exception {
    byte[] file = ramp("png");
    DeepPicture deep = reader.readDeep(file).orElseThrow();
    Picture plain = reader.read(file).picture();
    for (int orientation = 1; orientation <= 8; orientation++) {
      DeepPicture turned = Orientation.apply(deep, orientation);
      Picture seen = Orientation.apply(plain, orientation);
      assertThat(turned.width()).isEqualTo(seen.width());
      assertThat(turned.at(1, 2, 0) / 257.0)
          .isCloseTo((double) (seen.at(1, 2) >> 16 & 0xFF), Offset.offset(0.6));
    }
    assertThat(deep.crop(new Rect(4, 2, 3, 3)).at(1, 1, 0)).isEqualTo(deep.at(5, 3, 0));
  }

  /** Java's own: not every writer knows 16 bits. */
  private static ImageWriter plainWriter(String format) {
    for (Iterator<ImageWriter> all = ImageIO.getImageWritersByFormatName(format); all.hasNext(); ) {
      ImageWriter writer = all.next();
      if (writer.getClass().getName().startsWith("com.sun.")) {
        return writer;
      }
    }
    throw new IllegalStateException("Java has no writer for " + format);
  }

  private static int red(int x, int y) {
    return 20_000 + 137 * x + 11 * y;
  }

  private static byte[] ramp(String format) throws IOException {
    ColorModel model =
        new ComponentColorModel(
            ColorSpace.getInstance(ColorSpace.CS_sRGB),
            false,
            false,
            ColorModel.OPAQUE,
            DataBuffer.TYPE_USHORT);
    WritableRaster raster = model.createCompatibleWritableRaster(WIDTH, HEIGHT);
    for (int y = 0; y < HEIGHT; y++) {
      for (int x = 0; x < WIDTH; x++) {
        raster.setPixel(x, y, new int[] {red(x, y), 300 * x, 40_000});
      }
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageWriter writer = plainWriter(format);
    try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(out);
      writer.write(new BufferedImage(model, raster, false, null));
    }
    return bytes.toByteArray();
  }
}
