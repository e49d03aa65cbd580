package org.ablebatch.server.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** Workers hold still while people's requests are answered. */
class CourtesyTest {
  private final Courtesy courtesy = new Courtesy();

  @Test
  void aWorkerWaitsUntilTheAnswerIsThere() throws Exception {
    CountDownLatch answer = new CountDownLatch(1);
    Thread request = answering("GET", "/api/v1/pictures/7/dressed.png", answer);
    AtomicBoolean passed = new AtomicBoolean();
    Thread worker =
        new Thread(
            () -> {
              courtesy.letOthersFirst();
              passed.set(true);
            });
    worker.start();
    Thread.sleep(40);
    assertThat(passed).isFalse();

    answer.countDown();

    await().until(passed::get);
    request.join();
  }

  @Test
  void howeverManyPeopleClickABatchGoesOn() throws Exception {
    CountDownLatch never = new CountDownLatch(1);
    Thread request = answering("GET", "/api/v1/batches", never);

    courtesy.letOthersFirst();
    long began = System.nanoTime();
    courtesy.letOthersFirst();

    assertThat((System.nanoTime() - began) / 1_000_000)
        .as("a worker that has just waited works first")
        .isLessThan(100);
    never.countDown();
    request.join();
  }

  @Test
  void uploadsAndEventStreamsHoldNobodyUp() throws Exception {
    CountDownLatch never = new CountDownLatch(1);
    Thread[] requests = {
      answering("PATCH", "/api/v1/uploads/5", never),
      answering("POST", "/api/v1/batches/2/pictures", never),
      answering("GET", "/api/v1/batches/2/events", never),
      answering("GET", "/assets/index.js", never)
    };
    long began = System.nanoTime();

    courtesy.letOthersFirst();

    assertThat((System.nanoTime() - began) / 1_000_000).isLessThan(100);
    never.countDown();
    for (Thread request : requests) {
      request.join();
    }
  }

  /** A request that is answered when the latch opens; returns once it is being answered. */
  private Thread answering(String method, String path, CountDownLatch latch)
      throws InterruptedException {
    CountDownLatch began = new CountDownLatch(1);
    Thread thread =
        new Thread(
            () -> {
              try {
                courtesy.doFilter(
                    new MockHttpServletRequest(method, path),
                    new MockHttpServletResponse(),
                    (request, response) -> {
                      began.countDown();
                      try {
                        latch.await();
                      } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                      }
                    });
              } catch (Exception e) {
                throw new IllegalStateException(e);
              }
            });
    thread.start();
    began.await();
    return thread;
  }
}
