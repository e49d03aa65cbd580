package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * Sixty pictures in one batch, or as many and as large as the environment says, with a page that
 * draws only what is seen. The longest gap between two frames is printed for docs/operations.md and
 * not judged here: it depends on what else the machine does.
 */
@SharedApplication
class ManyPicturesTest {
  private static final int PICTURES = number("ABLE_TEST_PICTURES", 60);

  /** Pixels; 1,632 are 2 megapixels. */
  private static final int WIDTH = number("ABLE_TEST_WIDTH", 240);

  /** So many are judged in the browser; the others by the API. */
  private static final int JUDGED = number("ABLE_TEST_JUDGED", 40);

  /** From a key to the next picture on the screen, for every key that was pressed. */
  private static final String KEY_TO_PICTURE =
      """
      () => {
        const seen = performance.getEntriesByName('picture-seen').map((e) => e.startTime)
        return window.pressed.flatMap((at) => {
          const next = seen.find((s) => s > at)
          return next === undefined ? [] : [next - at]
        })
      }
      """;

  private static final String WATCH_KEYS =
      """
      () => {
        window.pressed = []
        const note = (e) => e.key === 'Enter' && window.pressed.push(performance.now())
        window.addEventListener('keydown', note, true)
      }
      """;

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

  @TempDir private Path files;

  @Test
  void manyPicturesPassAlongTheLine(Application application, Browser browser) throws Exception {
    Photographs.writePots(files, PICTURES, WIDTH);
    Page page = browser.page();
    Api api = new Api(application.address());
    long batch = api.newBatch("Many", "plain");
    page.navigate(application.address() + "/#/batches/" + batch + "/intake");
    try (Stream<Path> all = Files.list(files)) {
      page.getByLabel("Files to add").setInputFiles(all.sorted().toArray(Path[]::new));
    }
    page.evaluate(WATCH_FRAMES);
    page.getByText(PICTURES + " taken in").waitFor();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Cut " + PICTURES)).click();
    scrollTheFilmWhileCutting(page);
    Api.await(() -> api.count(batch, "to-check") == PICTURES);
    double longest = ((Number) page.evaluate("() => window.longest")).doubleValue();
    System.out.printf("measured: longest gap between two frames %.0f ms%n", longest);

    judge(page, application.address() + "/#/batches/" + batch + "/check");
    assertThat(api.count(batch, "passed")).isEqualTo(JUDGED);
    deliverAll(api, batch);
    assertThat(page.locator("[data-count=deliver]")).hasText(String.valueOf(PICTURES));
    assertThat(browser.errors()).isEmpty();
  }

  private static void scrollTheFilmWhileCutting(Page page) {
    page.locator(".film .tile").first().waitFor();
    page.locator(".film").hover();
    for (int i = 0; i < 60; i++) {
      page.mouse().wheel(0, i % 20 < 15 ? 600 : -900);
      page.evaluate("() => new Promise(requestAnimationFrame)");
    }
    assertThat(page.locator(".film .tile").count()).as("only what is seen").isLessThan(40);
  }

  private static int number(String name, int otherwise) {
    String value = System.getenv(name);
    return value == null ? otherwise : Integer.parseInt(value);
  }

  /** The program's own share of a checker's time is printed for docs/operations.md. */
  private static void judge(Page page, String address) {
    page.navigate(address);
    Checking.see(page);
    page.evaluate(WATCH_KEYS);
    for (int i = 0; i < JUDGED; i++) {
      Checking.judge(page, "Enter");
    }
    assertThat(page.locator("[data-count=dress]")).hasText(String.valueOf(JUDGED));
    List<Double> millis =
        ((List<?>) page.evaluate(KEY_TO_PICTURE))
            .stream().map(value -> ((Number) value).doubleValue()).sorted().toList();
    System.out.printf(
        "measured: %d verdicts on pictures %d px wide, key to next picture %.0f ms (median), %.0f ms (99 %%)%n",
        millis.size(),
        WIDTH,
        millis.get(millis.size() / 2),
        millis.get((int) (0.99 * millis.size())));
  }

  private static void deliverAll(Api api, long batch) throws InterruptedException {
    for (JsonNode picture : api.pictures(batch)) {
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
        () -> api.get("/api/v1/deliveries/" + delivery).get("state").asString().equals("done"));
    assertThat(api.get("/api/v1/deliveries/" + delivery).get("made").asInt()).isEqualTo(PICTURES);
  }
}
