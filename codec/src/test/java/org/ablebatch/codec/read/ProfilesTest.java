package org.ablebatch.codec.read;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.zip.DeflaterOutputStream;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Picture;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/**
 * Files with real colour profiles. The wide-gamut file carries the free profile “compatible with
 * Adobe RGB (1998)” and a made-up place; expected colours follow from that space's published
 * primaries and gamma. The press file carries a small CMYK table profile made for this test, whose
 * corners are Lab colours. See the resources beside this class.
 */
class ProfilesTest {
  private static final int LEFT = 8;
  private static final int RIGHT = 56;

  @Test
  void aWideGamutIsConvertedAndNamed() throws Exception {
    ReadPicture read = read("wide-gamut-with-place.jpg");

    assertThat(read.profile()).containsIgnoringCase("adobe");
    assertColour(read.picture().at(LEFT, 24), 0, 181, 83);
    assertColour(read.picture().at(RIGHT, 24), 231, 57, 123);
    assertThat(read.shownByBrowsers()).as("a browser would convert it by itself").isFalse();
  }

  @Test
  void pressInksAreConvertedByTheirOwnProfile() throws Exception {
    ReadPicture read = read("press-cmyk.jpg");

    assertThat(read.profile()).isEqualTo("Quillmoor press, uncoated");
    assertColour(read.picture().at(LEFT, 24), 0, 160, 222);
    assertColour(read.picture().at(RIGHT, 8), 246, 224, 65);
    assertColour(read.picture().at(RIGHT, 40), 239, 241, 244);
  }

  @Test
  void pressInksWithoutAProfileComeOutAsTheirPlainMeaning() throws Exception {
    Picture picture = read("plain-cmyk.jpg").picture();

    assertThat(picture.at(LEFT, 24) & 0xFF).as("cyan is blue and green").isGreaterThan(200);
    assertThat(picture.at(LEFT, 24) >> 16 & 0xFF).as("and not red").isLessThan(60);
    assertThat(picture.at(RIGHT, 8) & 0xFF).as("yellow is not blue").isLessThan(60);
    assertThat(picture.at(RIGHT, 40) & 0xFF).as("paper is white").isGreaterThan(245);
  }

  @Test
  void theProfileInAPngCountsToo() throws Exception {
    byte[] png = PictureWriter.png(new Picture(1, 1, new int[] {0xFF64B559}));
    ByteArrayOutputStream chunk = new ByteArrayOutputStream();
    chunk.writeBytes("wide\0\0".getBytes(StandardCharsets.ISO_8859_1));
    try (DeflaterOutputStream out = new DeflaterOutputStream(chunk)) {
      out.write(profileOf(bytes("wide-gamut-with-place.jpg")));
    }

    byte[] tagged = PngChunks.with(png, "iCCP", chunk.toByteArray());
    ReadPicture read = new PictureReader(ReadLimits.DEFAULT).read(tagged);

    assertThat(read.profile()).containsIgnoringCase("adobe");
    assertColour(read.picture().at(0, 0), 0, 181, 83);
    assertThat(read.shownByBrowsers()).isFalse();
  }

  /** The one piece in which a small profile stands in a JPEG. */
  private static byte[] profileOf(byte[] jpeg) {
    int at = new String(jpeg, StandardCharsets.ISO_8859_1).indexOf("ICC_PROFILE");
    int length = (jpeg[at - 2] & 0xFF) << 8 | jpeg[at - 1] & 0xFF;
    return Arrays.copyOfRange(jpeg, at + 14, at - 2 + length);
  }

  @Test
  void aBrokenProfileInAPngIsNoReasonToRefuseIt() throws Exception {
    byte[] png = PictureWriter.png(new Picture(1, 1, new int[] {0xFF336699}));
    byte[] broken = PngChunks.with(png, "iCCP", new byte[] {'x', 0, 0, 1, 2, 3});

    assertThat(new PictureReader(ReadLimits.DEFAULT).read(broken).picture().at(0, 0))
        .isEqualTo(0xFF336699);
  }

  @Test
  void whereItWasTakenIsNoticedAndNeverWritten() throws Exception {
    ReadPicture read = read("wide-gamut-with-place.jpg");
    assertThat(read.hasPlace()).isTrue();

    List<byte[]> written =
        List.of(
            PictureWriter.jpeg(read.picture(), 90),
            PictureWriter.webp(read.picture(), 90),
            PictureWriter.png(read.picture()),
            PictureWriter.opaquePng(read.picture()));

    for (byte[] file : written) {
      assertThat(FileFacts.of(file).hasPlace()).isFalse();
      assertThat(new String(file, StandardCharsets.ISO_8859_1)).doesNotContain("Exif", "GPS");
    }
  }

  @Test
  void brokenMetadataIsNoReasonToRefuseAPicture() throws Exception {
    byte[] bytes = bytes("wide-gamut-with-place.jpg");
    // The byte order mark of the EXIF block.
    int exif = new String(bytes, StandardCharsets.ISO_8859_1).indexOf("Exif");
    bytes[exif + 6] = 'X';

    ReadPicture read = new PictureReader(ReadLimits.DEFAULT).read(bytes);

    assertThat(read.hasPlace()).isFalse();
    assertThat(read.picture().width()).isEqualTo(64);
  }

  private static void assertColour(int pixel, int red, int green, int blue) {
    Offset<Integer> tolerance = Offset.offset(5);
    assertThat(pixel >> 16 & 0xFF).as("red").isCloseTo(red, tolerance);
    assertThat(pixel >> 8 & 0xFF).as("green").isCloseTo(green, tolerance);
    assertThat(pixel & 0xFF).as("blue").isCloseTo(blue, tolerance);
  }

  private static ReadPicture read(String name) throws Exception {
    return new PictureReader(ReadLimits.DEFAULT).read(bytes(name));
  }

  private static byte[] bytes(String name) throws IOException {
    try (InputStream in = ProfilesTest.class.getResourceAsStream(name)) {
      return in.readAllBytes();
    }
  }
}
