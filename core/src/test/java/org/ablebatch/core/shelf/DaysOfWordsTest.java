package org.ablebatch.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.ablebatch.core.shelf.DaysOfWords.Span;
import org.junit.jupiter.api.Test;

class DaysOfWordsTest {
  private static final LocalDate MAY = LocalDate.of(2026, 5, 1);

  @Test
  void onlyDaysThatAllWordsHaveAreRead() {
    DaysOfWords days =
        DaysOfWords.of(
            List.of(
                Map.of(MAY, 9L, MAY.plusDays(1), 9L, MAY.plusDays(4), 9L),
                Map.of(MAY, 2L, MAY.plusDays(2), 2L, MAY.plusDays(4), 1L)));
    assertThat(days.newestFirst(100))
        .containsExactly(List.of(new Span(MAY.plusDays(4), MAY.plusDays(4)), new Span(MAY, MAY)));
    assertThat(days.rarest()).isEqualTo(1);
    assertThat(days.filesOfRarest()).isEqualTo(5);
  }

  @Test
  void wordsThatNeverLeftOnTheSameDayAreReadNowhere() {
    DaysOfWords days = DaysOfWords.of(List.of(Map.of(MAY, 1L), Map.of(MAY.plusDays(1), 1L)));
    assertThat(days.newestFirst(10)).isEmpty();
  }

  @Test
  void aStepMayHoldTwiceWhatIsWantedAndTheNextTwiceThat() {
    Map<LocalDate, Long> each = new HashMap<>();
    IntStream.range(0, 14).forEach(i -> each.put(MAY.plusDays(i), 10L));
    List<List<Span>> steps = DaysOfWords.of(List.of(each)).newestFirst(10);
    assertThat(steps)
        .containsExactly(
            List.of(new Span(MAY.plusDays(12), MAY.plusDays(13))),
            List.of(new Span(MAY.plusDays(8), MAY.plusDays(11))),
            List.of(new Span(MAY, MAY.plusDays(7))));
  }

  @Test
  void aStepHasFewPieces() {
    Map<LocalDate, Long> everyOther = new HashMap<>();
    IntStream.range(0, 100).forEach(i -> everyOther.put(MAY.plusDays(2 * i), 1L));
    List<List<Span>> steps = DaysOfWords.of(List.of(everyOther)).newestFirst(1000);
    assertThat(steps).extracting(List::size).containsExactly(40, 40, 20);
    assertThat(steps.get(2).get(19)).isEqualTo(new Span(MAY, MAY));
  }
}
