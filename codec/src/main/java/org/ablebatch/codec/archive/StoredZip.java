package org.ablebatch.codec.archive;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.zip.CRC32;

/**
 * A ZIP of files as they are (PKWARE APPNOTE 6.3.10, method 0, with ZIP64 where it needs it). Its
 * length is known before anything is read, and any part of it can be written by itself, so that a
 * download that broke off goes on where it was. Pictures are compressed already; doing it again
 * wins nothing.
 */
public final class StoredZip {
  private static final long FULL_32 = 0xFFFF_FFFFL;
  private static final int FULL_16 = 0xFFFF;
  private static final short STORED_VERSION = 20;
  private static final short ZIP64_VERSION = 45;
  private static final short UTF_8_NAMES = 1 << 11;
  private static final int LOCAL_BYTES = 30;
  private static final int CENTRAL_BYTES = 46;
  private static final int ZIP64_OFFSET_BYTES = 12;
  private static final int END_BYTES = 22;
  private static final int ZIP64_END_BYTES = 56 + 20;

  private final List<Piece> pieces = new ArrayList<>();
  private final int dosTime;
  private final int dosDate;
  private long length;

  /**
   * A file in it.
   *
   * @param bytes how many it has, less than 4 GB
   * @param crc32 of them
   * @param content gives exactly these bytes, each time that it is asked
   */
  public record Entry(String name, long bytes, long crc32, Supplier<byte[]> content) {
    public Entry {
      if (bytes >= FULL_32) {
        throw new IllegalArgumentException("a file of " + bytes + " bytes");
      }
    }

    /** A small file whose bytes are at hand. */
    public static Entry of(String name, byte[] content) {
      return new Entry(name, content.length, StoredZip.crc32(content), () -> content);
    }

    private byte[] nameBytes() {
      return name.getBytes(StandardCharsets.UTF_8);
    }
  }

  /** A part of the file that is written as one. */
  private record Piece(long start, long length, Supplier<byte[]> bytes) {}

  /**
   * @param at what the files say of their age; years from 1980
   */
  public StoredZip(List<Entry> entries, LocalDateTime at) {
    dosTime = at.getHour() << 11 | at.getMinute() << 5 | at.getSecond() / 2;
    dosDate = (at.getYear() - 1980) << 9 | at.getMonthValue() << 5 | at.getDayOfMonth();
    List<Long> offsets = new ArrayList<>();
    for (Entry entry : entries) {
      offsets.add(length);
      append(LOCAL_BYTES + entry.nameBytes().length, () -> local(entry));
      append(entry.bytes(), entry.content());
    }
    long directory = length;
    for (int i = 0; i < entries.size(); i++) {
      Entry entry = entries.get(i);
      long offset = offsets.get(i);
      int far = offset >= FULL_32 ? ZIP64_OFFSET_BYTES : 0;
      append(CENTRAL_BYTES + entry.nameBytes().length + far, () -> central(entry, offset));
    }
    long directoryBytes = length - directory;
    if (entries.size() >= FULL_16 || directory >= FULL_32 || directoryBytes >= FULL_32) {
      append(ZIP64_END_BYTES, () -> zip64End(entries.size(), directoryBytes, directory));
    }
    append(END_BYTES, () -> end(entries.size(), directoryBytes, directory));
  }

  public static long crc32(byte[] bytes) {
    CRC32 crc = new CRC32();
    crc.update(bytes);
    return crc.getValue();
  }

  /** Of the whole, bytes. */
  public long length() {
    return length;
  }

  /**
   * Writes a part. At most one file of it is in memory at a time.
   *
   * @param from the first byte, 0..length
   * @param count how many, at most to the end
   */
  public void write(long from, long count, OutputStream out) throws IOException {
    long end = from + count;
    for (Piece piece : pieces) {
      long first = Math.max(from, piece.start);
      long last = Math.min(end, piece.start + piece.length);
      if (first < last) {
        byte[] bytes = piece.bytes.get();
        if (bytes.length != piece.length) {
          throw new IOException("a file has " + bytes.length + " bytes instead of " + piece.length);
        }
        out.write(bytes, (int) (first - piece.start), (int) (last - first));
      }
    }
  }

  private void append(long bytes, Supplier<byte[]> content) {
    pieces.add(new Piece(length, bytes, content));
    length += bytes;
  }

  private static ByteBuffer littleEndian(int bytes) {
    return ByteBuffer.allocate(bytes).order(ByteOrder.LITTLE_ENDIAN);
  }

  private byte[] local(Entry entry) {
    byte[] name = entry.nameBytes();
    ByteBuffer b = littleEndian(LOCAL_BYTES + name.length).putInt(0x04034b50);
    b.putShort(STORED_VERSION);
    return facts(b, entry, name.length).putShort((short) 0).put(name).array();
  }

  private byte[] central(Entry entry, long offset) {
    byte[] name = entry.nameBytes();
    boolean far = offset >= FULL_32;
    short version = far ? ZIP64_VERSION : STORED_VERSION;
    int extra = far ? ZIP64_OFFSET_BYTES : 0;
    ByteBuffer b = littleEndian(CENTRAL_BYTES + name.length + extra).putInt(0x02014b50);
    b.putShort(version).putShort(version);
    facts(b, entry, name.length).putShort((short) extra);
    // No comment, first disk, and no attributes.
    b.putShort((short) 0).putShort((short) 0).putShort((short) 0).putInt(0);
    b.putInt((int) Math.min(offset, FULL_32)).put(name);
    if (far) {
      b.putShort((short) 1).putShort((short) Long.BYTES).putLong(offset);
    }
    return b.array();
  }

  /** What both headers say in the same order. */
  private ByteBuffer facts(ByteBuffer b, Entry entry, int nameBytes) {
    b.putShort(UTF_8_NAMES).putShort((short) 0).putShort((short) dosTime).putShort((short) dosDate);
    b.putInt((int) entry.crc32()).putInt((int) entry.bytes()).putInt((int) entry.bytes());
    return b.putShort((short) nameBytes);
  }

  private static byte[] zip64End(long entries, long directoryBytes, long directory) {
    ByteBuffer b = littleEndian(ZIP64_END_BYTES).putInt(0x06064b50).putLong(44);
    b.putShort(ZIP64_VERSION).putShort(ZIP64_VERSION).putInt(0).putInt(0);
    b.putLong(entries).putLong(entries).putLong(directoryBytes).putLong(directory);
    return b.putInt(0x07064b50).putInt(0).putLong(directory + directoryBytes).putInt(1).array();
  }

  private static byte[] end(int entries, long directoryBytes, long directory) {
    short count = (short) Math.min(entries, FULL_16);
    ByteBuffer b = littleEndian(END_BYTES).putInt(0x06054b50).putShort((short) 0);
    b.putShort((short) 0).putShort(count).putShort(count);
    b.putInt((int) Math.min(directoryBytes, FULL_32)).putInt((int) Math.min(directory, FULL_32));
    return b.putShort((short) 0).array();
  }
}
