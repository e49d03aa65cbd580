package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * Two hundred pictures of two megapixels in one batch, with a page that draws only what is seen.
 * The longest gap between two frames is printed for docs/operations.md and not judged here: it
 * depends on what else the machine does.
 */
class ManyPicturesTest {
  private static final int PICTURES = 200;

  private static final String WATCH_FRAMES =
      """
      () => {
        window.longest = 0
        let last = performance.now()
        const frame = (now) => {
          window.longest = Math.max(window.longest, now - last)
          last = now
          requestAnimationFrame(frame)
        }
        requestAnimationFrame(frame)
      }
      """;

  @TempDir private Path data;
  @TempDir private Path files;

  @Test
  void twoHundredPicturesPassAlongTheLine() throws Exception {
    Photographs.writePots(files, PICTURES);
    try (Application application = Application.start(data, "--no-demo");
        Browser browser = new Browser()) {
      Page page = browser.page();
      Api api = new Api(application.address());
      long batch = api.newBatch("Two hundred");
      page.navigate(application.address() + "/#/batches/" + batch + "/intake");
      try (Stream<Path> all = Files.list(files)) {
        page.getByLabel("Files to add").setInputFiles(all.sorted().toArray(Path[]::new));
      }
      page.evaluate(WATCH_FRAMES);
      page.getByText(PICTURES + " taken in")
          .waitFor(new com.microsoft.playwright.Locator.WaitForOptions().setTimeout(180_000));
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Cut " + PICTURES))
          .click();
      scrollTheFilmWhileCutting(page);
      Api.await(Duration.ofMinutes(12), () -> api.count(batch, "to-check") == PICTURES);
      double longest = ((Number) page.evaluate("() => window.longest")).doubleValue();
      System.out.printf("measured: longest gap between two frames %.0f ms%n", longest);

      deliverAll(api, batch);
      assertThat(page.locator("[data-count=deliver]")).hasText(String.valueOf(PICTURES));
      assertThat(browser.errors()).isEmpty();
    }
  }

  private static void scrollTheFilmWhileCutting(Page page) {
    page.locator(".film .tile").first().waitFor();
    page.locator(".film").hover();
    for (int i = 0; i < 60; i++) {
      page.mouse().wheel(0, i % 20 < 15 ? 600 : -900);
      page.waitForTimeout(40);
    }
    assertThat(page.locator(".film .tile").count()).as("only what is seen").isLessThan(40);
  }

  private static void deliverAll(Api api, long batch) throws InterruptedException {
    List<JsonNode> pictures = api.pictures(batch);
    for (JsonNode picture : pictures) {
      api.post(
          "/api/v1/pictures/" + picture.get("id").asLong() + "/verdict", "{\"verdict\": \"pass\"}");
    }
    long delivery =
        api.post(
                "/api/v1/batches/" + batch + "/deliveries",
                "{\"specs\": [{\"name\": \"Square\", \"width\": 400, \"height\": 400, \"format\":"
                    + " \"JPEG\"}]}")
            .get("id")
            .asLong();
    Api.await(
        Duration.ofMinutes(8),
        () -> api.get("/api/v1/deliveries/" + delivery).get("state").asString().equals("done"));
    assertThat(api.get("/api/v1/deliveries/" + delivery).get("made").asInt()).isEqualTo(PICTURES);
  }
}
