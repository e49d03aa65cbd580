package org.ablebatch.codec.archive;

/** An archive that is not taken, with the reason as a sentence for a person. */
public final class UnreadableArchive extends Exception {
  private static final long serialVersionUID = 1L;

  public UnreadableArchive(String sentence) {
    super(sentence);
  }
}
