package org.ablebatch.core.cut;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/** Times stages and passes them on to the listener. */
final class StageClock {
  private final CutProgress progress;
  private final Map<String, Long> millis = new LinkedHashMap<>();
  private CutStage current;
  private long since;

  StageClock(CutProgress progress) {
    this.progress = progress;
  }

  /**
   * @throws CutStopped when the listener does not want to go on
   */
  void enter(CutStage stage) {
    close();
    current = stage;
    since = System.nanoTime();
    beat();
  }

  /**
   * @throws CutStopped when the listener does not want to go on
   */
  void beat() {
    if (!progress.goesOn(current)) {
      throw new CutStopped(current);
    }
  }

  /** Milliseconds per stage, in order. */
  Map<String, Long> stop() {
    close();
    return new LinkedHashMap<>(millis);
  }

  private void close() {
    if (current != null) {
      long passed = (System.nanoTime() - since) / 1_000_000;
      millis.merge(current.name().toLowerCase(Locale.ROOT), passed, Long::sum);
      current = null;
    }
  }
}
