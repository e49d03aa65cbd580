package org.ablebatch.server.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.FilterChain;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** Workers hold still while people's requests are answered. Time here is counted, not lived. */
class CourtesyTest {
  private static final int LONGEST_MILLIS = 200;

  private final List<Long> naps = new ArrayList<>();
  private long millis = 1000;
  private Runnable duringNap = () -> {};
  private final Courtesy courtesy =
      new Courtesy(
          () -> millis * 1_000_000,
          nap -> {
            naps.add(nap);
            millis += nap;
            duringNap.run();
          });

  @Test
  void whereNobodyWaitsAWorkerWorks() {
    courtesy.letOthersFirst();

    assertThat(naps).isEmpty();
  }

  @Test
  void aWorkerWaitsUntilTheAnswerIsThereAndNoLonger() throws Exception {
    answering(
        "GET",
        "/api/v1/pictures/7/dressed.png",
        (request, response) -> {
          // A second request comes and goes while the worker waits for the first.
          duringNap = () -> assertThat(naps.size()).isLessThanOrEqualTo(LONGEST_MILLIS / 2);
          courtesy.letOthersFirst();
        });
    assertThat(naps).isNotEmpty();
    int before = naps.size();

    millis += 10 * LONGEST_MILLIS;
    courtesy.letOthersFirst();

    assertThat(naps).as("nobody waits any more").hasSize(before);
  }

  @Test
  void howeverManyPeopleClickABatchGoesOn() throws Exception {
    answering(
        "GET",
        "/api/v1/batches",
        (request, response) -> {
          courtesy.letOthersFirst();
          assertThat(slept()).isEqualTo(LONGEST_MILLIS);

          courtesy.letOthersFirst();
          assertThat(slept())
              .as("a worker that has just waited works first")
              .isEqualTo(LONGEST_MILLIS);

          millis += LONGEST_MILLIS;
          courtesy.letOthersFirst();
          assertThat(slept()).as("as long as it waited").isEqualTo(2 * LONGEST_MILLIS);
        });
  }

  @Test
  void uploadsEventStreamsAndPagesHoldNobodyUp() throws Exception {
    String[][] requests = {
      {"PATCH", "/api/v1/uploads/5"},
      {"POST", "/api/v1/batches/2/pictures"},
      {"GET", "/api/v1/batches/2/events"},
      {"GET", "/assets/index.js"}
    };
    for (String[] request : requests) {
      answering(request[0], request[1], (asked, response) -> courtesy.letOthersFirst());
    }

    assertThat(naps).isEmpty();
  }

  private long slept() {
    return naps.stream().mapToLong(Long::longValue).sum();
  }

  /** A request, with what happens while it is being answered. */
  private void answering(String method, String path, FilterChain meanwhile) throws Exception {
    courtesy.doFilter(
        new MockHttpServletRequest(method, path), new MockHttpServletResponse(), meanwhile);
  }
}
