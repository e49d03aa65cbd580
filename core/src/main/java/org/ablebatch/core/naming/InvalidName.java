package org.ablebatch.core.naming;

/** Rules for names that can't be followed; the message is for a person. */
public class InvalidName extends RuntimeException {
  private final String field;

  public InvalidName(String field, String message) {
    super(message);
    this.field = field;
  }

  /** What is wrong, as it is called in a spec. */
  public String field() {
    return field;
  }
}
