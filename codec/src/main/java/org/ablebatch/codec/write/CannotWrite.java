package org.ablebatch.codec.write;

/**
 * A file can't be written as asked; the message says why and, where it may help, how near it comes.
 */
public class CannotWrite extends RuntimeException {
  public CannotWrite(String message) {
    super(message);
  }
}
