package org.ablebatch.server.storage;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.locks.ReadWriteLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Blobs as files, two letters a folder. A blob is written under a temporary name, forced to the
 * disk where it is to last, and only then given its name, so that a name stands for whole bytes.
 */
public class FolderBlobStore implements BlobStore {
  private static final String TEMPORARY = "unfinished";

  private final Path folder;
  private final boolean lasting;

  /** Many may put, or one may clean. */
  private final ReadWriteLock cleaning = new ReentrantReadWriteLock();

  public FolderBlobStore(Path folder) {
    this(folder, true);
  }

  /**
   * @param lasting false = not forced to the disk, which is much faster, and may be lost or torn
   *     when the machine loses its power
   */
  FolderBlobStore(Path folder, boolean lasting) {
    this.folder = folder;
    this.lasting = lasting;
    try {
      Files.createDirectories(folder.resolve(TEMPORARY));
      forgetUnfinished();
    } catch (IOException e) {
      throw failed("The folder for pictures, " + folder + ", can’t be used", e);
    }
  }

  @Override
  public String put(byte[] bytes) {
    String id = Sha256.of(bytes);
    Path target = path(id);
    Path temporary = folder.resolve(TEMPORARY).resolve(UUID.randomUUID().toString());
    try {
      if (!isThereStill(target)) {
        write(temporary, bytes);
        name(temporary, target);
      }
      return id;
    } catch (IOException e) {
      delete(temporary, e);
      throw failed("The picture could not be saved", e);
    }
  }

  @Override
  public String put(Path file, byte[] bytes) {
    String id = Sha256.of(bytes);
    Path target = path(id);
    try {
      if (!isThereStill(target)) {
        Files.createDirectories(target.getParent());
        Files.setLastModifiedTime(file, FileTime.from(Instant.now()));
        Files.createLink(target, file);
        force(target.getParent());
      }
      return id;
    } catch (FileAlreadyExistsException e) {
      return id;
    } catch (UnsupportedOperationException e) {
      return put(bytes);
    } catch (IOException e) {
      throw failed("The picture could not be saved", e);
    }
  }

  /** Marks a blob as fresh, so that the cleaner does not take what is about to be referred to. */
  private boolean isThereStill(Path target) throws IOException {
    cleaning.readLock().lock();
    try {
      if (!Files.exists(target)) {
        return false;
      }
      Files.setLastModifiedTime(target, FileTime.from(Instant.now()));
      return true;
    } finally {
      cleaning.readLock().unlock();
    }
  }

  private void name(Path file, Path target) throws IOException {
    Files.createDirectories(target.getParent());
    Files.move(file, target, StandardCopyOption.ATOMIC_MOVE);
    force(target.getParent());
  }

  @Override
  public int forgetUnreferred(Duration grace, UnaryOperator<Set<String>> isReferred) {
    Instant before = Instant.now().minus(grace);
    int forgotten = 0;
    try (Stream<Path> shelves = Files.list(folder)) {
      for (Path shelf : shelves.filter(p -> p.getFileName().toString().length() == 2).toList()) {
        forgotten += forgetOn(shelf, before, isReferred);
      }
      return forgotten;
    } catch (IOException e) {
      throw failed("The folder for pictures could not be searched", e);
    }
  }

  private int forgetOn(Path shelf, Instant before, UnaryOperator<Set<String>> isReferred)
      throws IOException {
    Set<String> old = new HashSet<>();
    try (Stream<Path> blobs = Files.list(shelf)) {
      for (Path blob : blobs.toList()) {
        if (isOlder(blob, before)) {
          old.add(blob.getFileName().toString());
        }
      }
    }
    if (old.isEmpty()) {
      return 0;
    }
    old.removeAll(isReferred.apply(Set.copyOf(old)));
    int forgotten = 0;
    for (String id : old) {
      cleaning.writeLock().lock();
      try {
        if (isOlder(path(id), before)) {
          Files.delete(path(id));
          forgotten++;
        }
      } finally {
        cleaning.writeLock().unlock();
      }
    }
    return forgotten;
  }

  private static boolean isOlder(Path blob, Instant before) throws IOException {
    return Files.getLastModifiedTime(blob).toInstant().isBefore(before);
  }

  @Override
  public byte[] get(String sha256) {
    try {
      return Files.readAllBytes(path(sha256));
    } catch (NoSuchFileException e) {
      throw new StorageFailed(
          "A saved picture is missing from the data folder (" + sha256 + ")",
          StorageFailed.Kind.DAMAGED,
          e);
    } catch (IOException e) {
      throw failed("A saved picture could not be read", e);
    }
  }

  /** Takes away bytes that are not those of their name. */
  void forget(String sha256) {
    try {
      Files.deleteIfExists(path(sha256));
    } catch (IOException e) {
      throw failed("A damaged picture could not be taken away", e);
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
      if (lasting) {
        channel.force(true);
      }
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

  private void force(Path directory) throws IOException {
    if (!lasting) {
      return;
    }
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

  static StorageFailed failed(String what, IOException e) {
    String message = String.valueOf(e.getMessage()).toLowerCase(Locale.ROOT);
    boolean full = message.contains("no space left") || message.contains("disk quota");
    StorageFailed.Kind kind = full ? StorageFailed.Kind.FULL : StorageFailed.Kind.UNREACHABLE;
    String why = full ? "there is no room left on the disk" : "the disk reported an error";
    return new StorageFailed(what + ": " + why + ". Everything saved before is safe.", kind, e);
  }
}
