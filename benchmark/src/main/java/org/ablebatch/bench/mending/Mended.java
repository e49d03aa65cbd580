package org.ablebatch.bench.mending;

import org.ablebatch.bench.faults.Fault;

/**
 * A planted fault and what one gesture made of it. Errors are of coverage against the exact matte,
 * for spill of the colours that are kept; times 100.
 *
 * @param words the gesture, for the table
 * @param unfaulted error before the fault was planted
 * @param faulted error with the fault
 * @param mended error after the gesture
 */
record Mended(
    Fault fault, String words, double unfaulted, double faulted, double mended, long millis) {
  private static final double WITHIN = 0.2;

  /** The share of what the fault added that is left; below 0 when the gesture did more. */
  double left() {
    return (mended - unfaulted) / (faulted - unfaulted);
  }

  /** The fault is more than the share that is allowed to be left. */
  boolean counts() {
    return faulted > (1 + WITHIN) * unfaulted;
  }

  /**
   * Within a fifth of the error without the fault; where that was exact, a fifth of the fault may
   * be left.
   */
  boolean isBack() {
    return unfaulted == 0 ? left() <= WITHIN : mended <= (1 + WITHIN) * unfaulted;
  }
}
