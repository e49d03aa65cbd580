package org.ablebatch.codec.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.drew.lang.ByteArrayReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.icc.IccDirectory;
import com.drew.metadata.icc.IccReader;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import org.junit.jupiter.api.Test;

class SrgbProfileTest {
  @Test
  void thePlatformsColourManagementTakesItForSrgb() {
    ICC_ColorSpace ours = new ICC_ColorSpace(ICC_Profile.getInstance(SrgbProfile.bytes()));
    ColorSpace srgb = ColorSpace.getInstance(ColorSpace.CS_sRGB);

    assertThat(ours.getType()).isEqualTo(ColorSpace.TYPE_RGB);
    for (int i = 0; i < 512; i++) {
      float[] colour = {(i & 7) / 7f, (i >> 3 & 7) / 7f, (i >> 6 & 7) / 7f};
      float[] seen = srgb.fromCIEXYZ(ours.toCIEXYZ(colour));
      for (int c = 0; c < 3; c++) {
        assertThat(seen[c]).as("colour %d", i).isCloseTo(colour[c], within(1.5f / 255));
      }
    }
  }

  @Test
  void anotherReaderFindsItWhole() {
    Metadata metadata = new Metadata();
    new IccReader().extract(new ByteArrayReader(SrgbProfile.bytes()), metadata);

    IccDirectory icc = metadata.getFirstDirectoryOfType(IccDirectory.class);
    assertThat(icc.hasErrors()).isFalse();
    assertThat(icc.getString(IccDirectory.TAG_COLOR_SPACE).strip()).isEqualTo("RGB");
    assertThat(icc.getDescription(IccDirectory.TAG_TAG_desc)).contains("sRGB");
  }

  @Test
  void itIsSmallAndKnownByWhatItDoes() {
    assertThat(SrgbProfile.bytes()).hasSizeLessThan(600);
    assertThat(SrgbProfile.isMeantBy(space(SrgbProfile.bytes()))).isTrue();
    assertThat(SrgbProfile.isMeantBy(space(ColorSpace.CS_sRGB))).isTrue();
    assertThat(SrgbProfile.isMeantBy(space(ColorSpace.CS_LINEAR_RGB))).isFalse();
    assertThat(SrgbProfile.isMeantBy(space(ColorSpace.CS_GRAY))).isFalse();
  }

  private static ICC_ColorSpace space(byte[] profile) {
    return new ICC_ColorSpace(ICC_Profile.getInstance(profile));
  }

  private static ICC_ColorSpace space(int known) {
    return new ICC_ColorSpace(ICC_Profile.getInstance(known));
  }
}
