package org.ablebatch.codec.write;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.ablebatch.core.deliver.FileWords;

/**
 * Words as IPTC-IIM 4.2 records, in the image resource block in which JPEG files carry them. Values
 * are UTF-8, which record 1 says, and are cut to the lengths that the standard allows.
 */
final class Iptc {
  private static final byte[] MARK = "Photoshop 3.0\0".getBytes(StandardCharsets.US_ASCII);
  private static final byte[] BLOCK = "8BIM".getBytes(StandardCharsets.US_ASCII);
  private static final int IPTC_BLOCK = 0x0404;
  private static final byte[] UTF_8 = {0x1B, 0x25, 0x47};
  private static final int MOST_KEYWORDS = 100;

  private Iptc() {}

  /** The content of a JPEG's APP13 segment. */
  static byte[] segment(FileWords words) {
    ByteArrayOutputStream records = new ByteArrayOutputStream();
    record(records, 1, 90, UTF_8);
    text(records, 5, words.title(), 64);
    text(records, 80, words.author(), 32);
    text(records, 116, words.copyright(), 128);
    text(records, 120, words.description(), 2000);
    words.keywords().stream().limit(MOST_KEYWORDS).forEach(word -> text(records, 25, word, 64));
    byte[] data = records.toByteArray();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.writeBytes(MARK);
    out.writeBytes(BLOCK);
    two(out, IPTC_BLOCK);
    two(out, 0);
    two(out, data.length >>> 16);
    two(out, data.length);
    out.writeBytes(data);
    if (data.length % 2 == 1) {
      out.write(0);
    }
    return out.toByteArray();
  }

  private static void text(ByteArrayOutputStream out, int set, String text, int most) {
    if (text != null) {
      record(out, 2, set, upTo(text.getBytes(StandardCharsets.UTF_8), most));
    }
  }

  /** Never in the middle of a character. */
  private static byte[] upTo(byte[] utf8, int most) {
    if (utf8.length <= most) {
      return utf8;
    }
    int end = most;
    while ((utf8[end] & 0xC0) == 0x80) {
      end--;
    }
    return Arrays.copyOf(utf8, end);
  }

  private static void record(ByteArrayOutputStream out, int record, int set, byte[] value) {
    out.write(0x1C);
    out.write(record);
    out.write(set);
    two(out, value.length);
    out.writeBytes(value);
  }

  private static void two(ByteArrayOutputStream out, int value) {
    out.write(value >>> 8);
    out.write(value);
  }
}
