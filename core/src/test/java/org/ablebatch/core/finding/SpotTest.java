package org.ablebatch.core.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class SpotTest {
  private static final int GRID = 10;

  private static Spot box(int x, int y, int width, int height) {
    boolean[] mask = new boolean[width * height];
    java.util.Arrays.fill(mask, true);
    return new Spot(new Rect(x, y, width, height), mask);
  }

  @Test
  void aSpotTakesFromTheGridWhatLiesInItsBox() {
    boolean[] grid = new boolean[GRID * GRID];
    box(2, 3, 4, 2).addTo(grid, GRID);

    Spot part = Spot.of(grid, GRID, new Rect(4, 2, 3, 3));

    assertThat(part.area()).isEqualTo(4);
    assertThat(part.holds(4, 3)).isTrue();
    assertThat(part.holds(6, 3)).isFalse();
    assertThat(part.holds(4, 2)).isFalse();
  }

  @Test
  void overlapIsWhatBothHaveOfWhatEitherHas() {
    assertThat(box(0, 0, 4, 4).overlap(box(0, 0, 4, 4))).isEqualTo(1);
    assertThat(box(0, 0, 4, 4).overlap(box(2, 0, 4, 4))).isCloseTo(8 / 24.0, within(1e-9));
    assertThat(box(0, 0, 2, 2).overlap(box(5, 5, 2, 2))).isZero();
  }

  @Test
  void whatSomebodySaysToBeRightCountsForNothing() {
    Finding hole = new Finding(FindingKind.SUSPICIOUS_HOLE, new Rect(0, 0, 9, 9), 1, 0.9, "a hole");

    assertThat(hole.isSerious()).isTrue();
    assertThat(hole.said(true).isSerious()).isFalse();
    assertThat(hole.said(true).said(false)).isEqualTo(hole);
    assertThat(Trust.percent(80, List.of(hole))).isLessThan(80);
    assertThat(Trust.percent(80, List.of(hole.said(true)))).isEqualTo(80);
  }

  @Test
  void aDoubtDoesNotCountTwice() {
    Finding doubt =
        new Finding(FindingKind.COULD_BE_SUBJECT, new Rect(0, 0, 9, 9), 1, 0.9, "another reading");

    assertThat(Trust.percent(80, List.of(doubt))).isEqualTo(80);
  }
}
