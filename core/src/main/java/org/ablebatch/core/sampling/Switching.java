package org.ablebatch.core.sampling;

import java.util.ArrayList;
import java.util.List;

/**
 * The switching rules of ISO 2859-1:1999, clause 9.3, from lot to lot.
 *
 * @param strictness for the next lot
 * @param score switching score, towards reduced inspection
 * @param recent whether the last lots under this strictness were accepted, at most five, oldest
 *     first
 * @param failedTightened lots not accepted since tightened inspection began
 */
public record Switching(
    Strictness strictness, int score, List<Boolean> recent, int failedTightened) {
  private static final int LOTS_LOOKED_AT = 5;
  private static final int FAILED_TO_TIGHTEN = 2;
  private static final int ACCEPTED_TO_RELAX = 5;
  private static final int FAILED_TO_STOP = 5;
  private static final int SCORE_TO_REDUCE = 30;

  public static final Switching START = new Switching(Strictness.NORMAL, 0, List.of(), 0);

  /**
   * @param accepted whether the lot was
   * @param plan it was judged by
   * @param acceptedIfFiner whether it had been accepted under the limit one step finer
   */
  public Switching after(boolean accepted, SamplingPlan plan, boolean acceptedIfFiner) {
    List<Boolean> last = new ArrayList<>(recent);
    last.add(accepted);
    if (last.size() > LOTS_LOOKED_AT) {
      last.remove(0);
    }
    return switch (strictness) {
      case NORMAL -> afterNormal(accepted, plan, acceptedIfFiner, last);
      case TIGHTENED -> afterTightened(accepted, last);
      case REDUCED -> accepted ? new Switching(Strictness.REDUCED, 0, last, 0) : START;
    };
  }

  private Switching afterNormal(
      boolean accepted, SamplingPlan plan, boolean acceptedIfFiner, List<Boolean> last) {
    long failed = last.stream().filter(one -> !one).count();
    if (failed >= FAILED_TO_TIGHTEN) {
      return new Switching(Strictness.TIGHTENED, 0, List.of(), 0);
    }
    boolean strong = plan.acceptUpTo() >= 2;
    int next = strong ? (acceptedIfFiner ? score + 3 : 0) : accepted ? score + 2 : 0;
    return next >= SCORE_TO_REDUCE
        ? new Switching(Strictness.REDUCED, 0, List.of(), 0)
        : new Switching(Strictness.NORMAL, next, last, 0);
  }

  private Switching afterTightened(boolean accepted, List<Boolean> last) {
    boolean relaxed =
        last.size() == ACCEPTED_TO_RELAX && last.stream().allMatch(Boolean::booleanValue);
    return relaxed
        ? START
        : new Switching(Strictness.TIGHTENED, 0, last, failedTightened + (accepted ? 0 : 1));
  }

  /** Clause 9.4: inspection is stopped until the cause has been found. */
  public boolean isStopped() {
    return strictness == Strictness.TIGHTENED && failedTightened >= FAILED_TO_STOP;
  }
}
