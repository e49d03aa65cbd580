package org.ablebatch.server.storage;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Blobs as files, two letters a folder. A blob is written under a temporary name, forced to the
 * disk, and only then given its name, so that a name always stands for whole bytes.
 */
public class FolderBlobStore implements BlobStore {
  private static final String TEMPORARY = "unfinished";

  private final Path folder;

  public FolderBlobStore(Path folder) {
    this.folder = folder;
    try {
      Files.createDirectories(folder.resolve(TEMPORARY));
      forgetUnfinished();
    } catch (IOException e) {
      throw failed("The folder for pictures, " + folder + ", can’t be used", e);
    }
  }

  @Override
  public String put(byte[] bytes) {
    String id = sha256(bytes);
    Path target = path(id);
    if (Files.exists(target)) {
      return id;
    }
    Path temporary = folder.resolve(TEMPORARY).resolve(UUID.randomUUID().toString());
    try {
      write(temporary, bytes);
      Files.createDirectories(target.getParent());
      Files.move(temporary, target, StandardCopyOption.ATOMIC_MOVE);
      force(target.getParent());
      return id;
    } catch (IOException e) {
      delete(temporary, e);
      throw failed("The picture could not be saved", e);
    }
  }

  @Override
  public byte[] get(String sha256) {
    try {
      return Files.readAllBytes(path(sha256));
    } catch (NoSuchFileException e) {
      throw new StorageFailed(
          "A saved picture is missing from the data folder (" + sha256 + ")", false, e);
    } catch (IOException e) {
      throw failed("A saved picture could not be read", e);
    }
  }

  /** Writes and forces; open to tests that let the disk fail. */
  protected void write(Path file, byte[] bytes) throws IOException {
    try (FileChannel channel =
        FileChannel.open(file, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
      ByteBuffer buffer = ByteBuffer.wrap(bytes);
      while (buffer.hasRemaining()) {
        channel.write(buffer);
      }
      channel.force(true);
    }
  }

  static String sha256(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }

  private Path path(String id) {
    if (!id.matches("[0-9a-f]{64}")) {
      throw new IllegalArgumentException("not a blob’s name: " + id);
    }
    return folder.resolve(id.substring(0, 2)).resolve(id);
  }

  /** What a killed process left half-written has no name yet and belongs to nobody. */
  private void forgetUnfinished() throws IOException {
    try (Stream<Path> files = Files.list(folder.resolve(TEMPORARY))) {
      for (Path file : files.toList()) {
        Files.deleteIfExists(file);
      }
    }
  }

  private static void force(Path directory) throws IOException {
    try (FileChannel channel = FileChannel.open(directory, StandardOpenOption.READ)) {
      channel.force(true);
    }
  }

  private static void delete(Path file, IOException because) {
    try {
      Files.deleteIfExists(file);
    } catch (IOException e) {
      because.addSuppressed(e);
    }
  }

  private static StorageFailed failed(String what, IOException e) {
    String message = String.valueOf(e.getMessage()).toLowerCase(Locale.ROOT);
    boolean full = message.contains("no space left") || message.contains("disk quota");
    String why = full ? "there is no room left on the disk" : "the disk reported an error";
    return new StorageFailed(what + ": " + why + ". Everything saved before is safe.", full, e);
  }
}
