package org.ablebatch.prior;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class NetworkTest {
  @Test
  void partsThatAreNotWhatWasMeantAreRefused() {
    assertThatThrownBy(() -> Network.inParts("subject-prior-2.onnx", 2, "00"))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("its sum differs");
  }

  @Test
  void aMissingFileIsNamed() {
    assertThatThrownBy(() -> Network.whole("nothing.onnx")).hasMessageContaining("nothing.onnx");
  }

  @Test
  void everyPartFitsIntoTheRepository() {
    for (int part = 0; part < LearnedPriors.PARTS; part++) {
      assertThat(Network.whole("subject-prior-2.onnx." + part).length).isLessThan(4_000_000);
    }
  }
}
