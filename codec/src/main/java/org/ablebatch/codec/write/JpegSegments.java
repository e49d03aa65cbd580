package org.ablebatch.codec.write;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import org.ablebatch.codec.profile.SrgbProfile;

/** Segments that go behind a JPEG's first: resolution, colour profile and words. */
final class JpegSegments {
  private static final int APP0 = 0xE0;
  private static final int APP1 = 0xE1;
  private static final int APP2 = 0xE2;
  private static final int APP13 = 0xED;
  private static final int UNITS_AT = 13;
  private static final int DOTS_PER_INCH = 1;
  private static final int MOST_IN_SEGMENT = 65_533;
  private static final String XMP_MARK = "http://ns.adobe.com/xap/1.0/\0";

  private JpegSegments() {}

  /**
   * @param jpeg beginning with a JFIF segment
   */
  static byte[] with(byte[] jpeg, FileExtras extras) {
    if ((jpeg[3] & 0xFF) != APP0) {
      throw new IllegalArgumentException("a JPEG file without JFIF header");
    }
    int end = 4 + ((jpeg[4] & 0xFF) << 8 | jpeg[5] & 0xFF);
    ByteArrayOutputStream out = new ByteArrayOutputStream(jpeg.length + 5000);
    out.write(jpeg, 0, UNITS_AT);
    if (extras.dpi() == null) {
      out.write(jpeg, UNITS_AT, end - UNITS_AT);
    } else {
      out.write(DOTS_PER_INCH);
      two(out, extras.dpi());
      two(out, extras.dpi());
      out.write(jpeg, UNITS_AT + 5, end - UNITS_AT - 5);
    }
    if (!extras.words().isEmpty()) {
      byte[] packet = Xmp.packet(extras.words());
      if (packet.length + XMP_MARK.length() <= MOST_IN_SEGMENT) {
        segment(out, APP1, XMP_MARK, packet);
      }
    }
    segment(out, APP2, "ICC_PROFILE\0\u0001\u0001", SrgbProfile.bytes());
    if (!extras.words().isEmpty()) {
      segment(out, APP13, "", Iptc.segment(extras.words()));
    }
    out.write(jpeg, end, jpeg.length - end);
    return out.toByteArray();
  }

  private static void segment(ByteArrayOutputStream out, int marker, String mark, byte[] data) {
    out.write(0xFF);
    out.write(marker);
    two(out, 2 + mark.length() + data.length);
    out.writeBytes(mark.getBytes(StandardCharsets.ISO_8859_1));
    out.writeBytes(data);
  }

  private static void two(ByteArrayOutputStream out, int value) {
    out.write(value >>> 8);
    out.write(value);
  }
}
