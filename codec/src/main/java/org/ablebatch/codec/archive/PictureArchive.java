package org.ablebatch.codec.archive;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/**
 * The files of a ZIP (APPNOTE 6.3), one after the other, however deep their folders lie. Nothing is
 * written to disk and names are never used as paths, so a name such as {@code ../../x} is only odd.
 */
public final class PictureArchive {
  /** What the archives of old systems are written in, whose names are not UTF-8. */
  private static final Charset OLD_NAMES = Charset.forName("IBM437");

  private static final byte[] FIRST_FILE = {'P', 'K', 3, 4};

  /** How a ZIP begins in which there is nothing. */
  private static final byte[] END = {'P', 'K', 5, 6};

  /** Small files may be very compressible without being a bomb. */
  private static final long NEVER_TOO_DENSE = 1 << 20;

  private static final int BLOCK = 1 << 16;

  private PictureArchive() {}

  /** What is done with the files. */
  public interface Taker {
    /**
     * @param name with its folders, as the archive has it
     */
    void take(String name, byte[] bytes);

    /**
     * @param reason a sentence
     */
    void refuse(String name, String reason);
  }

  /** True for bytes that begin as a ZIP does. */
  public static boolean isOne(byte[] bytes) {
    return begins(bytes, FIRST_FILE) || begins(bytes, END);
  }

  private static boolean begins(byte[] bytes, byte[] with) {
    return bytes.length >= with.length && Arrays.equals(with, Arrays.copyOf(bytes, with.length));
  }

  /**
   * Hands over every file in the archive's own order; the litter of file managers is passed over.
   *
   * @throws UnreadableArchive when it can't be opened or holds too much; files may have been handed
   *     over before
   */
  public static void open(Path archive, ArchiveLimits limits, Taker taker)
      throws UnreadableArchive {
    try (ZipFile zip = zip(archive)) {
      if (zip.size() > limits.entries()) {
        throw new UnreadableArchive(
            String.format(
                Locale.ROOT,
                "This ZIP holds %,d files; %,d is the most. Split it into several",
                zip.size(),
                limits.entries()));
      }
      long left = limits.allBytes();
      for (ZipEntry entry : entries(zip)) {
        if (!entry.isDirectory() && !isLitter(entry.getName())) {
          left -= hand(zip, entry, limits, Math.min(left, limits.entryBytes()), taker);
        }
      }
    } catch (IOException e) {
      throw new UnreadableArchive("This ZIP is damaged or cut short and can’t be opened");
    }
  }

  private static ZipFile zip(Path archive) throws IOException {
    try {
      return new ZipFile(archive.toFile(), StandardCharsets.UTF_8);
    } catch (ZipException e) {
      return new ZipFile(archive.toFile(), OLD_NAMES);
    }
  }

  private static List<? extends ZipEntry> entries(ZipFile zip) {
    return Collections.list(zip.entries());
  }

  /** Hands one file over; returns how many bytes were unfolded for it. */
  private static long hand(
      ZipFile zip, ZipEntry entry, ArchiveLimits limits, long room, Taker taker)
      throws UnreadableArchive {
    String name = entry.getName();
    long most = mostFor(entry, limits);
    byte[] bytes;
    try (InputStream in = zip.getInputStream(entry)) {
      bytes = upTo(in, Math.min(room, most));
      if (bytes != null && !isWhole(entry, bytes)) {
        throw new ZipException("checksum");
      }
    } catch (IOException | IllegalArgumentException e) {
      taker.refuse(name, "This file is damaged or locked inside its ZIP");
      return 0;
    }
    if (bytes == null) {
      if (room < most) {
        throw new UnreadableArchive(
            "This ZIP unfolds to more than "
                + (limits.allBytes() >> 30)
                + " GB. Split it into several");
      }
      taker.refuse(name, "This file unfolds to far more than a picture would; it was not opened");
      return 0;
    }
    if (isOne(bytes)) {
      taker.refuse(name, "This is a ZIP inside a ZIP; unpack it and drop the folder instead");
    } else {
      taker.take(name, bytes);
    }
    return bytes.length;
  }

  private static boolean isWhole(ZipEntry entry, byte[] bytes) {
    CRC32 sum = new CRC32();
    sum.update(bytes);
    return entry.getCrc() < 0 || entry.getCrc() == sum.getValue();
  }

  private static long mostFor(ZipEntry entry, ArchiveLimits limits) {
    long stored = entry.getCompressedSize();
    return stored < 0
        ? limits.entryBytes()
        : Math.max(NEVER_TOO_DENSE, Math.min(limits.entryBytes(), stored * limits.ratio()));
  }

  /** All bytes, or null when there are more; sizes that the archive tells are not trusted. */
  private static byte[] upTo(InputStream in, long most) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream(BLOCK);
    byte[] block = new byte[BLOCK];
    for (int n = in.read(block); n >= 0; n = in.read(block)) {
      if (out.size() + (long) n > most) {
        return null;
      }
      out.write(block, 0, n);
    }
    return out.toByteArray();
  }

  /** Hidden files, and what file managers add to the folders they pack. */
  private static boolean isLitter(String name) {
    String path = name.replace('\\', '/');
    String last = path.substring(path.lastIndexOf('/') + 1);
    return path.startsWith("__MACOSX/")
        || path.contains("/__MACOSX/")
        || last.isEmpty()
        || last.startsWith(".")
        || last.equalsIgnoreCase("Thumbs.db")
        || last.equalsIgnoreCase("desktop.ini");
  }
}
