package org.ablebatch.core.sampling;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class SwitchingTest {
  private static final SamplingPlan WEAK = new SamplingPlan(CodeLetter.H, 50, 1, 2);
  private static final SamplingPlan STRONG = new SamplingPlan(CodeLetter.K, 125, 3, 4);

  @Test
  void twoOfFiveNotAcceptedTighten() {
    Switching once = lots(Switching.START, true, true, false, true);
    assertThat(once.strictness()).isEqualTo(Strictness.NORMAL);

    assertThat(lots(once, false).strictness()).isEqualTo(Strictness.TIGHTENED);
    assertThat(lots(once, true, true, true, false).strictness()).isEqualTo(Strictness.NORMAL);
  }

  @Test
  void fiveAcceptedInARowRelax() {
    Switching tight = lots(Switching.START, false, false);

    assertThat(lots(tight, true, true, false, true, true, true, true).strictness())
        .isEqualTo(Strictness.TIGHTENED);
    assertThat(lots(tight, true, true, false, true, true, true, true, true))
        .isEqualTo(Switching.START);
  }

  @Test
  void fiveFailuresUnderTightenedInspectionStopIt() {
    Switching tight = lots(Switching.START, false, false);

    assertThat(lots(tight, false, true, false, false, false).isStopped()).isFalse();
    assertThat(lots(tight, false, true, false, false, false, false).isStopped()).isTrue();
  }

  @Test
  void thirtyPointsReduceAndOneFailureEndsThat() {
    Switching state = Switching.START;
    for (int i = 0; i < 9; i++) {
      state = state.after(true, STRONG, true);
    }
    assertThat(state.strictness()).isEqualTo(Strictness.NORMAL);
    state = state.after(true, STRONG, true);
    assertThat(state.strictness()).isEqualTo(Strictness.REDUCED);
    assertThat(lots(state, true).strictness()).isEqualTo(Strictness.REDUCED);
    assertThat(lots(state, false)).isEqualTo(Switching.START);
  }

  @Test
  void aLotThatWouldHaveFailedOneStepFinerStartsTheScoreAnew() {
    Switching state = Switching.START.after(true, STRONG, true);
    assertThat(state.score()).isEqualTo(3);

    assertThat(state.after(true, STRONG, false).score()).isZero();
    assertThat(state.after(true, WEAK, false).score()).isEqualTo(5);
  }

  private static Switching lots(Switching from, boolean... accepted) {
    Switching state = from;
    for (boolean one : accepted) {
      state = state.after(one, WEAK, one);
    }
    return state;
  }
}
