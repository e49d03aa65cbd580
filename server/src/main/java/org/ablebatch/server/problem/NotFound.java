package org.ablebatch.server.problem;

/** Something that was asked for by its number is not there. */
public final class NotFound extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotFound(String what, Object id) {
    super("There is no " + what + " " + id);
  }
}
