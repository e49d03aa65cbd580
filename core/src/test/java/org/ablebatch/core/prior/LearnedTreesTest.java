package org.ablebatch.core.prior;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class LearnedTreesTest {
  private static final String TWO_TREES =
      """
      0.5
      0 1.5 1 2;-1;1 -2 3 4;10;20
      100
      """;

  @Test
  void theAnswersOfAllTreesAreAdded() {
    LearnedTrees trees = LearnedTrees.parse(TWO_TREES);

    assertThat(trees.value(new float[] {1.5f, 0})).as("left").isEqualTo(99.5);
    assertThat(trees.value(new float[] {1.6f, -2})).as("right, left").isEqualTo(110.5);
    assertThat(trees.value(new float[] {1.6f, 0})).as("right, right").isEqualTo(120.5);
  }

  @Test
  void whatIsNoTreeIsRefused() {
    assertThatThrownBy(() -> LearnedTrees.parse("0\n1 2 3"))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("not a node");
  }
}
