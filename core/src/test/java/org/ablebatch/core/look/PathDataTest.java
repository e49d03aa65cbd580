package org.ablebatch.core.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PathDataTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          M0 0H10V10H0Z                                                  | 100
          m0,0 h10 v10 h-10 z                                            | 100
          M0 0 10 0 10 10 0 10                                           | 100
          M0 0L10 0L10 10Z                                               | 50
          M0 5a5 5 0 1 1 10 0a5 5 0 1 1-10 0Z                            | 78.54
          M0 5A5 5 0 0110 5A5 5 0 010 5                                  | 78.54
          M0 0Q5 10 10 0Z                                                | 33.33
          M0 0Q2.5 5 5 5T10 0Z                                           | 33.33
          M0 0C0 5.5228 4.4772 10 10 10L10 0Z                            | 78.54
          M0 0C1 1 2 2 5 2S9 1 10 0Z                                     | 14.6
          M0 0h10v10h-10zm20 0h10v10h-10z                                | 200
          M1e1-.5l.5.5-1 0z                                              | .25
          """)
  void everyCommandEnclosesWhatItSays(String data, double area) {
    double sum = 0;
    for (double[] ring : PathData.parse(data).rings()) {
      sum += Math.abs(area(ring));
    }

    assertThat(sum).isCloseTo(area, within(0.01 * area));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          ''                        | encloses nothing
          M0 0L5 5                  | encloses nothing
          0 0L5 5                   | lacks a letter
          M0 0L5                    | lacks a number
          M0 0B5 5                  | has “B”
          <svg><script>go()</script></svg> | lacks a letter
          M0 0L1e9 0L0 5Z           | too far away
          M0 0LNaN 0L0 5Z           | lacks a number
          M0 0A5 5 0 2 1 10 0Z      | lacks a 0 or 1
          M0 0H5Z 7                 | lacks a letter
          """)
  void whatIsNoPathIsSaidInWords(String data, String sentence) {
    InvalidLook problem = catchThrowableOfType(InvalidLook.class, () -> PathData.parse(data));

    assertThat(problem).as(data).isNotNull();
    assertThat(problem.field()).isEqualTo("path");
    assertThat(problem).hasMessageContaining(sentence);
  }

  @Test
  void aPathWithoutEndIsNotDrawn() {
    String data = "M0 0" + "a5 5 0 1 1 10 0".repeat(6_000);

    assertThat(catchThrowableOfType(InvalidLook.class, () -> PathData.parse(data)))
        .hasMessageContaining("too many points");
  }

  private static double area(double[] ring) {
    double sum = 0;
    for (int i = 0; i < ring.length; i += 2) {
      int j = (i + 2) % ring.length;
      sum += ring[i] * ring[j + 1] - ring[j] * ring[i + 1];
    }
    return sum / 2;
  }
}
