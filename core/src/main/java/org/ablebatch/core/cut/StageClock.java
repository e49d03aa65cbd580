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
    if (!progress.enters(stage)) {
      throw new CutStopped(stage);
    }
    current = stage;
    since = System.nanoTime();
  }

  /** Milliseconds per stage, in order. */
  Map<String, Long> stop() {
    close();
    return millis;
  }

  private void close() {
    if (current != null) {
      millis.put(current.name().toLowerCase(Locale.ROOT), (System.nanoTime() - since) / 1_000_000);
    }
  }
}
