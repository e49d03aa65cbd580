package org.ablebatch.server.storage;

/** The store could not keep or give back bytes. The message is a sentence for a person. */
public final class StorageFailed extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** What is wrong with the store. */
  public enum Kind {
    /** There is no room left. */
    FULL,
    /** The disk reported an error; it may be over in a moment. */
    UNREACHABLE,
    /** Saved bytes are missing or no longer what they were; waiting does not help. */
    DAMAGED
  }

  private final Kind kind;

  public StorageFailed(String sentence, Kind kind, Throwable cause) {
    super(sentence, cause);
    this.kind = kind;
  }

  /** True when there is no room left. */
  public boolean isFull() {
    return kind == Kind.FULL;
  }

  /** True when trying again later can't help. */
  public boolean isLasting() {
    return kind == Kind.DAMAGED;
  }
}
