package org.ablebatch.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import org.ablebatch.core.check.Confidence;
import org.ablebatch.core.prior.LearnedTrees;
import org.junit.jupiter.api.Test;

class ForecastTest {
  private final float[] region = {0.25f, 0.75f};

  @Test
  void logOddsBecomeAPercentageThatIsNeverCertain() {
    Confidence even = Confidence.given(50);

    assertThat(forecast("0").of(region, even).percent()).isEqualTo(50);
    assertThat(forecast("3").of(region, even).percent()).isEqualTo(95);
    assertThat(forecast("40").of(region, even).percent()).isEqualTo(99);
    assertThat(forecast("-40").of(region, even).percent()).isEqualTo(1);
  }

  @Test
  void whatIsSeenAloneHasItsShare() {
    assertThat(forecast("0").of(region, Confidence.given(90)).percent()).isBetween(60, 80);
    assertThat(forecast("0").of(region, Confidence.given(0)).percent()).isBetween(10, 20);
  }

  @Test
  void whatIsSeenOfTheMatteFollowsWhatIsSeenOfTheRegion() {
    Confidence seen = new Confidence(3, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8);

    assertThat(Forecast.facts(region, seen))
        .containsExactly(0.25f, 0.75f, 0.1f, 0.2f, 0.3f, 0.4f, 0.5f, 0.6f, 0.7f, 0.8f);
  }

  @Test
  void aFactOfTheMatteCanDecide() {
    Forecast outlines = forecast("0\n8 0.5 1 2;-2;2");

    assertThat(outlines.of(region, outline(0.9)).percent()).isEqualTo(88);
    assertThat(outlines.of(region, outline(0.1)).percent()).isEqualTo(12);
  }

  private static Confidence outline(double share) {
    return new Confidence(50, 1, 1, 1, 1, 1, 1, share, 1);
  }

  private static Forecast forecast(String trees) {
    return new Forecast(LearnedTrees.parse(trees));
  }
}
