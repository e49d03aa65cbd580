package org.ablebatch.server.storage;

/** The store could not keep or give back bytes. The message is a sentence for a person. */
public final class StorageFailed extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final boolean full;

  public StorageFailed(String sentence, boolean full, Throwable cause) {
    super(sentence, cause);
    this.full = full;
  }

  /** True when there is no room left. */
  public boolean isFull() {
    return full;
  }
}
