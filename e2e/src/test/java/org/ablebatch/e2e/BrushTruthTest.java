package org.ablebatch.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * What a stroke shows under the hand is what the server makes of it: random strokes on a real
 * photograph, the screen before the server has answered against the screen after.
 */
@SharedApplication
class BrushTruthTest {
  private static final int STROKES = 16;
  private static final long SEED = 20261126;

  /** Of a screen pixel's red, green and blue, each 0..255. */
  private static final int MOST_AT_FULL_SIZE = 2;

  /**
   * A reduced picture holds means of coverage; where a hard brush and the subject's edge meet in
   * one of its pixels, no brush can know the mean of their product.
   */
  private static final double MOST_SHARE_REDUCED = 0.001;

  private static final String REMEMBER =
      """
      () => {
        const canvas = document.querySelector('[data-stage=result] canvas')
        window.shown = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height).data
      }
      """;
  private static final String COMPARE =
      """
      () => {
        const canvas = document.querySelector('[data-stage=result] canvas')
        const now = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height).data
        let most = 0
        let over = 0
        for (let i = 0; i < now.length; i += 4) {
          let worst = 0
          for (let c = 0; c < 3; c++) {
            worst = Math.max(worst, Math.abs(now[i + c] - window.shown[i + c]))
          }
          if (worst > 2) over++
          most = Math.max(most, worst)
        }
        return [most, over / (now.length / 4)]
      }
      """;

  private final Random random = new Random(SEED);
  private final List<Route> held = new CopyOnWriteArrayList<>();
  private Api api;
  private long id;
  private Page page;
  private MendingHand hand;

  @Test
  void theScreenShowsWhatTheServerWillMakeOfRandomStrokes(Application application, Browser browser)
      throws Exception {
    onTheBench(application, browser);
    page.route(Pattern.compile(".*/edits\\?since=.*"), this::holdStroke);

    double reduced = 0;
    double full = 0;
    for (int k = 0; k < STROKES / 2; k++) {
      reduced = Math.max(reduced, strokeAndCompare(k).get(1));
    }
    page.keyboard().press("z");
    for (int k = STROKES / 2; k < STROKES; k++) {
      full = Math.max(full, strokeAndCompare(k).get(0));
    }

    System.out.printf(
        "measured: stroke on the screen against the server’s: at 100 %% differs by %.0f of 255 at"
            + " most; with the whole in view %.3f %% of pixels differ by more than 2%n",
        full, 100 * reduced);
    assertThat(full).isLessThanOrEqualTo(MOST_AT_FULL_SIZE);
    assertThat(reduced).isLessThan(MOST_SHARE_REDUCED);
    assertThat(browser.errors()).isEmpty();
  }

  private void holdStroke(Route route) {
    if (route.request().method().equals("POST")) {
      held.add(route);
    } else {
      route.resume();
    }
  }

  private void onTheBench(Application application, Browser browser) throws Exception {
    api = new Api(application.address());
    long batch = api.newBatch("True strokes", "uneven");
    Path photograph = Photographs.demo("Spring tools", "hand-trowel.jpg");
    api.upload(batch, Map.of("trowel.jpg", Files.readAllBytes(photograph)));
    api.post("/api/v1/batches/" + batch + "/cut", "");
    Api.await(() -> api.count(batch, "to-check") == 1);
    id = api.pictures(batch).get(0).get("id").asLong();
    api.post("/api/v1/pictures/" + id + "/verdict", "{\"verdict\": \"touch-up\"}");
    page = browser.page();
    hand = new MendingHand(page, 1600, 1200);
    page.navigate(application.address() + "/#/batches/" + batch + "/touch-up");
    hand.see();
  }

  /**
   * @return how much a pixel differs at most, 0..255, and the share of pixels that differ by more
   *     than 2
   */
  private List<Double> strokeAndCompare(int index) {
    hand.seeAsOn(api, id);
    brush(10 + random.nextInt(60), random.nextInt(101), 20 + random.nextInt(81));
    page.keyboard().press(random.nextBoolean() ? "e" : "r");
    BoundingBox box = page.locator("[data-stage=result]").boundingBox();
    page.mouse().move(box.x + box.width * place(), box.y + box.height * place());
    page.mouse().down();
    for (int k = 0; k < 2 + random.nextInt(4); k++) {
      page.mouse()
          .move(
              box.x + box.width * place(),
              box.y + box.height * place(),
              new com.microsoft.playwright.Mouse.MoveOptions().setSteps(5));
    }
    page.mouse().up();
    page.mouse().move(5, 5);
    page.waitForCondition(() -> !held.isEmpty());
    hand.awaitPaint();
    page.evaluate(REMEMBER);

    held.remove(0).resume();
    hand.kept(index + 1);
    hand.seeAsOn(api, id);
    @SuppressWarnings("unchecked")
    List<Number> compared = (List<Number>) page.evaluate(COMPARE);
    return compared.stream().map(Number::doubleValue).toList();
  }

  /** Of the stage's side, where the picture is. */
  private double place() {
    return 0.3 + 0.4 * random.nextDouble();
  }

  /** The brush as if it had been set in another window. */
  private void brush(int sizeStep, int softness, int strength) {
    page.evaluate(
        """
        (value) => {
          localStorage.setItem('brush', value)
          window.dispatchEvent(new StorageEvent('storage',
            { key: 'brush', newValue: value, storageArea: localStorage }))
        }
        """,
        "{\"sizeStep\": %d, \"softness\": %d, \"strength\": %d}"
            .formatted(sizeStep, softness, strength));
  }
}
