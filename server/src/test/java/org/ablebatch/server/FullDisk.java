package org.ablebatch.server;

import java.nio.file.Path;
import java.time.Duration;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.UnaryOperator;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.StorageFailed;
import org.springframework.beans.factory.config.BeanPostProcessor;

/** A store in which there is no room left whenever a test says so. */
final class FullDisk implements BeanPostProcessor {
  private static final AtomicBoolean FULL = new AtomicBoolean();

  /** While {@code work} runs, nothing can be kept. */
  static void during(Runnable work) {
    FULL.set(true);
    try {
      work.run();
    } finally {
      FULL.set(false);
    }
  }

  @Override
  public Object postProcessAfterInitialization(Object bean, String name) {
    return bean instanceof BlobStore store ? new Filling(store) : bean;
  }

  private record Filling(BlobStore store) implements BlobStore {
    @Override
    public String put(byte[] bytes) {
      refuse();
      return store.put(bytes);
    }

    @Override
    public String put(Path file, byte[] bytes) {
      refuse();
      return store.put(file, bytes);
    }

    @Override
    public byte[] get(String sha256) {
      return store.get(sha256);
    }

    @Override
    public int forgetUnreferred(Duration grace, UnaryOperator<Set<String>> isReferred) {
      return store.forgetUnreferred(grace, isReferred);
    }

    private static void refuse() {
      if (FULL.get()) {
        throw new StorageFailed(
            "The picture could not be saved: there is no room left on the disk. Everything saved"
                + " before is safe.",
            StorageFailed.Kind.FULL,
            null);
      }
    }
  }
}
