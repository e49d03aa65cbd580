package org.ablebatch.server.storage;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.function.LongPredicate;
import java.util.stream.Stream;
import org.ablebatch.server.AbleSettings;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Files on their way in, as far as they have come, beside the store and on the same disk, so that a
 * whole one becomes a blob by being renamed.
 */
@Component
public class UploadFolder {
  private static final int BLOCK = 1 << 16;
  private static final String TEMPORARY = "unpacked-";

  private final Path folder;

  @Autowired
  UploadFolder(AbleSettings settings) {
    this(settings.data().resolve("uploads"));
  }

  UploadFolder(Path folder) {
    this.folder = folder;
    try {
      Files.createDirectories(folder.resolve("requests"));
      try (Stream<Path> files = Files.list(folder)) {
        for (Path file : files.filter(UploadFolder::isTemporary).toList()) {
          Files.delete(file);
        }
      }
    } catch (IOException e) {
      throw FolderBlobStore.failed("The folder for uploads, " + folder + ", can’t be used", e);
    }
  }

  private static boolean isTemporary(Path file) {
    return file.getFileName().toString().startsWith(TEMPORARY);
  }

  /** How many bytes of an upload have come. */
  public long length(long uploadId) {
    try {
      Path file = file(uploadId);
      return Files.exists(file) ? Files.size(file) : 0;
    } catch (IOException e) {
      throw FolderBlobStore.failed("The upload could not be looked at", e);
    }
  }

  /**
   * Appends what comes, up to a limit. What came before the connection broke is kept.
   *
   * @param room bytes that may still come
   * @return the length now
   * @throws IOException when the sender went away
   * @throws StorageFailed when the disk is full; what came before is kept
   */
  public long append(long uploadId, InputStream in, long room) throws IOException {
    byte[] block = new byte[BLOCK];
    try (FileChannel out = open(uploadId)) {
      long left = room;
      for (int n = read(in, block, left); n > 0; n = read(in, block, left)) {
        write(out, ByteBuffer.wrap(block, 0, n));
        left -= n;
      }
      if (left == 0) {
        force(out);
      }
      return out.size();
    }
  }

  private static int read(InputStream in, byte[] block, long left) throws IOException {
    return left == 0 ? -1 : in.read(block, 0, (int) Math.min(block.length, left));
  }

  private FileChannel open(long uploadId) {
    try {
      return FileChannel.open(file(uploadId), StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    } catch (IOException e) {
      throw FolderBlobStore.failed("The upload could not be kept", e);
    }
  }

  private static void write(FileChannel out, ByteBuffer bytes) {
    try {
      while (bytes.hasRemaining()) {
        out.write(bytes);
      }
    } catch (IOException e) {
      throw FolderBlobStore.failed("The upload could not be kept", e);
    }
  }

  private static void force(FileChannel out) {
    try {
      out.force(true);
    } catch (IOException e) {
      throw FolderBlobStore.failed("The upload could not be kept", e);
    }
  }

  public Path file(long uploadId) {
    return folder.resolve(Long.toString(uploadId));
  }

  /** A new file of no upload; gone after the next start at the latest. */
  public Path temporary() {
    try {
      return Files.createTempFile(folder, TEMPORARY, ".zip");
    } catch (IOException e) {
      throw FolderBlobStore.failed("The upload could not be kept", e);
    }
  }

  public void forget(long uploadId) {
    try {
      Files.deleteIfExists(file(uploadId));
    } catch (IOException e) {
      throw FolderBlobStore.failed("The upload could not be cleared away", e);
    }
  }

  /** Clears away files of uploads that nobody knows or will read any more. */
  public void forgetUnneeded(LongPredicate isNeeded) {
    try (Stream<Path> files = Files.list(folder)) {
      List<Long> ids =
          files
              .map(file -> file.getFileName().toString())
              .filter(name -> name.matches("\\d{1,18}"))
              .map(Long::parseLong)
              .toList();
      ids.stream().filter(id -> !isNeeded.test(id)).forEach(this::forget);
    } catch (IOException e) {
      throw FolderBlobStore.failed("The folder for uploads could not be searched", e);
    }
  }
}
