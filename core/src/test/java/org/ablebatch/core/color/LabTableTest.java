package org.ablebatch.core.color;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class LabTableTest {
  @Test
  void theTableIsAsGoodAsTheFormula() {
    LabTable table = LabTable.create();
    for (int rgb = 0; rgb < 0x1000000; rgb += 4099) {
      float[] lab = OkLab.ofDisplay(rgb);

      assertThat(table.light(rgb)).isCloseTo(lab[0], within(5e-4f));
      assertThat(table.a()).isCloseTo(lab[1], within(2e-3f));
      assertThat(table.b()).isCloseTo(lab[2], within(2e-3f));
    }
  }
}
