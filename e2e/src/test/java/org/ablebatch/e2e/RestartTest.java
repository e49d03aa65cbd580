package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The demo comes in once, and a second start finds everything as it was. */
class RestartTest {
  @TempDir private Path data;

  @Test
  void aSecondStartFindsEverything() throws Exception {
    try (Application first = Application.start(data)) {
      Api api = new Api(first.address());
      // The last thing that the demo does is to send one picture to the bench.
      Api.await(
          Duration.ofSeconds(180),
          () ->
              api.get("/api/v1/batches")
                  .valueStream()
                  .anyMatch(b -> b.get("counts").get("in-touch-up").asInt() == 1));
    }

    try (Application second = Application.start(data);
        Browser browser = new Browser()) {
      System.out.printf(
          "measured: a second start took %.1f s%n", second.startedIn().toMillis() / 1000.0);
      Page page = browser.page();
      page.navigate(second.address());
      assertThat(page.locator("[data-batch]")).hasCount(3);
      assertThat(page.getByText("Spring tools")).isVisible();
      page.getByText("Growers, portraits").click();
      assertThat(page.locator(".film .tile img").first()).isVisible();
      assertThat(browser.errors()).isEmpty();
    }
  }
}
