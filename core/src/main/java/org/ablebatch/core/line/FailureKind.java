package org.ablebatch.core.line;

/** Why a picture could not be cut, by what can be done about it. */
public enum FailureKind {
  /** Nothing stands out; another method may see more. */
  NO_SUBJECT("no-subject"),
  /** Nothing stood out for the method that sees most, or in the box that was drawn. */
  NEEDS_A_HAND("needs-a-hand"),
  /** There is nothing in the picture that could be cut out. */
  EMPTY_PICTURE("empty-picture"),
  OUT_OF_MEMORY("out-of-memory"),
  /** The saved original can't be read any more. */
  DAMAGED("damaged"),
  /** An error of the program. */
  UNEXPECTED("unexpected");

  private final String wireName;

  FailureKind(String wireName) {
    this.wireName = wireName;
  }

  public String wireName() {
    return wireName;
  }
}
