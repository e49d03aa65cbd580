package org.ablebatch.core.dress;

/**
 * Something that a look does to a picture and nobody wants.
 *
 * @param partId the part that does it; null = none in particular
 * @param sentence for a person, without the picture's name
 */
public record LookNote(Kind kind, String partId, String sentence) {
  /** What may go wrong. */
  public enum Kind {
    TEXT_OVER_SUBJECT("Text over the subject"),
    TEXT_TOO_LONG("Text too long or too small"),
    TEXT_MISSING("Nothing to say in a text"),
    LETTERS("Letters that the family lacks"),
    CONTRAST("Text hard to read"),
    NO_SIZE("No real size in the list"),
    CUT_EDGE("Cut edge away from the frame"),
    ENLARGED("Larger than its pixels allow"),
    NO_OWN_SHADOW("No shadow of its own"),
    SAME_COLOUR("Subject and backdrop alike"),
    MISSING_PICTURE("A picture of the look is gone");

    private final String label;

    Kind(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }

    /** {@code TEXT_MISSING} as {@code text-missing}. */
    public String wireName() {
      return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }
  }
}
