package org.ablebatch.server.storage;

import java.nio.file.Path;
import java.time.Duration;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Immutable bytes, found again by their SHA-256. */
public interface BlobStore {
  /**
   * Keeps the bytes. Keeping the same bytes twice keeps them once.
   *
   * @return their SHA-256 in small hexadecimal letters
   * @throws StorageFailed when they could not be kept; then nothing of them is visible
   */
  String put(byte[] bytes);

  /**
   * Keeps a file's bytes by giving the file a second name, where the store can, instead of writing
   * them again. The file itself stays until its owner takes it away.
   *
   * @param file whole and forced to the disk
   * @param bytes what is in it
   * @throws StorageFailed when they could not be kept
   */
  String put(Path file, byte[] bytes);

  /**
   * @throws StorageFailed when they are not there or can't be read
   */
  byte[] get(String sha256);

  /**
   * Takes away what nobody refers to and what is older than a grace period: whoever has put bytes a
   * moment ago may be about to refer to them.
   *
   * @param isReferred asked for some names at a time; gives those that are in use
   * @return how many blobs were taken away
   */
  int forgetUnreferred(Duration grace, UnaryOperator<Set<String>> isReferred);
}
