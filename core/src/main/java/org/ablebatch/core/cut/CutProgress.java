package org.ablebatch.core.cut;

/**
 * Hears again and again, at least some ten times a second, which stage the engine is in, and may
 * ask it to stop.
 */
@FunctionalInterface
public interface CutProgress {
  CutProgress NONE = stage -> true;

  /**
   * @return false to stop; {@link Cutter} then throws {@link CutStopped}
   */
  boolean goesOn(CutStage stage);
}
