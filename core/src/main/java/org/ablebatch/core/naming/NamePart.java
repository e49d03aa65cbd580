package org.ablebatch.core.naming;

/** A part of a delivered file's name. */
public sealed interface NamePart {
  String FIELD = "fileName";

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
   * The picture's number in the delivery.
   *
   * @param digits filled up with zeros to this length, 1..8
   * @param start of the first picture, 0..99,999,999
   * @param perGroup true = every group begins anew
   */
  record Counter(int digits, int start, boolean perGroup) implements NamePart {
    private static final int MOST_START = 99_999_999;

    public Counter {
      if (digits < 1 || digits > 8) {
        throw new InvalidName(FIELD, "A counter has 1 to 8 digits, not " + digits);
      }
      if (start < 0 || start > MOST_START) {
        throw new InvalidName(FIELD, "A counter begins at 0 to 99,999,999, not at " + start);
      }
    }

    /** From 1, through all groups. */
    public Counter(int digits) {
      this(digits, 1, false);
    }
  }

  /**
   * What the batch's list says of the picture.
   *
   * @param name the column's
   */
  record Column(String name) implements NamePart {
    private static final int LONGEST = 100;

    public Column {
      if (name == null || name.isBlank() || name.length() > LONGEST) {
        throw new InvalidName(FIELD, "A column of the list is named with 1 to 100 characters");
      }
    }
  }

  /** Letters as they stand; what a file name can't hold is replaced. */
  record Text(String text) implements NamePart {
    public Text {
      if (text == null || text.length() > 60) {
        throw new InvalidName(FIELD, "A text part has at most 60 characters");
      }
    }
  }
}
