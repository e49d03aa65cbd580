package org.ablebatch.core.deliver;

/** How a picture is put into a frame of a given size. */
public sealed interface Fit {
  Fit BY_LOOK = new ByLook();

  /** As the look, or the spec's own margin, says. */
  record ByLook() implements Fit {}

  /**
   * The subject reaches this share of the frame, in the direction in which it gets there first.
   *
   * @param percent 1..100
   */
  record Share(double percent) implements Fit {
    public Share {
      if (!(percent >= 1 && percent <= 100)) {
        throw new InvalidSpec("sharePercent", "A subject fills 1 to 100 percent, not " + percent);
      }
    }
  }

  /** The photograph covers the frame; the subject stays inside where that can be. */
  record Cover() implements Fit {}
}
