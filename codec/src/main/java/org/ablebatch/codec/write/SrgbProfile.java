package org.ablebatch.codec.write;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;

/** The ICC profile of sRGB, as files carry it. */
final class SrgbProfile {
  private static final byte[] BYTES = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();

  private SrgbProfile() {}

  static byte[] bytes() {
    return BYTES.clone();
  }
}
