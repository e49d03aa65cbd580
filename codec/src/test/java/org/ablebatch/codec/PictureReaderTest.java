package org.ablebatch.codec;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.ablebatch.codec.read.FileKind;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.ReadPicture;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.read.UnreadablePicture.Reason;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PictureReaderTest {
  private static final int GREEN = 0xFF2E7D46;
  private static final int WHITE = 0xFFFFFFFF;
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);

  @ParameterizedTest
  @EnumSource(
      mode = EnumSource.Mode.EXCLUDE,
      names = {"HEIC", "AVIF"})
  void everyFormatIsReadByItsContent(FileKind kind) throws Exception {
    byte[] bytes =
        kind == FileKind.WEBP ? PictureWriter.webp(halves(), 100) : encode(halves(), kind);

    ReadPicture read = reader.read(bytes);

    assertThat(read.kind()).isEqualTo(kind);
    assertThat(read.picture().width()).isEqualTo(64);
    assertThat(read.picture().height()).isEqualTo(48);
    assertNear(read.picture().at(10, 24), GREEN);
    assertNear(read.picture().at(54, 24), WHITE);
  }

  @ParameterizedTest
  @CsvSource({
    "1,10,24", "2,53,24", "3,53,24", "4,10,24", "5,24,10", "6,24,10", "7,24,53", "8,24,53"
  })
  void theOrientationTagIsHonoured(int orientation, int greenX, int greenY) throws Exception {
    byte[] jpeg = withOrientation(PictureWriter.jpeg(halves(), 95), orientation);

    Picture picture = reader.read(jpeg).picture();

    assertThat(picture.width()).isEqualTo(orientation >= 5 ? 48 : 64);
    assertNear(picture.at(greenX, greenY), GREEN);
  }

  @Test
  void greyKeepsItsTone() throws Exception {
    BufferedImage grey = new BufferedImage(8, 8, BufferedImage.TYPE_BYTE_GRAY);
    grey.getRaster().setPixels(0, 0, 8, 8, filled(64, 100));
    BufferedImage deep = new BufferedImage(8, 8, BufferedImage.TYPE_USHORT_GRAY);
    deep.getRaster().setPixels(0, 0, 8, 8, filled(64, 100 << 8));

    assertThat(reader.read(png(grey)).picture().at(3, 3)).isEqualTo(0xFF646464);
    assertThat(reader.read(png(deep)).picture().at(3, 3)).isEqualTo(0xFF646464);
  }

  @Test
  void aPaletteIsResolved() throws Exception {
    BufferedImage indexed = new BufferedImage(8, 8, BufferedImage.TYPE_BYTE_INDEXED);
    indexed.createGraphics().fillRect(0, 0, 8, 8);

    assertThat(reader.read(png(indexed)).picture().at(3, 3)).isEqualTo(WHITE);
  }

  @Test
  void anotherColourSpaceIsConverted() throws Exception {
    BufferedImage linear =
        new java.awt.image.BufferedImage(
            new java.awt.image.ComponentColorModel(
                ColorSpace.getInstance(ColorSpace.CS_LINEAR_RGB),
                false,
                false,
                java.awt.Transparency.OPAQUE,
                java.awt.image.DataBuffer.TYPE_BYTE),
            java.awt.image.Raster.createInterleavedRaster(
                java.awt.image.DataBuffer.TYPE_BYTE, 8, 8, 3, null),
            false,
            null);
    linear.getRaster().setPixels(0, 0, 8, 8, filled(192, 128));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(linear, "tiff", out);

    int value = reader.read(out.toByteArray()).picture().at(3, 3) & 0xFF;

    assertThat(value).as("half the light is 188 in sRGB").isBetween(184, 191);
  }

  @Test
  void transparencySurvivesPng() throws Exception {
    Picture picture = new Picture(2, 1, new int[] {0x80FF0000, 0x00000000});

    assertThat(reader.read(PictureWriter.png(picture)).picture().argb()).isEqualTo(picture.argb());
  }

  @Test
  void truncatedFilesAreNamedSo() {
    byte[] jpeg = PictureWriter.jpeg(noise(), 90);
    byte[] png = PictureWriter.png(noise());

    assertReason(Arrays.copyOf(jpeg, jpeg.length * 2 / 3), Reason.CUT_SHORT);
    assertThatThrownBy(() -> reader.read(Arrays.copyOf(png, png.length / 2)))
        .isInstanceOf(UnreadablePicture.class);
  }

  @Test
  void whatIsNoPictureIsNamedSo() {
    assertReason(new byte[0], Reason.EMPTY);
    assertReason("hello\n".getBytes(), Reason.NOT_A_PICTURE);
    assertReason(new byte[] {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12}, Reason.NOT_A_PICTURE);
  }

  @Test
  void aHeaderThatAsksForTooMuchCostsNothing() {
    PictureReader small = new PictureReader(new ReadLimits(1000, 500));

    assertThatThrownBy(() -> small.read(PictureWriter.png(halves())))
        .isInstanceOf(UnreadablePicture.class)
        .hasMessageContaining("64 × 48");
  }

  @Test
  void garbageAfterASignatureNeverEscapesAsAnotherError() {
    byte[][] starts = {
      {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF, (byte) 0xE0},
      {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'},
      {'G', 'I', 'F', '8', '9', 'a'},
      {'B', 'M'},
      {'I', 'I', 42, 0},
      {'R', 'I', 'F', 'F', 0, 0, 0, 0, 'W', 'E', 'B', 'P'}
    };
    java.util.Random random = new java.util.Random(11);
    for (byte[] start : starts) {
      for (int i = 0; i < 40; i++) {
        byte[] bytes = new byte[200];
        random.nextBytes(bytes);
        System.arraycopy(start, 0, bytes, 0, start.length);
        assertThatThrownBy(() -> reader.read(bytes)).isInstanceOf(UnreadablePicture.class);
      }
    }
  }

  private void assertReason(byte[] bytes, Reason reason) {
    assertThatThrownBy(() -> reader.read(bytes))
        .isInstanceOfSatisfying(
            UnreadablePicture.class, e -> assertThat(e.reason()).isEqualTo(reason));
  }

  private static Picture halves() {
    int[] argb = new int[64 * 48];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = i % 64 < 32 ? GREEN : WHITE;
    }
    return new Picture(64, 48, argb);
  }

  private static Picture noise() {
    java.util.Random random = new java.util.Random(3);
    return new Picture(300, 200, random.ints(300 * 200).map(v -> v | 0xFF000000).toArray());
  }

  private static byte[] encode(Picture picture, FileKind kind) throws IOException {
    BufferedImage image =
        new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_RGB);
    image.setRGB(0, 0, picture.width(), picture.height(), picture.argb(), 0, picture.width());
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, kind.name().toLowerCase(java.util.Locale.ROOT), out);
    return out.toByteArray();
  }

  private static byte[] png(BufferedImage image) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  private static int[] filled(int length, int value) {
    int[] out = new int[length];
    Arrays.fill(out, value);
    return out;
  }

  /** Puts an EXIF segment with nothing but the orientation behind the JPEG's start marker. */
  private static byte[] withOrientation(byte[] jpeg, int orientation) {
    byte[] exif = {
      (byte) 0xFF,
      (byte) 0xE1,
      0,
      34,
      'E',
      'x',
      'i',
      'f',
      0,
      0,
      'M',
      'M',
      0,
      42,
      0,
      0,
      0,
      8,
      0,
      1,
      1,
      0x12,
      0,
      3,
      0,
      0,
      0,
      1,
      0,
      (byte) orientation,
      0,
      0,
      0,
      0,
      0,
      0
    };
    byte[] out = new byte[jpeg.length + exif.length];
    System.arraycopy(jpeg, 0, out, 0, 2);
    System.arraycopy(exif, 0, out, 2, exif.length);
    System.arraycopy(jpeg, 2, out, 2 + exif.length, jpeg.length - 2);
    return out;
  }

  private static void assertNear(int actual, int expected) {
    for (int shift = 0; shift <= 16; shift += 8) {
      assertThat(Math.abs((actual >> shift & 0xFF) - (expected >> shift & 0xFF)))
          .isLessThanOrEqualTo(6);
    }
  }
}
