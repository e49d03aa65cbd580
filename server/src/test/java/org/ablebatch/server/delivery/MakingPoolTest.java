package org.ablebatch.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.ablebatch.server.AbleSettings;
import org.ablebatch.server.delivery.MakingPool.Share;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class MakingPoolTest {
  private static final long SMALL = 2_000_000;
  private static final long LARGE = 100_000_000;

  private final MakingPool pool =
      new MakingPool(new AbleSettings(Path.of("."), "", 2, List.of(), Duration.ZERO));

  @AfterEach
  void end() {
    pool.destroy();
  }

  @Test
  void twoAreMadeBesideEachOther() {
    CountDownLatch both = new CountDownLatch(2);
    Runnable meets =
        () -> {
          both.countDown();
          try {
            both.await();
          } catch (InterruptedException e) {
            throw new IllegalStateException(e);
          }
        };

    pool.work(List.of(new Share(SMALL, meets), new Share(SMALL, meets)), () -> true);

    assertThat(both.getCount()).isZero();
  }

  @Test
  void aLargeOneIsAlone() {
    AtomicInteger now = new AtomicInteger();
    AtomicInteger most = new AtomicInteger();
    Runnable counts =
        () -> {
          most.accumulateAndGet(now.incrementAndGet(), Math::max);
          now.decrementAndGet();
        };
    List<Share> shares = IntStream.range(0, 6).mapToObj(i -> new Share(LARGE, counts)).toList();

    pool.work(shares, () -> true);

    assertThat(most.get()).isEqualTo(1);
  }

  @Test
  void everyOneIsDoneAndNoMoreOnceItDoesNotGoOn() {
    Set<Integer> done = ConcurrentHashMap.newKeySet();
    List<Share> shares =
        IntStream.range(0, 40).mapToObj(i -> new Share(SMALL, () -> done.add(i))).toList();

    assertThat(pool.work(shares, () -> true)).isTrue();
    assertThat(done).hasSize(40);

    done.clear();
    AtomicInteger asked = new AtomicInteger();
    assertThat(pool.work(shares, () -> asked.incrementAndGet() <= 5)).isFalse();
    assertThat(done).hasSize(5);
  }

  @Test
  void whatFailsIsToldAfterTheOthersThatWereBegun() {
    Set<Integer> done = ConcurrentHashMap.newKeySet();
    List<Share> shares =
        List.of(
            new Share(SMALL, () -> done.add(1)),
            new Share(
                SMALL,
                () -> {
                  throw new IllegalStateException("the disk is full");
                }),
            new Share(SMALL, () -> done.add(3)));

    assertThatThrownBy(() -> pool.work(shares, () -> true)).hasMessage("the disk is full");
    assertThat(done).contains(1);
    pool.work(List.of(new Share(SMALL, () -> done.add(9))), () -> true);
    assertThat(done).as("the pool lives on").contains(9);
  }
}
