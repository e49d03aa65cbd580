package org.ablebatch.core.send;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SendingRulesTest {
  private static final Duration SECOND = Duration.ofSeconds(1);

  @ParameterizedTest
  @CsvSource({
    "200, THERE", "201, THERE", "204, THERE", "400, REFUSED", "409, REFUSED", "413, REFUSED",
    "408, LATER", "425, LATER", "429, LATER", "500, LATER", "503, LATER", "302, LATER"
  })
  void anAnswerSaysWhetherAnotherTryIsWorthwhile(int status, Reply reply) {
    assertThat(Reply.of(status)).isEqualTo(reply);
  }

  @Test
  void everyWaitIsTwiceAsLongUpToFiveMinutes() {
    assertThat(BackOff.after(1, SECOND)).isEqualTo(Duration.ofSeconds(1));
    assertThat(BackOff.after(4, SECOND)).isEqualTo(Duration.ofSeconds(8));
    assertThat(BackOff.after(9, SECOND)).isEqualTo(Duration.ofSeconds(256));
    assertThat(BackOff.after(10, SECOND)).isEqualTo(Duration.ofMinutes(5));
    assertThat(BackOff.after(1_000_000, SECOND)).isEqualTo(Duration.ofMinutes(5));
  }
}
