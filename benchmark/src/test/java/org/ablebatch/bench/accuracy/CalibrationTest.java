package org.ablebatch.bench.accuracy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class CalibrationTest {
  @Test
  void forecastsThatComeTrueAsOftenAsTheySayHaveNoError() {
    Calibration calibration = new Calibration();
    for (int i = 0; i < 10; i++) {
      calibration.add(90, i != 0);
      calibration.add(30, i < 3);
    }

    assertThat(calibration.expectedError()).isCloseTo(0, within(1e-9));
    assertThat(calibration.brier()).isCloseTo((0.09 + 0.21) / 2, within(1e-9));
    assertThat(calibration.markdown())
        .contains("| 80 to 100 | 10 | 90 | 90 % |", "| 20 to 39 | 10 | 30 | 30 % |");
  }

  @Test
  void itSaysFromWhereOnNineteenOfTwentyPass() {
    Calibration calibration = new Calibration();
    for (int i = 0; i < 40; i++) {
      calibration.add(60 + i, i != 3);
    }

    assertThat(calibration.trustedFrom(0.95))
        .as("39 of 40 from 60 up, but only 9 of the 10 least trusted")
        .hasValue(64);
    assertThat(calibration.trustedFrom(0.9)).hasValue(0);
    assertThat(calibration.wordsFrom(60)).isEqualTo("From 60 up, 39 of 40 would pass");
    assertThat(new Calibration().trustedFrom(0.95)).isEmpty();
  }

  @Test
  void beingSureOfWhatIsWrongCosts() {
    Calibration calibration = new Calibration();
    calibration.add(100, false);

    assertThat(calibration.brier()).isEqualTo(1);
    assertThat(calibration.expectedError()).isEqualTo(1);
  }
}
