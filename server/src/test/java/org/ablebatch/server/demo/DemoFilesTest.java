package org.ablebatch.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.ablebatch.codec.list.SetListFile;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the demo is told with can be read; the browser's tests tell it with smaller pictures. */
class DemoFilesTest {
  private static final Path DEMO = Path.of("..", "demo");

  /** A picture of less would not show on a screen what the program can do. */
  private static final int LEAST_LONG_SIDE = 1000;

  static List<Path> photographs() throws IOException {
    return filesBelow("batches");
  }

  @ParameterizedTest
  @MethodSource("photographs")
  void isAPhotographOfAUsefulSize(Path file) throws Exception {
    Picture picture =
        new PictureReader(ReadLimits.DEFAULT).read(Files.readAllBytes(file)).picture();
    assertThat(Math.max(picture.width(), picture.height())).isGreaterThan(LEAST_LONG_SIDE);
  }

  @Test
  void hasALookAndAListForItsBatches() throws IOException {
    for (Path look : filesBelow("looks")) {
      assertThat(LookFile.read(Files.readAllBytes(look)).name()).isNotBlank();
    }
    for (Path list : filesBelow("lists")) {
      assertThat(SetListFile.read(Files.readAllBytes(list))).isNotEmpty();
    }
  }

  private static List<Path> filesBelow(String folder) throws IOException {
    try (Stream<Path> inside = Files.walk(DEMO.resolve(folder))) {
      return inside.filter(Files::isRegularFile).sorted().toList();
    }
  }
}
