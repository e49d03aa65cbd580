package org.ablebatch.core.work;

/**
 * Called often by long computations, at least some ten times a second; it may throw to stop them.
 */
@FunctionalInterface
public interface Pulse {
  /** For computations that nobody wants to stop. */
  Pulse NONE = () -> {};

  void beat();
}
