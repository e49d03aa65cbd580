package org.ablebatch.codec.list;

/** A file that is no list of pictures; the message is a sentence for a person. */
public final class UnreadableList extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  UnreadableList(String sentence) {
    super(sentence);
  }
}
