package org.ablebatch.core.deliver;

/** A part of a delivered file's name. */
public sealed interface NamePart {
  /** The original file's name without its ending. */
  record OriginalName() implements NamePart {}

  /** The picture's article code; its original name where it has none. */
  record Code() implements NamePart {}

  /** The picture's group; {@code ungrouped} where it has none. */
  record Group() implements NamePart {}

  /** The spec's name, in small letters with hyphens. */
  record SpecName() implements NamePart {}

  /** {@code 800x600}. */
  record Size() implements NamePart {}

  /**
   * The picture's number in the delivery, from 1.
   *
   * @param digits filled up with zeros to this length, 1..8
   */
  record Counter(int digits) implements NamePart {
    public Counter {
      if (digits < 1 || digits > 8) {
        throw new InvalidSpec("fileName", "A counter has 1 to 8 digits, not " + digits);
      }
    }
  }

  /** Letters as they stand; what a file name can't hold is replaced. */
  record Text(String text) implements NamePart {
    public Text {
      if (text == null || text.length() > 60) {
        throw new InvalidSpec("fileName", "A text part has at most 60 characters");
      }
    }
  }
}
