package org.ablebatch.core.cut;

/** Hears which stage begins, and may ask the engine to stop there. */
@FunctionalInterface
public interface CutProgress {
  CutProgress NONE = stage -> true;

  /**
   * @return false to stop; {@link Cutter} then throws {@link CutStopped}
   */
  boolean enters(CutStage stage);
}
