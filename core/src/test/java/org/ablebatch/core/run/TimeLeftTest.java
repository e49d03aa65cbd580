package org.ablebatch.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class TimeLeftTest {
  private static final TimeLeft.Load MINE = new TimeLeft.Load(RunPriority.USUAL, 100);

  @Test
  void paceIsAFixedPartAndAPartByPixels() {
    Pace pace =
        Pace.of(List.of(new Pace.Sample(2, 2), new Pace.Sample(12, 7), new Pace.Sample(24, 13)));

    assertThat(pace.fixedSeconds()).isCloseTo(1, within(1e-9));
    assertThat(pace.secondsPerMegapixel()).isCloseTo(0.5, within(1e-9));
    assertThat(pace.seconds(10, 120)).isCloseTo(70, within(1e-9));
  }

  @Test
  void picturesOfOneSizeGiveAMeanAndNoSlope() {
    Pace pace = Pace.of(List.of(new Pace.Sample(2, 1), new Pace.Sample(2, 3)));

    assertThat(pace).isEqualTo(new Pace(2, 0));
  }

  @Test
  void noPartIsEverBelowNothing() {
    assertThat(
            Pace.of(List.of(new Pace.Sample(1, 9), new Pace.Sample(10, 1))).secondsPerMegapixel())
        .isZero();
    Pace steep = Pace.of(List.of(new Pace.Sample(1, 0.1), new Pace.Sample(10, 9)));
    assertThat(steep.fixedSeconds()).isZero();
    assertThat(steep.seconds(2, 11)).isCloseTo(9.1, within(1e-9));
  }

  @Test
  void workersShareTheWork() {
    assertThat(TimeLeft.seconds(MINE, List.of(), 2)).isEqualTo(50);
  }

  @Test
  void aHigherPriorityGoesBeforeAndALowerWaits() {
    TimeLeft.Load first = new TimeLeft.Load(RunPriority.FIRST, 60);
    TimeLeft.Load last = new TimeLeft.Load(RunPriority.LAST, 1000);

    assertThat(TimeLeft.seconds(MINE, List.of(first, last), 1)).isEqualTo(160);
  }

  @Test
  void equalsShareEvenlyUntilTheSmallerIsDone() {
    assertThat(TimeLeft.seconds(MINE, List.of(new TimeLeft.Load(RunPriority.USUAL, 30)), 1))
        .isEqualTo(130);
    assertThat(TimeLeft.seconds(MINE, List.of(new TimeLeft.Load(RunPriority.USUAL, 5000)), 1))
        .isEqualTo(200);
  }
}
