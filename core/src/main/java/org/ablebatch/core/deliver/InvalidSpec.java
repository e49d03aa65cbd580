package org.ablebatch.core.deliver;

/** A spec that can't be met, with the field that is wrong and a sentence for a person. */
public final class InvalidSpec extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final String field;

  public InvalidSpec(String field, String sentence) {
    super(sentence);
    this.field = field;
  }

  public String field() {
    return field;
  }
}
