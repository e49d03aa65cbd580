package org.ablebatch.core.finding;

/**
 * What the program proposes for a finding. Nothing is changed before a person takes it.
 *
 * @param pixels of the picture that it is about
 * @param odds how likely it makes the cutout better, 0..1
 */
public record Mend(Goes goes, long pixels, double odds) {
  /** From here on nineteen of twenty make the cutout better, see docs/engine.md. */
  public static final double SAFE = 0.95;

  /** What it does to the cutout. */
  public enum Goes {
    /** Something that was removed comes back. */
    BACK,
    /** Something that was kept goes away. */
    AWAY,
    /** The outline is drawn again, or its colours are. */
    ALONG
  }

  public boolean isSafe() {
    return odds >= SAFE;
  }
}
