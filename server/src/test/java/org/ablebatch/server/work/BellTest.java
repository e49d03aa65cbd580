package org.ablebatch.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

class BellTest {
  private static final long LONG_MILLIS = 60_000;
  private final Bell bell = new Bell();

  @Test
  void aRingWakesWhoWaits() throws InterruptedException {
    AtomicBoolean goesOn = new AtomicBoolean(true);
    CountDownLatch awake = new CountDownLatch(1);
    Thread waiting =
        new Thread(
            () -> {
              while (goesOn.get()) {
                bell.await(LONG_MILLIS, goesOn::get);
              }
              awake.countDown();
            });
    waiting.start();

    goesOn.set(false);
    bell.ring();

    assertThat(awake.await(10, TimeUnit.SECONDS)).isTrue();
  }

  @Test
  void nobodyWaitsWhenItIsTimeToStop() {
    assertThat(bell.await(LONG_MILLIS, () -> false)).isTrue();
  }

  @Test
  void anInterruptionIsSaidAndKept() {
    Thread.currentThread().interrupt();

    assertThat(bell.await(LONG_MILLIS, () -> true)).isFalse();
    assertThat(Thread.interrupted()).isTrue();
  }
}
