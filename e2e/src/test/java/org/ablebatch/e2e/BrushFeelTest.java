package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * From pointer to paint on a picture of 48 megapixels, and what the browser holds of it; measured
 * in the browser and reported.
 */
@SharedApplication
class BrushFeelTest {
  private static final int MEGAPIXELS = 48;
  private static final int PLACES = 12;

  /** A paint counts as done when the frame that draws it has been handed over. */
  private static final String MEASURE =
      """
      () => {
        window.delays = []
        const canvas = document.querySelector('[data-stage=result] canvas')
        canvas.addEventListener('pointermove', (event) => {
          if (event.buttons === 0) return
          requestAnimationFrame(() => {
            const channel = new MessageChannel()
            channel.port1.onmessage = () => window.delays.push(performance.now() - event.timeStamp)
            channel.port2.postMessage(0)
          })
        })
      }
      """;

  @Test
  void aLargePictureIsMendedWithoutWaiting(Application application, Browser browser)
      throws Exception {
    Page page = onTheBench(application, browser);
    page.evaluate(MEASURE);
    report("the whole picture in view", stroke(page));
    page.keyboard().press("z");
    see(page);
    report("at 100 %", stroke(page));

    BoundingBox box = page.locator("[data-stage=result]").boundingBox();
    for (int k = 0; k < PLACES; k++) {
      page.keyboard().down("v");
      page.mouse().move(box.x + 300, box.y + 400);
      page.mouse().down();
      page.mouse().move(box.x + (k % 2 == 0 ? 40 : 500), box.y + (k % 3 == 0 ? 40 : 600));
      page.mouse().up();
      page.keyboard().up("v");
      see(page);
      stroke(page);
    }
    long megabytes = rendererBytes() >> 20;
    System.out.printf(
        "measured: the browser's page holds %d MB of a %d MP picture%n", megabytes, MEGAPIXELS);
    assertThat(megabytes).isLessThan(500);
    assertThat(browser.errors()).isEmpty();
  }

  private static void see(Page page) {
    new MendingHand(page, 1, 1).awaitPaint();
    assertThat(page.locator("[data-stage=result][data-ready=true]")).isVisible();
  }

  /** Already transparent, so that the engine has little to do with so many pixels. */
  private static Page onTheBench(Application application, Browser browser) throws Exception {
    Page page = browser.page();
    Api api = new Api(application.address());
    long batch = api.newBatch("Many megapixels", "plain");
    Path photograph = Photographs.demo("Spring tools", "secateurs-red.jpg");
    byte[] file = Photographs.enlargedOnNothing(photograph, MEGAPIXELS);
    api.upload(batch, Map.of("secateurs.png", file));
    api.post("/api/v1/batches/" + batch + "/cut", "");
    Api.await(() -> api.count(batch, "to-check") == 1);
    long id = api.pictures(batch).get(0).get("id").asLong();
    api.post("/api/v1/pictures/" + id + "/verdict", "{\"verdict\": \"touch-up\"}");

    page.navigate(application.address());
    page.evaluate(
        "localStorage.setItem('brush',"
            + " JSON.stringify({ sizeStep: 70, softness: 60, strength: 100 }))");
    page.navigate(application.address() + "/#/batches/" + batch + "/touch-up");
    see(page);
    return page;
  }

  /** Memory of the largest page process of the browser, pictures included. */
  private static long rendererBytes() {
    return ProcessHandle.current()
        .descendants()
        .filter(BrushFeelTest::isPage)
        .mapToLong(BrushFeelTest::residentBytes)
        .max()
        .orElseThrow();
  }

  private static boolean isPage(ProcessHandle process) {
    return read(process, "cmdline").contains("--type=renderer");
  }

  private static long residentBytes(ProcessHandle process) {
    return read(process, "status")
        .lines()
        .filter(line -> line.startsWith("VmRSS:"))
        .mapToLong(line -> 1024 * Long.parseLong(line.replaceAll("\\D", "")))
        .findFirst()
        .orElse(0);
  }

  private static String read(ProcessHandle process, String what) {
    try {
      return Files.readString(Path.of("/proc", String.valueOf(process.pid()), what));
    } catch (IOException e) {
      return "";
    }
  }

  private static List<Double> stroke(Page page) {
    page.evaluate("() => { window.delays = [] }");
    Locator stage = page.locator("[data-stage=result]");
    BoundingBox box = stage.boundingBox();
    page.mouse().move(box.x + 60, box.y + 80);
    page.mouse().down();
    for (int i = 0; i < 120; i++) {
      page.mouse().move(box.x + 60 + i * 2.4, box.y + 80 + 120 * Math.abs(Math.sin(i / 12.0)));
    }
    page.mouse().up();
    page.waitForFunction("() => window.delays.length > 20");
    @SuppressWarnings("unchecked")
    List<Number> delays = (List<Number>) page.evaluate("() => window.delays");
    return delays.stream().map(Number::doubleValue).sorted().toList();
  }

  private static void report(String where, List<Double> sorted) {
    double median = sorted.get(sorted.size() / 2);
    double late = sorted.get((int) (sorted.size() * 0.99));
    System.out.printf(
        "measured: pointer to paint, 204 px soft brush on 48 MP, %s: median %.1f ms, 99 %% %.1f ms, %d moves%n",
        where, median, late, sorted.size());
  }
}
