package org.ablebatch.bench.mending;

import org.ablebatch.core.raster.Matte;

/**
 * What a change is worth, in whole pixels of coverage.
 *
 * @param gain by how much less is wrong after it
 * @param changed how much changes
 * @param wrongBefore what is wrong in all of the picture before it
 */
public record Worth(double gain, double changed, double wrongBefore) {
  public static Worth of(Matte before, Matte after, Matte truth) {
    long gain = 0;
    long changed = 0;
    long wrong = 0;
    for (int i = 0; i < truth.coverage().length; i++) {
      int should = truth.coverage()[i] & 0xFF;
      int was = before.coverage()[i] & 0xFF;
      int is = after.coverage()[i] & 0xFF;
      gain += Math.abs(was - should) - Math.abs(is - should);
      changed += Math.abs(is - was);
      wrong += Math.abs(was - should);
    }
    return new Worth(gain / 255.0, changed / 255.0, wrong / 255.0);
  }
}
