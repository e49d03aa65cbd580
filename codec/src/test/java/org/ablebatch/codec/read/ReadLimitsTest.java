package org.ablebatch.codec.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.NullSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How large a picture may be, and who may say otherwise. */
class ReadLimitsTest {
  @Test
  void theLimitCanBeRaisedAndLowered() {
    assertThat(ReadLimits.set(" 250 ").maxPixels()).isEqualTo(250_000_000L);
    assertThat(ReadLimits.set("1").maxPixels()).isEqualTo(1_000_000L);
  }

  @ParameterizedTest
  @NullSource
  @ValueSource(strings = {"", "many", "-5", "0", "901", "4000000000"})
  void aSettingWithoutSenseChangesNothing(String setting) {
    assertThat(ReadLimits.set(setting).maxPixels()).isEqualTo(120_000_000L);
  }

  @Test
  void aPictureOverTheLimitIsRefusedWithTheWayToRaiseIt() {
    byte[] file = PictureWriter.png(new Picture(1200, 900, new int[1200 * 900]));
    PictureReader reader = new PictureReader(ReadLimits.set("1"));

    assertThatThrownBy(() -> reader.read(file))
        .isInstanceOf(UnreadablePicture.class)
        .hasMessageStartingWith(
            "The picture says it is 1,200 × 900 pixels; at most 1 million pixels")
        .hasMessageContaining("ABLE_MOST_MEGAPIXELS");
  }
}
