package org.ablebatch.server.touchup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import org.ablebatch.core.stroke.BrushStroke;
import org.ablebatch.core.stroke.StrokePoint;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BrushDataTest {
  @Test
  void pointsComeInPairs() {
    BrushStroke stroke =
        new BrushData("restore", 40, 0.5, 1, List.of(10.0, 20.0, 30.5, 40.25)).toStroke();

    assertThat(stroke.mode()).isEqualTo(BrushStroke.Mode.RESTORE);
    assertThat(stroke.points())
        .containsExactly(new StrokePoint(10, 20), new StrokePoint(30.5, 40.25));
  }

  @Test
  void aDotIsAStroke() {
    assertThat(new BrushData("erase", 8, 0, 1, List.of(3.0, 4.0)).toStroke().points()).hasSize(1);
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 3, 7})
  void halfAPointIsRefused(int numbers) {
    Double[] values = new Double[numbers];
    Arrays.fill(values, 5.0);

    assertThatThrownBy(() -> new BrushData("erase", 8, 0, 1, List.of(values)).toStroke())
        .hasMessage("A stroke’s points are pairs of x and y");
  }

  @Test
  void aBrushErasesOrRestores() {
    assertThatThrownBy(() -> new BrushData("smudge", 8, 0, 1, List.of(1.0, 1.0)).toStroke())
        .hasMessage("A brush erases or restores");
    assertThatThrownBy(() -> new BrushData(null, 8, 0, 1, List.of(1.0, 1.0)).toStroke())
        .hasMessage("A brush erases or restores");
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -4, 1e9, Double.NaN})
  void impossibleSizesAreRefusedInWords(double size) {
    assertThatThrownBy(() -> new BrushData("erase", size, 0, 1, List.of(1.0, 1.0)).toStroke())
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageMatching("[A-Z].*");
  }
}
