package org.ablebatch.core.cut;

/** The cut was stopped on request; nothing was made. */
public final class CutStopped extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public CutStopped(CutStage during) {
    super("stopped during " + during);
  }
}
