package org.ablebatch.codec.write;

/** A file can't be written as asked; the message is for a person. */
public class CannotWrite extends RuntimeException {
  public CannotWrite(String message) {
    super(message);
  }
}
