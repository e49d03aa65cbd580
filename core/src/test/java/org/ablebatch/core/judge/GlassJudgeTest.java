package org.ablebatch.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.ablebatch.core.prior.LearnedTrees;
import org.junit.jupiter.api.Test;

class GlassJudgeTest {
  private static final float[] SEEN = {3, 4};
  private static final Continuation BEHIND = new Continuation(0.5, 0.6, 0.9, 0.7, -1, 0.8);

  @Test
  void whatIsExpectedIsAShareOfWhatIsWrongOfASolidThing() {
    assertThat(share("-0.7")).isCloseTo(0.5, within(0.01));
  }

  @Test
  void aSmallGainMayBeChance() {
    assertThat(share("-0.1")).isEqualTo(1);
    assertThat(share("2")).isEqualTo(1);
  }

  @Test
  void whatGoesOnBehindComesAfterWhatTheJudgeGoesBy() {
    float[] facts = GlassJudge.facts(SEEN, BEHIND);

    assertThat(facts).startsWith(3, 4).hasSize(SEEN.length + BEHIND.facts().length);
    assertThat(facts[3]).as("deep").isEqualTo(0.6f);
    assertThat(share("0\n3 0.35 1 2;0;-1")).as("asked of the same fact").isLessThan(0.4);
  }

  private static double share(String trees) {
    return new GlassJudge(LearnedTrees.parse(trees)).wrongShare(SEEN, BEHIND);
  }
}
