package org.ablebatch.codec.write;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import org.ablebatch.codec.profile.SrgbProfile;
import org.ablebatch.core.raster.Picture;

/**
 * The extended form of a WebP file (WebP Container Specification): colour profile before, words
 * behind the picture. The format has no place for a resolution.
 */
final class WebPChunks {
  private static final int RIFF_HEADER = 12;
  private static final int CHUNK_HEADER = 8;
  private static final int HAS_PROFILE = 0x20;
  private static final int HAS_ALPHA = 0x10;
  private static final int HAS_XMP = 0x04;

  private WebPChunks() {}

  /**
   * @param webp of one picture, simple or extended
   */
  static byte[] with(byte[] webp, Picture picture, FileExtras extras) {
    boolean words = !extras.words().isEmpty();
    ByteArrayOutputStream body = new ByteArrayOutputStream(webp.length + 5000);
    int flags = HAS_PROFILE | (picture.hasTransparency() ? HAS_ALPHA : 0) | (words ? HAS_XMP : 0);
    ByteBuffer header = ByteBuffer.allocate(10).order(ByteOrder.LITTLE_ENDIAN).putInt(flags);
    three(header, picture.width() - 1);
    three(header, picture.height() - 1);
    chunk(body, "VP8X", header.array());
    chunk(body, "ICCP", SrgbProfile.bytes());
    pixels(webp, body);
    if (words) {
      chunk(body, "XMP ", Xmp.packet(extras.words()));
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream(body.size() + RIFF_HEADER);
    out.writeBytes("RIFF".getBytes(StandardCharsets.US_ASCII));
    out.writeBytes(little(body.size() + 4));
    out.writeBytes("WEBP".getBytes(StandardCharsets.US_ASCII));
    out.writeBytes(body.toByteArray());
    return out.toByteArray();
  }

  /** The chunks of the picture itself: VP8, VP8L, ALPH. */
  private static void pixels(byte[] webp, ByteArrayOutputStream body) {
    ByteBuffer in = ByteBuffer.wrap(webp).order(ByteOrder.LITTLE_ENDIAN).position(RIFF_HEADER);
    while (in.remaining() >= CHUNK_HEADER) {
      byte[] type = new byte[4];
      in.get(type);
      byte[] data = new byte[in.getInt()];
      in.get(data);
      if (data.length % 2 == 1 && in.hasRemaining()) {
        in.get();
      }
      String name = new String(type, StandardCharsets.US_ASCII);
      if (name.startsWith("VP8") && !name.equals("VP8X") || name.equals("ALPH")) {
        chunk(body, name, data);
      }
    }
  }

  private static void chunk(ByteArrayOutputStream out, String type, byte[] data) {
    out.writeBytes(type.getBytes(StandardCharsets.US_ASCII));
    out.writeBytes(little(data.length));
    out.writeBytes(data);
    if (data.length % 2 == 1) {
      out.write(0);
    }
  }

  private static byte[] little(int value) {
    return ByteBuffer.allocate(4).order(ByteOrder.LITTLE_ENDIAN).putInt(value).array();
  }

  private static void three(ByteBuffer out, int value) {
    out.put((byte) value).put((byte) (value >> 8)).put((byte) (value >> 16));
  }
}
