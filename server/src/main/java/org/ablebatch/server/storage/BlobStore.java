package org.ablebatch.server.storage;

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
   * @throws StorageFailed when they are not there or can't be read
   */
  byte[] get(String sha256);
}
