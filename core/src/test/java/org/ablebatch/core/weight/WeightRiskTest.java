package org.ablebatch.core.weight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.ablebatch.core.weight.WeightRisk.Tried;
import org.junit.jupiter.api.Test;

class WeightRiskTest {
  @Test
  void whatIsHeavierThanOneThatBarelyFitsIsAtRisk() {
    double from =
        WeightRisk.from(
            List.of(new Tried(1, 0.99), new Tried(2, 0.95), new Tried(3, 0.91), new Tried(4, null)),
            0.9);

    assertThat(from).isEqualTo(3);
  }

  @Test
  void nothingIsAtRiskWhereAllFitWell() {
    assertThat(WeightRisk.from(List.of(new Tried(1, 0.99)), 0.9)).isInfinite();
    assertThat(WeightRisk.from(List.of(), 0.9)).isInfinite();
  }
}
