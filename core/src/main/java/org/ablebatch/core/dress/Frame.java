package org.ablebatch.core.dress;

/** The size of a result in pixels. */
public record Frame(int width, int height) {
  private static final double FINER = 1.25;

  /** Pixels of a length that is given in percent of the shorter side. */
  public double px(double percent) {
    return percent / 100 * Math.min(width, height);
  }

  /**
   * The frame as a coarse grid for what is soft by nature: hardly finer than the frame itself, so
   * that small pictures cost little.
   *
   * @param longSide cells of its longer side, at most
   */
  Frame grid(int longSide) {
    double cell = cell(longSide);
    return new Frame(
        (int) Math.max(2, Math.round(width * cell)), (int) Math.max(2, Math.round(height * cell)));
  }

  /** Cells of that grid for one pixel. */
  double cell(int longSide) {
    int longest = Math.max(width, height);
    return Math.min(longSide, Math.max(2, FINER * longest)) / longest;
  }
}
