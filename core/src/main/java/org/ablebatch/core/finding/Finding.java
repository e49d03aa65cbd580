package org.ablebatch.core.finding;

import org.ablebatch.core.raster.Rect;

/**
 * A suspected fault.
 *
 * @param box where, in pixels of the picture
 * @param measured what was measured, in the unit that the sentence names
 * @param severity 0..1; from {@value #SERIOUS} on a person should look
 * @param sentence what was seen, without the place
 */
public record Finding(
    FindingKind kind, Rect box, double measured, double severity, String sentence) {
  /** From here on a finding counts; below it is only worth a note. */
  public static final double SERIOUS = 0.3;

  public Finding {
    severity = Math.max(0, Math.min(1, severity));
  }

  public boolean isSerious() {
    return severity >= SERIOUS;
  }
}
