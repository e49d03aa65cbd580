package org.ablebatch.codec.read;

/** A file that is not taken, with the reason as a sentence for a person. */
public final class UnreadablePicture extends Exception {
  private static final long serialVersionUID = 1L;

  /** What is wrong with the file. */
  public enum Reason {
    EMPTY,
    NOT_A_PICTURE,
    DAMAGED,
    CUT_SHORT,
    TOO_LARGE,
    /** The program that decodes such files is not installed. */
    NO_READER
  }

  private final Reason reason;

  public UnreadablePicture(Reason reason, String sentence) {
    super(sentence);
    this.reason = reason;
  }

  public Reason reason() {
    return reason;
  }
}
