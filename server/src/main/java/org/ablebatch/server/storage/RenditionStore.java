package org.ablebatch.server.storage;

import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.ablebatch.server.AbleSettings;
import org.springframework.stereotype.Component;

/**
 * Keeps the small pictures that screens show. They can be made anew from what they show, so nobody
 * waits until the disk has them; what a loss of power tore is not found any more.
 */
@Component
public class RenditionStore {
  private final FolderBlobStore files;

  RenditionStore(AbleSettings settings) {
    files = new FolderBlobStore(settings.data().resolve("renditions"), false);
  }

  /**
   * @return their SHA-256 in small hexadecimal letters
   * @throws StorageFailed when the disk is full
   */
  public String put(byte[] bytes) {
    return files.put(bytes);
  }

  /** The bytes of that name, whole; empty = they have to be made anew. */
  public Optional<byte[]> find(String sha256) {
    byte[] bytes;
    try {
      bytes = files.get(sha256);
    } catch (StorageFailed e) {
      if (e.isLasting()) {
        return Optional.empty();
      }
      throw e;
    }
    if (Sha256.of(bytes).equals(sha256)) {
      return Optional.of(bytes);
    }
    files.forget(sha256);
    return Optional.empty();
  }

  /**
   * @see BlobStore#forgetUnreferred
   */
  public int forgetUnreferred(Duration grace, UnaryOperator<Set<String>> isReferred) {
    return files.forgetUnreferred(grace, isReferred);
  }
}
