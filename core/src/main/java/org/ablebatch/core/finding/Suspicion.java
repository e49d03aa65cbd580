package org.ablebatch.core.finding;

import java.util.Optional;

/**
 * A finding with the very pixels that it is about.
 *
 * @param spot on the inspection's grid; empty where the fault has no pixels of its own
 */
public record Suspicion(Finding finding, Optional<Spot> spot) {
  public static Suspicion of(Finding finding) {
    return new Suspicion(finding, Optional.empty());
  }

  public static Suspicion at(Spot spot, Finding finding) {
    return new Suspicion(finding, Optional.of(spot));
  }

  /** The same, with a person having said that it is no fault. */
  public Suspicion right() {
    return new Suspicion(finding.said(true), spot);
  }
}
