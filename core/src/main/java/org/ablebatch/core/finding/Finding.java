package org.ablebatch.core.finding;

import java.util.Optional;
import org.ablebatch.core.raster.Rect;

/**
 * A suspected fault.
 *
 * @param box where, in pixels of the picture
 * @param measured what was measured, in the unit that the sentence names
 * @param severity 0..1; from {@value #SERIOUS} on a person should look
 * @param sentence what was seen, without the place
 * @param mend what would mend it; empty = nothing that the program knows of
 * @param right a person said that it is no fault
 */
public record Finding(
    FindingKind kind,
    Rect box,
    double measured,
    double severity,
    String sentence,
    Optional<Mend> mend,
    boolean right) {
  /** From here on a finding counts; below it is only worth a note. */
  public static final double SERIOUS = 0.3;

  public Finding {
    severity = Math.max(0, Math.min(1, severity));
  }

  /** One without a mend, that nobody has looked at. */
  public Finding(FindingKind kind, Rect box, double measured, double severity, String sentence) {
    this(kind, box, measured, severity, sentence, Optional.empty(), false);
  }

  public Finding withMend(Mend found) {
    return new Finding(kind, box, measured, severity, sentence, Optional.of(found), right);
  }

  /**
   * @param isRight true = a person says that it is no fault
   */
  public Finding said(boolean isRight) {
    return new Finding(kind, box, measured, severity, sentence, mend, isRight);
  }

  public boolean isSerious() {
    return severity >= SERIOUS && !right;
  }
}
