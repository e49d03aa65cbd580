package org.ablebatch.server.sending;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.ablebatch.core.send.BackOff;
import org.junit.jupiter.api.Test;

class SentFileTest {
  private static final Instant NOON = Instant.parse("2026-11-29T12:00:00Z");
  private static final Duration SECOND = Duration.ofSeconds(1);

  private final SentFile file = new SentFile(1, 2, "key", false, NOON);

  @Test
  void whatFailedIsTriedAgainLaterEachTime() {
    file.failed("500", Duration.ZERO, SECOND, NOON);
    assertThat(file.nextTryAt()).isEqualTo(NOON.plusSeconds(1));
    file.failed("500", Duration.ZERO, SECOND, NOON);
    assertThat(file.nextTryAt()).isEqualTo(NOON.plusSeconds(2));
    assertThat(file.state()).isEqualTo(SentFile.State.WAITING);
    assertThat(file.problem()).isEqualTo("500");
  }

  @Test
  void aShopThatAsksForMorePatienceGetsIt() {
    file.failed("429", Duration.ofSeconds(90), SECOND, NOON);

    assertThat(file.nextTryAt()).isEqualTo(NOON.plusSeconds(90));
  }

  @Test
  void afterTenTriesItWaitsForAPerson() {
    for (int i = 0; i < BackOff.MOST_TRIES; i++) {
      assertThat(file.state()).isEqualTo(SentFile.State.WAITING);
      file.failed("500", Duration.ZERO, SECOND, NOON);
    }

    assertThat(file.state()).isEqualTo(SentFile.State.REFUSED);
  }

  @Test
  void whatArrivedHasNoProblemAnyMore() {
    file.failed("500", Duration.ZERO, SECOND, NOON);
    file.arrived();

    assertThat(file.state()).isEqualTo(SentFile.State.THERE);
    assertThat(file.problem()).isNull();
    assertThat(file.tries()).isEqualTo(2);
  }

  @Test
  void whatIsKnownToBeThereIsNotSent() {
    SentFile known = new SentFile(1, 2, "key", true, NOON);

    assertThat(known.state()).isEqualTo(SentFile.State.THERE);
    assertThat(known.tries()).isZero();
  }
}
