package org.ablebatch.core.weight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.ablebatch.core.weight.WeightModel.Sample;
import org.junit.jupiter.api.Test;

class WeightModelTest {
  @Test
  void whatGrowsWithTheLoadIsFoundAndTheRestIsTheSameForAll() {
    WeightModel model =
        WeightModel.of(List.of(new Sample(10, 1300), new Sample(20, 1600), new Sample(40, 2200)));

    assertThat(model.bytes(0)).isEqualTo(1000);
    assertThat(model.bytes(100)).isEqualTo(4000);
  }

  @Test
  void nothingWeighsLessThanNothing() {
    WeightModel model =
        WeightModel.of(List.of(new Sample(10, 0), new Sample(20, 900), new Sample(30, 2100)));

    assertThat(model.bytes(0)).isZero();
    assertThat(model.bytes(20)).isBetween(900L, 1300L);
  }

  @Test
  void fewOrContrarySamplesGiveTheirMean() {
    assertThat(WeightModel.of(List.of(new Sample(5, 700))).bytes(99)).isEqualTo(700);
    assertThat(WeightModel.of(List.of(new Sample(5, 700), new Sample(9, 900))).bytes(99))
        .isEqualTo(800);
    assertThat(
            WeightModel.of(List.of(new Sample(1, 900), new Sample(2, 800), new Sample(3, 700)))
                .bytes(99))
        .isEqualTo(800);
  }

  @Test
  void enlargingBringsNoMoreToCompress() {
    assertThat(WeightModel.load(400, 2, 0.25)).isEqualTo(WeightModel.load(100, 1, 0.25));
    assertThat(WeightModel.load(100, 0.5, 0.25)).isEqualTo(50);
  }
}
