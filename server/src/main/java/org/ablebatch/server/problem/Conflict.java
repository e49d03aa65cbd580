package org.ablebatch.server.problem;

/** What was asked for does not fit the present state. The message says what to do. */
public final class Conflict extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public Conflict(String sentence) {
    super(sentence);
  }
}
