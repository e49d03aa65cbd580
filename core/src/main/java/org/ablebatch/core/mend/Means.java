package org.ablebatch.core.mend;

import java.util.function.LongFunction;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.raster.Cutout;

/**
 * What edits may need besides the workpiece.
 *
 * @param cutter finds subjects in boxes
 * @param versions cutouts of the same photograph by the number that a {@link TakeEdit} names;
 *     throws for one that does not exist
 */
public record Means(Cutter cutter, LongFunction<Cutout> versions) {
  /** Where no version is kept that anything could be taken from. */
  public static Means withoutVersions(Cutter cutter) {
    return new Means(
        cutter,
        id -> {
          throw new IllegalArgumentException("There is no version " + id + " to take from");
        });
  }
}
