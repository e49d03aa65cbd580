package org.ablebatch.core.dress;

/** The size of a result in pixels. */
public record Frame(int width, int height) {
  /** Pixels of a length that is given in percent of the shorter side. */
  public double px(double percent) {
    return percent / 100 * Math.min(width, height);
  }
}
