package org.ablebatch.core.finding;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How likely a cutout passes as it is, from what the engine thinks of its own work and from what
 * was found in the result. Of each kind of finding the worst counts. The weights are small because
 * the engine sees much of the same; with them the order of the development set's cutouts comes
 * nearest to that of their errors.
 */
public final class Trust {
  /** A frame that cuts the subject off, or a blurred photograph, no cutout can mend. */
  private static final Map<FindingKind, Double> WEIGHTS =
      new EnumMap<>(
          Map.of(
              FindingKind.TOUCHES_FRAME, 0.05,
              FindingKind.BLURRED, 0.15,
              FindingKind.TOO_SMALL, 0.05,
              FindingKind.STRAY_MARKS, 0.15,
              FindingKind.EMPTY, 0.95,
              FindingKind.NEARLY_ALL, 0.9));

  private static final double USUAL_WEIGHT = 0.16;

  /**
   * From here on nineteen of twenty automatic cutouts have a matte error of at most 2 and an IoU of
   * at least 0.95, those just above it too: {@code bench calibration} on the handed-out sets, see
   * docs/engine.md.
   */
  public static final int NINETEEN_OF_TWENTY_FROM = 41;

  private Trust() {}

  /**
   * @param engine the engine's confidence, 0..100
   * @return 0..100
   */
  public static int percent(int engine, List<Finding> findings) {
    Map<FindingKind, Double> worst = new EnumMap<>(FindingKind.class);
    findings.stream()
        // That ways and guesses differ is among what the engine's own forecast goes by.
        .filter(finding -> !finding.right() && !finding.kind().isDoubt())
        .forEach(finding -> worst.merge(finding.kind(), finding.severity(), Math::max));
    double trust = engine;
    for (Map.Entry<FindingKind, Double> kind : worst.entrySet()) {
      trust *= 1 - WEIGHTS.getOrDefault(kind.getKey(), USUAL_WEIGHT) * kind.getValue();
    }
    return (int) Math.round(trust);
  }
}
