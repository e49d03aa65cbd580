package org.ablebatch.core.mend;

/** An edit found nothing to work on; the message is a sentence for a person. */
public final class NothingThere extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NothingThere(String sentence) {
    super(sentence);
  }
}
