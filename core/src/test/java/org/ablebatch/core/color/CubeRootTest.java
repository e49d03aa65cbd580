package org.ablebatch.core.color;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

class CubeRootTest {

  @Test
  void theRootIsRightFromBlackToBrighterThanWhite() {
    DoubleStream.iterate(1e-14, light -> light < 100, light -> light * 1.003)
        .forEach(
            light -> {
              double root = Math.cbrt(light);
              assertThat(CubeRoot.of(light)).isCloseTo(root, within(1e-13 * root));
            });
  }

  @Test
  void blackAndWhatIsLessThanBlackHaveRootsToo() {
    assertThat(CubeRoot.of(0)).isZero();
    assertThat(CubeRoot.of(-0.125)).isEqualTo(-0.5);
  }
}
