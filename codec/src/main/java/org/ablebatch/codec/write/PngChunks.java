package org.ablebatch.codec.write;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;

/** Chunks that go between a PNG's header and its pixels (PNG specification, third edition). */
final class PngChunks {
  private static final int HEADER_END = 33;
  private static final double INCHES_PER_METRE = 1 / 0.0254;
  private static final int PERCEPTUAL = 0;

  private PngChunks() {}

  /** The file with its colour space, its resolution and its words. */
  static byte[] with(byte[] png, FileExtras extras) {
    ByteArrayOutputStream out = new ByteArrayOutputStream(png.length + 1000);
    out.write(png, 0, HEADER_END);
    chunk(out, "sRGB", new byte[] {PERCEPTUAL});
    if (extras.dpi() != null) {
      int perMetre = (int) Math.round(extras.dpi() * INCHES_PER_METRE);
      chunk(
          out,
          "pHYs",
          ByteBuffer.allocate(9).putInt(perMetre).putInt(perMetre).put((byte) 1).array());
    }
    if (!extras.words().isEmpty()) {
      ByteArrayOutputStream text = new ByteArrayOutputStream();
      text.writeBytes("XML:com.adobe.xmp\0\0\0\0\0".getBytes(StandardCharsets.US_ASCII));
      text.writeBytes(Xmp.packet(extras.words()));
      chunk(out, "iTXt", text.toByteArray());
    }
    out.write(png, HEADER_END, png.length - HEADER_END);
    return out.toByteArray();
  }

  private static void chunk(ByteArrayOutputStream out, String type, byte[] data) {
    byte[] name = type.getBytes(StandardCharsets.US_ASCII);
    CRC32 crc = new CRC32();
    crc.update(name);
    crc.update(data);
    out.writeBytes(ByteBuffer.allocate(4).putInt(data.length).array());
    out.writeBytes(name);
    out.writeBytes(data);
    out.writeBytes(ByteBuffer.allocate(4).putInt((int) crc.getValue()).array());
  }
}
