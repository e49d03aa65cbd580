package org.ablebatch.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import org.ablebatch.core.prior.LearnedTrees;
import org.junit.jupiter.api.Test;

class JudgeTest {
  @Test
  void anErrorIsAShareOfTheSubject() {
    assertThat(judge("0").expectedError(new float[0])).as("as wrong as can be").isEqualTo(0.99);
    assertThat(judge("-9").expectedError(new float[0])).as("never below nothing").isZero();
    assertThat(judge("2").expectedError(new float[0])).as("never above all of it").isEqualTo(1);
  }

  @Test
  void theMoreIsExpectedToBeWrongTheLessIsTrusted() {
    assertThat(Judge.percent(60, 0.04)).as("as usual").isEqualTo(60);
    assertThat(Judge.percent(60, 0.01)).isGreaterThan(70);
    assertThat(Judge.percent(60, 0.5)).isLessThan(40);
    assertThat(Judge.percent(95, 0)).isEqualTo(99);
  }

  private static Judge judge(String base) {
    return new Judge(LearnedTrees.parse(base));
  }
}
