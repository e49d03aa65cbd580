package org.ablebatch.codec.heif;

import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A box of the ISO base media file format (ISO/IEC 14496-12, section 4.2): a type of four letters
 * and what stands in it.
 *
 * @param content big-endian, at its beginning
 */
record Box(String type, ByteBuffer content) {
  private static final int HEADER = 8;
  private static final int LARGE_HEADER = 16;

  /** More boxes on one level than any camera writes. */
  private static final int MOST = 20_000;

  /** All bytes of a file, or of a box that holds only boxes. */
  static List<Box> in(ByteBuffer bytes) {
    List<Box> boxes = new ArrayList<>();
    ByteBuffer rest = bytes.slice();
    while (rest.remaining() >= HEADER && boxes.size() < MOST) {
      long size = Integer.toUnsignedLong(rest.getInt(rest.position()));
      int header = HEADER;
      if (size == 1) {
        if (rest.remaining() < LARGE_HEADER) {
          break;
        }
        size = rest.getLong(rest.position() + HEADER);
        header = LARGE_HEADER;
      } else if (size == 0) {
        size = rest.remaining();
      }
      if (size < header || size > rest.remaining()) {
        break;
      }
      byte[] type = new byte[4];
      rest.get(rest.position() + 4, type);
      boxes.add(
          new Box(
              new String(type, StandardCharsets.ISO_8859_1),
              rest.slice(rest.position() + header, (int) size - header)));
      rest.position(rest.position() + (int) size);
    }
    return boxes;
  }

  /** The boxes in it, after the version and flags of a full box have been read. */
  List<Box> children() {
    return in(content);
  }

  static Optional<Box> first(List<Box> boxes, String type) {
    return boxes.stream().filter(box -> box.type.equals(type)).findFirst();
  }

  /** Reads version and flags of a full box (section 4.2.2); the content goes on behind them. */
  FullHeader fullHeader() {
    int word = content.getInt();
    return new FullHeader(word >>> 24, word & 0xFFFFFF);
  }

  record FullHeader(int version, int flags) {}

  /**
   * An unsigned number of so many bytes, 1, 2 or 4.
   *
   * @throws BufferUnderflowException when the box ends before
   */
  long number(int bytes) {
    return switch (bytes) {
      case 1 -> content.get() & 0xFF;
      case 2 -> content.getShort() & 0xFFFF;
      default -> Integer.toUnsignedLong(content.getInt());
    };
  }
}
