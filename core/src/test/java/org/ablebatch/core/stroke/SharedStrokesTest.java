package org.ablebatch.core.stroke;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.zip.CRC32;
import org.ablebatch.core.mend.BrushEdit;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.Mender;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;

/** The browser replays the same strokes and must come to the same bytes: see Tile.test.ts. */
class SharedStrokesTest {
  private static final int WIDTH = 160;
  private static final int HEIGHT = 120;

  /** The same number stands in the web's test. */
  private static final String MATTE_CRC = "61591c83";

  @Test
  void sharedStrokesComeToTheSharedMatte() throws IOException {
    List<Edit> edits = new ArrayList<>();
    try (var in = getClass().getResourceAsStream("/strokes.txt")) {
      String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      text.lines().map(SharedStrokesTest::stroke).forEach(edits::add);
    }
    int[] argb = new int[WIDTH * HEIGHT];
    Arrays.fill(argb, 0xFF808080);
    Picture picture = new Picture(WIDTH, HEIGHT, argb);

    Cutout mended =
        new Mender(null)
            .replay(picture, new Cutout(Matte.filled(WIDTH, HEIGHT, 140), picture), edits);

    CRC32 crc = new CRC32();
    crc.update(mended.matte().coverage());
    assertThat(String.format(Locale.ROOT, "%08x", crc.getValue())).isEqualTo(MATTE_CRC);
  }

  private static BrushEdit stroke(String line) {
    String[] words = line.split(" ");
    List<StrokePoint> points = new ArrayList<>();
    for (int i = 4; i < words.length; i += 2) {
      points.add(new StrokePoint(Double.parseDouble(words[i]), Double.parseDouble(words[i + 1])));
    }
    return new BrushEdit(
        Mode.valueOf(words[0].toUpperCase(Locale.ROOT)),
        false,
        new Stroke(
            Double.parseDouble(words[1]),
            Double.parseDouble(words[2]),
            Double.parseDouble(words[3]),
            points));
  }
}
