package org.ablebatch.server.problem;

/** A value that can't be used, with the field that holds it. */
public final class BadInput extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String field;

  public BadInput(String field, String sentence) {
    super(sentence);
    this.field = field;
  }

  public String field() {
    return field;
  }
}
