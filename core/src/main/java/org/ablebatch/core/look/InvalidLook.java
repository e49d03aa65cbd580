package org.ablebatch.core.look;

/** A look that can't be: which of its values, and what is expected instead. */
public final class InvalidLook extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final String field;

  /**
   * @param field path from where the value was given, such as {@code length} or {@code
   *     parts[2].id}; empty = the value itself
   * @param sentence for a person, with the field's name left out
   */
  public InvalidLook(String field, String sentence) {
    super(sentence);
    this.field = field;
  }

  public String field() {
    return field;
  }
}
