package org.ablebatch.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import org.ablebatch.core.prior.LearnedTrees;
import org.junit.jupiter.api.Test;

class JudgeTest {
  @Test
  void anErrorIsAShareOfTheSubject() {
    assertThat(judge("0").expectedError(new float[0])).as("as wrong as can be").isEqualTo(0.99);
    assertThat(judge("-9").expectedError(new float[0])).as("never below nothing").isZero();
    assertThat(judge("1").expectedError(new float[0])).as("far too much kept").isGreaterThan(2);
  }

  private static Judge judge(String base) {
    return new Judge(LearnedTrees.parse(base));
  }
}
