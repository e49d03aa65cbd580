package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What would mend a finding: taken, refused and taken back in Check, and ready on the bench. */
@SharedApplication
class MendTest {
  private static final int WIDTH = 480;
  private static final int HEIGHT = 360;

  /** In the middle of every pot. */
  private static final int X = 215;

  private static final int Y = 180;

  private Api api;
  private Page page;

  @Test
  void oneKeyMendsWhatWasFound(Application application, Browser browser) throws Exception {
    api = new Api(application.address());
    page = browser.page();
    long batch = api.newBatch("Holes", "plain");
    api.upload(batch, Photographs.pots(3, WIDTH));
    api.post("/api/v1/batches/" + batch + "/cut", "");
    Api.await(() -> api.count(batch, "to-check") == 3);
    List<Long> pots = api.pictures(batch).stream().map(p -> p.get("id").asLong()).toList();
    for (long pot : pots) {
      makeAHole(pot);
    }
    page.navigate(application.address() + "/#/batches/" + batch + "/check");

    isTakenAndTakenBack(pots.get(0));
    isSaidToBeRight(pots.get(0));
    manyAreLookedAtTakenAndTakenBack(pots);
    isReadyOnTheBench(application, batch, pots.get(1));
    aClickBringsTheThingBack(application, batch, pots.get(2));
    assertThat(browser.errors()).isEmpty();
  }

  private void makeAHole(long pot) throws InterruptedException {
    String picture = "/api/v1/pictures/" + pot;
    api.post(picture + "/verdict", "{\"verdict\": \"touch-up\"}");
    api.post(
        picture + "/edits",
        "{\"clientKey\": \"made-by-hand\", \"edit\": {\"mode\": \"erase\", \"sizePx\": 44, \"points\": ["
            + X
            + ", "
            + Y
            + "]}}");
    api.post(picture + "/touch-up/done", "");
    awaitInspected(pot);
    assertThat(middle(pot)).isZero();
  }

  private void awaitInspected(long pot) throws InterruptedException {
    Api.await(
        () -> {
          JsonNode now = api.get("/api/v1/pictures/" + pot);
          return now.get("inspected").asBoolean() && !now.get("redrawing").asBoolean();
        });
  }

  private int middle(long pot) {
    Picture matte = Photographs.read(api.bytes("/api/v1/pictures/" + pot + "/matte.png"));
    return matte.at(X, Y) & 0xFF;
  }

  private void choose(long pot) {
    page.locator(".queue .row[data-picture='" + pot + "']").click();
    Checking.see(page);
  }

  private void isTakenAndTakenBack(long pot) throws InterruptedException {
    choose(pot);
    assertThat(page.locator(".over.tag")).containsText("comes back");
    page.keyboard().press("n");
    Locator looks = page.locator(".looks img");
    assertThat(looks).hasCount(2);
    page.waitForFunction(
        "() => [...document.querySelectorAll('.looks img')].every((i) => i.naturalWidth > 0)");
    assertThat(middle(pot)).as("only shown").isZero();

    page.keyboard().press("y");
    assertThat(page.locator("[data-last]")).containsText("1 mend taken");
    Api.await(() -> middle(pot) == 255);
    page.keyboard().press("Control+z");
    assertThat(page.locator("[data-last]")).containsText("1 mend taken back");
    Api.await(() -> middle(pot) == 0);
    awaitInspected(pot);
  }

  private void isSaidToBeRight(long pot) throws InterruptedException {
    choose(pot);
    assertThat(page.locator(".over.tag")).isVisible();
    page.keyboard().press("n");
    page.keyboard().press("f");
    assertThat(page.locator(".line.right .state")).hasText("said to be right");
    assertThat(page.locator(".over.tag")).hasCount(0);
    Api.await(() -> isRight(pot));
    page.keyboard().press("f");
    assertThat(page.locator(".line.right")).hasCount(0);
    Api.await(() -> !isRight(pot));
  }

  private boolean isRight(long pot) {
    return api.get("/api/v1/pictures/" + pot).get("findings").get(0).get("right").asBoolean();
  }

  private void manyAreLookedAtTakenAndTakenBack(List<Long> pots) throws InterruptedException {
    page.keyboard().press("c");
    assertThat(page.locator(".sheet .cell")).hasCount(3);
    page.keyboard().press("y");
    Locator takeAll = page.locator("[data-take-all]");
    assertThat(takeAll).hasText("Take 3 mends in 3 pictures");
    assertThat(page.locator(".six .looks img")).hasCount(6);
    assertThat(takeAll).isFocused();

    page.keyboard().press("Enter");

    assertThat(page.locator("[data-last]")).containsText("3 mends taken in 3 pictures");
    for (long pot : pots) {
      Api.await(() -> middle(pot) == 255);
    }
    page.getByText("Take all of them back").click();
    assertThat(page.locator("[data-last]")).containsText("3 mends taken back");
    for (long pot : pots) {
      Api.await(() -> middle(pot) == 0);
      awaitInspected(pot);
    }
    page.keyboard().press("c");
  }

  private void isReadyOnTheBench(Application application, long batch, long pot)
      throws InterruptedException {
    api.post(
        "/api/v1/pictures/" + pot + "/verdict",
        "{\"verdict\": \"touch-up\", \"remark\": {\"reason\": \"hole\"}}");
    page.navigate(application.address() + "/#/batches/" + batch + "/touch-up");
    MendingHand hand = new MendingHand(page, WIDTH, HEIGHT);
    hand.see();
    Locator ready = page.getByLabel("Mends that are ready");
    assertThat(ready).containsText("Hole in the subject");

    hand.key("y");
    hand.kept(2);
    hand.key("Control+Enter");

    Api.await(() -> middle(pot) == 255);
    JsonNode now = api.get("/api/v1/pictures/" + pot);
    assertThat(now.get("state").asString()).isEqualTo("to-check");
  }

  private void aClickBringsTheThingBack(Application application, long batch, long pot)
      throws InterruptedException {
    api.post("/api/v1/pictures/" + pot + "/verdict", "{\"verdict\": \"touch-up\"}");
    page.navigate(application.address());
    page.evaluate(
        "localStorage.setItem('brush',"
            + " JSON.stringify({ sizeStep: 20, softness: 0, strength: 100 }))");
    page.navigate(application.address() + "/#/batches/" + batch + "/touch-up");
    MendingHand hand = new MendingHand(page, WIDTH, HEIGHT);
    hand.see();
    hand.key("h");
    hand.press(X, Y);
    assertThat(page.locator("[data-thing]").first()).isVisible();
    assertThat(middle(pot)).as("only shown").isZero();
    hand.release();
    hand.kept(2);

    hand.key("Control+Enter");
    Api.await(() -> middle(pot) == 255);
  }
}
