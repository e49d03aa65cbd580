package org.ablebatch.codec.deliver;

/** A file can't be made as its spec asks; the message says why and how near one comes. */
public class CannotMake extends RuntimeException {
  public CannotMake(String message) {
    super(message);
  }
}
