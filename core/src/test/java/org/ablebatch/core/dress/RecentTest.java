package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class RecentTest {
  private final List<Integer> made = new ArrayList<>();
  private final Recent<Integer, String> recent =
      new Recent<>(
          2,
          key -> {
            made.add(key);
            return "made " + key;
          });

  @Test
  void whatIsAskedForAgainIsNotMadeAgain() {
    assertThat(recent.get(1)).isEqualTo("made 1");
    assertThat(recent.get(1)).isEqualTo("made 1");
    assertThat(made).containsExactly(1);
  }

  @Test
  void whatWasAskedForLongestAgoGoesFirst() {
    recent.get(1);
    recent.get(2);
    recent.get(1);
    recent.get(3);

    recent.get(1);
    recent.get(2);

    assertThat(made).containsExactly(1, 2, 3, 2);
  }
}
