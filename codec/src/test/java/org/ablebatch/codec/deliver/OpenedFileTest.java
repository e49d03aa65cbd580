package org.ablebatch.codec.deliver;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.codec.spec.SpecFile;
import org.ablebatch.core.deliver.FileWords;
import org.ablebatch.core.deliver.OutputFormat;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Dresser;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.dress.Supplies;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;

/** Whatever was delivered can be looked at again. */
class OpenedFileTest {
  private static final int INK = 0xFF2040A0;

  @ParameterizedTest
  @EnumSource(value = OutputFormat.class, mode = Mode.EXCLUDE, names = "AVIF")
  void showsTheSubjectInTheMiddleAndNothingOfItAtTheCorner(OutputFormat format) throws Exception {
    Picture seen = OpenedFile.of(made(format), format);

    int middle = seen.at(seen.width() / 2, seen.height() / 2);
    assertThat(seen.at(0, 0)).isNotEqualTo(INK);
    switch (format) {
      case MATTE -> assertThat(middle).isEqualTo(0xFFFFFFFF);
      // A line has nothing inside, and something around it.
      case CUT_LINE -> assertThat(seen.hasTransparency()).isTrue();
      default -> assertThat(middle & 0xFF).isGreaterThan(middle >> 16 & 0xFF);
    }
  }

  @Test
  void aLineIsDrawnAroundItsSubject() throws Exception {
    Picture line = OpenedFile.of(made(OutputFormat.CUT_LINE), OutputFormat.CUT_LINE);

    int drawn = 0;
    int crossed = 0;
    for (int x = 0; x < line.width(); x++) {
      boolean here = line.at(x, line.height() / 2) >>> 24 > 128;
      boolean before = x > 0 && line.at(x - 1, line.height() / 2) >>> 24 > 128;
      drawn += here ? 1 : 0;
      crossed += here && !before ? 1 : 0;
    }
    assertThat(crossed).as("left and right of it").isEqualTo(2);
    assertThat(drawn).isLessThan(20);
  }

  @Test
  void whatIsNoFileOfItsFormatIsSaidToBeDamaged() {
    byte[] text = "not a picture".getBytes(StandardCharsets.UTF_8);

    for (OutputFormat format : OutputFormat.values()) {
      assertThatThrownBy(() -> OpenedFile.of(text, format))
          .as(format.name())
          .isInstanceOf(UnreadablePicture.class);
    }
  }

  private static byte[] made(OutputFormat format) {
    Picture disc = disc();
    Dressable dressable =
        new Dressable(disc, new Rect(20, 20, 80, 80), disc, new Labels("a", null, null, Map.of()));
    String json =
        """
        {"format": "able-batch-specs", "version": 1, "specs": [
          {"name": "A", "width": 30, "height": 30, "unit": "mm", "dpi": 100, "format": "%s"}]}
        """
            .formatted(format);
    SpecEntry entry = SpecFile.read(json.getBytes(StandardCharsets.UTF_8)).specs().get(0);
    Spec spec = entry.toSpec();
    return new FileMaker(new Dresser(Supplies.none()))
        .make(dressable, spec, Look.DEFAULT, false, FileWords.NONE)
        .bytes();
  }

  private static Picture disc() {
    int[] argb = new int[120 * 120];
    for (int y = 0; y < 120; y++) {
      for (int x = 0; x < 120; x++) {
        argb[y * 120 + x] = Math.hypot(x - 59.5, y - 59.5) < 40 ? INK : 0;
      }
    }
    return new Picture(120, 120, argb);
  }
}
