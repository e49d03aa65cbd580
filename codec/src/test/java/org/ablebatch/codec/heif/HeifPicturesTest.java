package org.ablebatch.codec.heif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import org.ablebatch.codec.read.FileKind;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.ReadPicture;
import org.ablebatch.core.raster.DeepPicture;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What phones make is read like everything else: upright, in sRGB, with all its bits. */
class HeifPicturesTest {
  private static final int GREEN = 0x2E7D46;
  private static final int CREAM = 0xF0E8D8;

  @TempDir private Path folder;
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
  private HeifFiles files;

  @BeforeEach
  void anEncoder() {
    files = new HeifFiles(folder);
  }

  @ParameterizedTest
  @ValueSource(strings = {"heic", "avif"})
  void bothAreReadByTheirContent(String suffix) throws Exception {
    ReadPicture read = reader.read(files.encode(suffix, List.of(), HeifFiles.halves(GREEN, CREAM)));

    assertThat(read.kind()).isEqualTo(suffix.equals("heic") ? FileKind.HEIC : FileKind.AVIF);
    assertThat(read.picture().width()).isEqualTo(HeifFiles.WIDTH);
    assertThat(read.picture().height()).isEqualTo(HeifFiles.HEIGHT);
    assertNear(read.picture().at(12, 24), GREEN);
    assertNear(read.picture().at(52, 24), CREAM);
    assertThat(read.bits()).isEqualTo(8);
    assertThat(read.pictures()).isEqualTo(1);
    assertThat(read.shownByBrowsers()).isFalse();
    assertThat(read.turned()).isFalse();
  }

  @Test
  void aTurnIsHonoured() throws Exception {
    byte[] lying = files.encode("avif", List.of(), HeifFiles.halves(GREEN, CREAM));

    ReadPicture read = reader.read(HeifFiles.turned(lying));

    assertThat(read.turned()).isTrue();
    assertThat(read.picture().width()).isEqualTo(HeifFiles.HEIGHT);
    assertNear(read.picture().at(24, 52), GREEN);
    assertNear(read.picture().at(24, 12), CREAM);
  }

  @ParameterizedTest
  @ValueSource(strings = {"heic", "avif"})
  void aProfileIsConvertedAndNamedAndThePlaceNoticed(String suffix) throws Exception {
    byte[] wide;
    try (InputStream in = getClass().getResourceAsStream("../read/wide-gamut-with-place.jpg")) {
      wide = in.readAllBytes();
    }

    ReadPicture read = reader.read(files.encode(suffix, List.of(), wide));

    assertThat(read.profile()).containsIgnoringCase("adobe");
    assertThat(read.hasPlace()).isTrue();
    assertNear(read.picture().at(8, 24), 0x00B553);
    assertNear(read.picture().at(56, 24), 0xE7397B);
  }

  @Test
  void tenBitsComeThrough() throws Exception {
    byte[] heic = files.encode("heic", List.of("-b", "10"), HeifFiles.deep(30_123, 9_001, 7_777));

    assertThat(reader.read(heic).bits()).isEqualTo(10);
    DeepPicture deep = reader.readDeep(heic).orElseThrow();
    // A step of ten bits is 64 of these, and coding costs one or two of them.
    assertThat(deep.rgb()[0] & 0xFFFF).isCloseTo(30_123, Offset.offset(200));
    assertThat(deep.rgb()[1] & 0xFFFF).isCloseTo(9_001, Offset.offset(200));
  }

  @Test
  void twelveBitsOfAvifToo() throws Exception {
    byte[] avif = files.encode("avif", List.of("-b", "12"), HeifFiles.deep(30_123, 9_001, 7_777));

    assertThat(reader.read(avif).bits()).isEqualTo(12);
    assertThat(reader.readDeep(avif).orElseThrow().rgb()[0] & 0xFFFF)
        .isCloseTo(30_123, Offset.offset(200));
  }

  @Test
  void coloursByCodePointsAreConvertedAndNamed() throws Exception {
    byte[] avif = files.encode("avif", List.of(), HeifFiles.halves(0xC04040, 0x808080));

    ReadPicture read = reader.read(HeifFiles.withColours(avif, 12, 13));

    assertThat(read.profile()).isEqualTo("Display P3");
    // Red of wider primaries is redder; grey is grey under any primaries with the same white.
    assertNear(read.picture().at(12, 24), 0xD2333A);
    assertNear(read.picture().at(52, 24), 0x808080);
  }

  @Test
  void aHighRangeIsBroughtToTheScreensOwn() throws Exception {
    // In PQ, 58 percent of the signal are 203 cd/m², the white of a page.
    byte[] avif = files.encode("avif", List.of(), HeifFiles.halves(0x949494, 0xFFFFFF));

    ReadPicture read = reader.read(HeifFiles.withColours(avif, 9, 16));

    assertThat(read.profile()).isEqualTo("BT.2020, PQ");
    int page = read.picture().at(12, 24) & 0xFF;
    int sun = read.picture().at(52, 24) & 0xFF;
    assertThat(page).as("bright, with room above").isBetween(235, 250);
    assertThat(sun).as("brighter still").isGreaterThan(page);
  }

  @Test
  void ofSeveralPicturesTheMainOneIsTaken() throws Exception {
    byte[] three =
        files.encode(
            "heic",
            List.of(),
            HeifFiles.halves(GREEN, CREAM),
            HeifFiles.halves(CREAM, GREEN),
            HeifFiles.halves(GREEN, GREEN));
    assertThat(reader.read(three).pictures()).isEqualTo(3);
    assertNear(reader.read(three).picture().at(12, 24), GREEN);

    int main = HeifFiles.find(three, "pitm") + 8;
    three[main + 1] += 2;

    assertNear(reader.read(three).picture().at(12, 24), CREAM);
    assertNear(reader.read(three).picture().at(52, 24), GREEN);
  }

  @Test
  void aClaimOfAHugeSizeIsRefusedUnread() throws Exception {
    byte[] heic = files.encode("heic", List.of(), HeifFiles.halves(GREEN, CREAM));
    int width = HeifFiles.find(heic, "ispe") + 8;
    heic[width] = 0x7F;

    assertThatThrownBy(() -> reader.read(heic)).hasMessageContaining("million pixels");
  }

  private static void assertNear(int pixel, int expected) {
    for (int shift = 0; shift <= 16; shift += 8) {
      assertThat(pixel >> shift & 0xFF)
          .as("%06X for %06X", pixel & 0xFFFFFF, expected)
          .isCloseTo(expected >> shift & 0xFF, Offset.offset(7));
    }
  }
}
