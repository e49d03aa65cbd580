package org.ablebatch.codec.lettering;

import java.nio.ByteBuffer;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/**
 * Unpacks a font file of the Web Open Font Format 1.0 (W3C Recommendation, 2012) to the TrueType
 * file that it holds.
 */
final class Woff {
  private static final int SIGNATURE = 0x774F4646;
  private static final int HEADER = 44;
  private static final int ENTRY = 20;
  private static final int SFNT_HEADER = 12;
  private static final int SFNT_ENTRY = 16;

  private Woff() {}

  /**
   * @throws IllegalArgumentException when it is no such file
   */
  static byte[] unpack(byte[] woff) {
    ByteBuffer in = ByteBuffer.wrap(woff);
    if (woff.length < HEADER || in.getInt(0) != SIGNATURE) {
      throw new IllegalArgumentException("no WOFF file");
    }
    int tables = in.getShort(12);
    int power = Integer.highestOneBit(tables);
    ByteBuffer out = ByteBuffer.allocate(in.getInt(16));
    out.putInt(in.getInt(4));
    out.putShort((short) tables);
    out.putShort((short) (power * SFNT_ENTRY));
    out.putShort((short) Integer.numberOfTrailingZeros(power));
    out.putShort((short) ((tables - power) * SFNT_ENTRY));
    int offset = SFNT_HEADER + SFNT_ENTRY * tables;
    for (int t = 0; t < tables; t++) {
      int entry = HEADER + ENTRY * t;
      int length = in.getInt(entry + 12);
      out.putInt(in.getInt(entry)).putInt(in.getInt(entry + 16)).putInt(offset).putInt(length);
      table(woff, in.getInt(entry + 4), in.getInt(entry + 8), out.array(), offset, length);
      offset += length + 3 & ~3;
    }
    return out.array();
  }

  private static void table(byte[] woff, int from, int packed, byte[] out, int to, int length) {
    if (packed == length) {
      System.arraycopy(woff, from, out, to, length);
      return;
    }
    Inflater inflater = new Inflater();
    try {
      inflater.setInput(woff, from, packed);
      if (inflater.inflate(out, to, length) != length) {
        throw new IllegalArgumentException("a WOFF table is too short");
      }
    } catch (DataFormatException e) {
      throw new IllegalArgumentException("a WOFF table is damaged", e);
    } finally {
      inflater.end();
    }
  }
}
