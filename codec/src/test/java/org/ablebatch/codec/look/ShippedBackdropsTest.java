package org.ablebatch.codec.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ShippedBackdropsTest {
  private static final int MOST_BYTES = 4_000_000;

  static Set<String> names() {
    return ShippedBackdrops.titles().keySet();
  }

  @ParameterizedTest
  @MethodSource("names")
  void everyOneIsLargeAndOpaque(String name) throws Exception {
    byte[] file = ShippedBackdrops.file(name).orElseThrow();
    Picture picture = new PictureReader(ReadLimits.DEFAULT).read(file).picture();

    assertThat(file.length).isLessThan(MOST_BYTES);
    assertThat(Math.max(picture.width(), picture.height())).isEqualTo(3_000);
    assertThat(picture.hasTransparency()).isFalse();
  }

  @Test
  void thereAreTwelveAndNoOthers() {
    assertThat(names()).hasSize(12);
    assertThat(ShippedBackdrops.file("own-1")).isEmpty();
    assertThat(ShippedBackdrops.file("../fonts/oswald.LICENSE")).isEmpty();
  }
}
