package org.ablebatch.core.finding;

import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;

/**
 * A photograph, the matte of its cutout, and what is read of both before anybody judges them.
 * Reading costs more than most of the judging, so whoever asks several questions reads once.
 *
 * @param matte of the photograph's size; not changed from here on
 */
public record Inspected(PhotographReading photograph, Matte matte, Inspection seen) {
  /**
   * @param cutout of the photograph's size; its matte is kept
   */
  public static Inspected of(
      PhotographReading photograph, Cutout cutout, Expectations expectations) {
    return new Inspected(
        photograph, cutout.matte(), Inspection.of(photograph, cutout, expectations));
  }
}
