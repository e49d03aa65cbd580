package org.ablebatch.core.sampling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.ablebatch.core.sampling.SampleDraw.Unit;
import org.junit.jupiter.api.Test;

class SampleDrawTest {

  @Test
  void eachGroupIsDrawnByItsShare() {
    List<Long> drawn = SampleDraw.draw(lot(), 10, 5);

    assertThat(drawn).hasSize(10).doesNotHaveDuplicates().isSorted();
    assertThat(drawn.stream().filter(id -> id < 60).count()).isEqualTo(6);
    assertThat(drawn.stream().filter(id -> id >= 60 && id < 90).count()).isEqualTo(3);
    assertThat(drawn.stream().filter(id -> id >= 90).count()).isEqualTo(1);
  }

  @Test
  void theSeedAndNotTheOrderDecides() {
    List<Unit> turned = new ArrayList<>(lot());
    Collections.reverse(turned);

    assertThat(SampleDraw.draw(turned, 10, 5)).isEqualTo(SampleDraw.draw(lot(), 10, 5));
    assertThat(SampleDraw.draw(lot(), 10, 6)).isNotEqualTo(SampleDraw.draw(lot(), 10, 5));
  }

  @Test
  void overManyDrawsEveryPictureHasItsTurn() {
    int[] times = new int[100];
    for (int seed = 0; seed < 3000; seed++) {
      SampleDraw.draw(lot(), 10, seed).forEach(id -> times[(int) (long) id]++);
    }

    for (int id = 0; id < 100; id++) {
      assertThat(times[id]).as("picture " + id).isBetween(220, 380);
    }
  }

  @Test
  void theWholeLotIsASampleToo() {
    assertThat(SampleDraw.draw(lot(), 100, 1)).hasSize(100);
    assertThatThrownBy(() -> SampleDraw.draw(lot(), 101, 1))
        .isInstanceOf(IllegalArgumentException.class);
  }

  /** 60 forks, 30 pots, and 10 without a group. */
  private static List<Unit> lot() {
    List<Unit> lot = new ArrayList<>();
    for (long id = 0; id < 100; id++) {
      lot.add(new Unit(id, id < 60 ? "forks" : id < 90 ? "pots" : null));
    }
    return lot;
  }
}
