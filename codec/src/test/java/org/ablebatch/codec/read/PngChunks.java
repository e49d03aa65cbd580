package org.ablebatch.codec.read;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;

/** Puts a chunk into a PNG, behind the first one. */
final class PngChunks {
  private static final int BEHIND_HEADER = 8 + 12 + 13;

  private PngChunks() {}

  static byte[] with(byte[] png, String type, byte[] content) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(png, 0, BEHIND_HEADER);
    byte[] named = new byte[4 + content.length];
    System.arraycopy(type.getBytes(StandardCharsets.US_ASCII), 0, named, 0, 4);
    System.arraycopy(content, 0, named, 4, content.length);
    CRC32 crc = new CRC32();
    crc.update(named);
    out.writeBytes(ByteBuffer.allocate(4).putInt(content.length).array());
    out.writeBytes(named);
    out.writeBytes(ByteBuffer.allocate(4).putInt((int) crc.getValue()).array());
    out.write(png, BEHIND_HEADER, png.length - BEHIND_HEADER);
    return out.toByteArray();
  }
}
