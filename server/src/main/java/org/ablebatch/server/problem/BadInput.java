package org.ablebatch.server.problem;

/** A value that can't be used, with the field that holds it. */
public final class BadInput extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;
  private static final int MOST_SHOWN = 60;

  private final String field;

  /**
   * @param field where it stands in the request, parts separated by dots
   */
  public BadInput(String field, String sentence) {
    super(sentence);
    this.field = field;
  }

  /**
   * A value that is not what the field takes.
   *
   * @param expected what it takes, without the field: "a whole number from 1 to 4"
   * @param came what it holds; null = nothing
   */
  public static BadInput expected(String field, String expected, Object came) {
    return new BadInput(field, "%s: %s, not %s".formatted(field, expected, shown(came)));
  }

  public String field() {
    return field;
  }

  /** A value as it is quoted in a sentence. */
  static String shown(Object value) {
    if (value == null) {
      return "nothing";
    }
    if (value instanceof Number || value instanceof Boolean) {
      return value.toString();
    }
    String text = value.toString();
    return "“%s”"
        .formatted(text.length() <= MOST_SHOWN ? text : text.substring(0, MOST_SHOWN) + "…");
  }
}
