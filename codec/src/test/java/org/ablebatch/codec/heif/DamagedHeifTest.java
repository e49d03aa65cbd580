package org.ablebatch.codec.heif;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Damaged files are refused with a sentence, or read with what is left of them, and harm nothing.
 * Ten of each kind in every run; {@code -Dable.damaged=100} for more.
 */
class DamagedHeifTest {
  private static final int FILES = Integer.getInteger("able.damaged", 10);
  private static final long SEED = 20261126;

  /** What says that it is such a file stays; what would be refused at once tests nothing. */
  private static final int BRANDS = 16;

  private static final int BOXES = 400;

  @TempDir private Path folder;
  private final Random random = new Random(SEED);
  private final PictureReader reader =
      new PictureReader(new ReadLimits(4_000_000, ReadLimits.DEFAULT.maxSidePx()));

  @ParameterizedTest
  @ValueSource(strings = {"heic", "avif"})
  void nothingWorseThanARefusalCanHappen(String suffix) throws Exception {
    byte[] whole =
        new HeifFiles(folder).encode(suffix, List.of(), HeifFiles.noise(200, 150, random));
    int refused = 0;
    for (int i = 0; i < FILES; i++) {
      try {
        assertThat(reader.read(damaged(whole, i)).picture().width()).isPositive();
      } catch (UnreadablePicture e) {
        assertThat(e.getMessage()).matches("(?s)[A-Z].{20,}").doesNotContain("Exception", "/tmp");
        refused++;
      }
    }
    assertThat(refused).as("of " + FILES).isPositive();
  }

  /**
   * Cut short, a few bytes wrong, a stretch of noise, or a piece taken out: by turns in the boxes
   * at the beginning and anywhere.
   */
  private byte[] damaged(byte[] whole, int how) {
    int end = how / 4 % 2 == 0 ? whole.length : BOXES;
    int at = BRANDS + random.nextInt(end - BRANDS);
    byte[] bytes = whole.clone();
    switch (how % 4) {
      case 0 -> bytes = Arrays.copyOf(whole, at);
      case 1 -> {
        for (int k = 0; k < 6; k++) {
          bytes[BRANDS + random.nextInt(end - BRANDS)] = (byte) random.nextInt(256);
        }
      }
      case 2 -> {
        for (int k = at; k < Math.min(bytes.length, at + 40); k++) {
          bytes[k] = (byte) random.nextInt(256);
        }
      }
      default -> {
        int gap = Math.min(30, whole.length - at);
        bytes = new byte[whole.length - gap];
        System.arraycopy(whole, 0, bytes, 0, at);
        System.arraycopy(whole, at + gap, bytes, at, whole.length - at - gap);
      }
    }
    return bytes;
  }
}
