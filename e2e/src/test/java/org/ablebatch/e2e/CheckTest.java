package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A checker's work, from the keyboard: findings, verdicts, many at once, and mistakes. */
@SharedApplication
class CheckTest {
  private static final int LONG_SIDE = 480;
  private static final List<String> PICTURES =
      List.of(
          "grass-pot-garden.jpg",
          "bench-brush.jpg",
          "hand-trowel.jpg",
          "rubber-boots.jpg",
          "secateurs-red.jpg",
          "plant-sign-fennel.jpg");

  @Test
  void judgesWhatIsDoubtful(Application application, Browser browser) throws Exception {
    Page page = browser.page();
    Api api = new Api(application.address());
    long batch = cutBatch(api);
    page.navigate(application.address() + "/#/batches/" + batch + "/check");
    findingsAreWalkedAndTravelAlong(page, api);
    aDoubleKeyPressJudgesOnePicture(page, api, batch);
    manyArePassedAndTakenBack(page, api, batch);
    aSampleIsAcceptedAndAnotherIsNot(page, api, batch);
    versionsAreComparedChosenAndMerged(page, api);
    aStaleVerdictIsNotRecorded(browser, api, application.address(), batch);
    assertThat(browser.errors()).isEmpty();
  }

  /** No number lies on another one or outside of the stage. */
  private static final String NUMBERS_APART =
      """
      () => {
        const boxOf = (element) => element.getBoundingClientRect()
        const stage = boxOf(document.querySelector('.markers'))
        const numbers = [...document.querySelectorAll('.markers .number')].map(boxOf)
        const inside = (n) =>
          n.left >= stage.left && n.right <= stage.right &&
          n.top >= stage.top && n.bottom <= stage.bottom
        const apart = (a, b) =>
          a.right <= b.left || b.right <= a.left || a.bottom <= b.top || b.bottom <= a.top
        return numbers.length > 0 && numbers.every((n, i) =>
          inside(n) && numbers.slice(i + 1).every((other) => apart(n, other)))
      }
      """;

  /** Two presses in one breath: whatever the machine does, nothing can appear in between. */
  private static final String TWICE_AT_ONCE =
      """
      () => {
        const press = () => document.body.dispatchEvent(
          new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }))
        press()
        press()
      }
      """;

  private static long cutBatch(Api api) throws Exception {
    long batch = api.newBatch("To be judged");
    for (String name : PICTURES) {
      Path photograph = Photographs.demo("Spring tools", name);
      api.upload(batch, Map.of(name, Photographs.smaller(photograph, LONG_SIDE)));
    }
    api.post("/api/v1/batches/" + batch + "/cut", "");
    Api.await(() -> api.count(batch, "to-check") == PICTURES.size());
    return batch;
  }

  private static void findingsAreWalkedAndTravelAlong(Page page, Api api) {
    Checking.see(page);
    Locator first = page.locator(".queue .row.on");
    assertThat(first).isVisible();
    long id = Long.parseLong(first.getAttribute("data-picture"));
    JsonNode worst = api.get("/api/v1/pictures/" + id).get("findings").get(0);
    assertThat(worst.get("severity").asDouble()).isGreaterThan(0.3);

    page.keyboard().press("n");
    assertThat(page.locator(".markers g.on .place")).isVisible();
    BoundingBox place = page.locator(".markers g.on .place").boundingBox();
    BoundingBox stage = page.locator(".check-stage canvas").first().boundingBox();
    assertThat(place.x + place.width / 2).isBetween(stage.x, stage.x + stage.width);
    assertThat(place.y + place.height / 2).isBetween(stage.y, stage.y + stage.height);
    assertThat(page.locator(".markers .number.on")).isVisible();
    page.keyboard().press("z");
    page.keyboard().press("Shift+A");
    assertThat((Boolean) page.evaluate(NUMBERS_APART)).isTrue();
    page.keyboard().press("n");
    assertThat(page.locator(".markers .number.on")).isVisible();
    page.keyboard().press("Shift+B");
    page.keyboard().press("w");
    assertThat(page.getByText("Original at the left")).isVisible();
    page.keyboard().press("w");

    page.keyboard().press("Shift+T");
    page.locator("textarea").fill("Mend this first");
    page.keyboard().press("Enter");
    assertThat(page.locator("[data-count=touch-up]")).hasText("1");
    JsonNode remark = api.get("/api/v1/pictures/" + id).get("remark");
    assertThat(remark.get("text").asString()).isEqualTo("Mend this first");
    assertThat(remark.get("reason").asString()).isEqualTo(worst.get("kind").asString());
    assertThat(remark.get("x").asInt()).isEqualTo(worst.get("x").asInt());
  }

  private static void aDoubleKeyPressJudgesOnePicture(Page page, Api api, long batch)
      throws Exception {
    Checking.see(page);
    page.evaluate(TWICE_AT_ONCE);
    assertThat(page.locator("[data-last]")).containsText("has only just appeared");
    assertThat(page.locator("[data-count=dress]")).hasText("1");
    assertThat(api.count(batch, "passed")).isEqualTo(1);
    page.keyboard().press("Control+z");
    assertThat(page.locator("[data-count=dress]")).hasText("0");
  }

  private static void manyArePassedAndTakenBack(Page page, Api api, long batch) throws Exception {
    page.keyboard().press("c");
    Locator cells = page.locator(".sheet .cell");
    assertThat(cells).hasCount(5);
    page.getByLabel("Confidence from").fill("0");
    page.getByLabel("Confidence from").press("Tab");
    cells.first().click();
    Locator pass = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Pass 4"));
    assertThat(pass).isVisible();
    page.keyboard().press("Enter");
    assertThat(page.locator("[data-count=dress]")).hasText("4");
    assertThat(page.locator("[data-count=check]")).hasText("1");
    page.getByText("Take all of them back").click();
    assertThat(page.locator("[data-count=check]")).hasText("5");
    assertThat(api.count(batch, "passed")).isZero();
    page.keyboard().press("c");
  }

  private static void aSampleIsAcceptedAndAnotherIsNot(Page page, Api api, long batch)
      throws Exception {
    page.evaluate(
        "localStorage.setItem('sampling-level', 'I'); localStorage.setItem('sampling-limit', '6.5')");
    page.reload();
    drawSample(page, "Of 5 cutouts 2 are looked at");
    assertThat(page.locator(".queue .row")).hasCount(2);
    Checking.judge(page, "Enter");
    assertThat(page.locator("[data-sample]")).containsText("1 of 2 judged, 0 faulty");
    Checking.judge(page, "Enter");
    assertThat(page.locator("[data-sample]")).containsText("The batch is accepted");
    page.getByText("Pass the other 3").click();
    assertThat(page.locator("[data-count=dress]")).hasText("5");
    page.getByText("Take all of them back").click();
    assertThat(page.locator("[data-count=check]")).hasText("3");
    endSample(page);

    drawSample(page, "Of 3 cutouts 2 are looked at");
    Checking.judge(page, "x");
    assertThat(page.locator("[data-sample]")).containsText("The batch is not accepted");
    endSample(page);
    assertThat(page.locator(".queue .row")).hasCount(2);
    assertThat(api.count(batch, "rejected")).isEqualTo(1);
  }

  private static void endSample(Page page) {
    page.getByText("Done with the sample").click();
    assertThat(page.locator("[data-sample]")).hasCount(0);
  }

  private static void drawSample(Page page, String says) {
    page.locator(".queue .row.on").waitFor();
    page.keyboard().press("i");
    assertThat(page.locator(".ant-modal .plan").first()).containsText(says);
    page.getByText("Draw the sample").click();
    assertThat(page.locator("[data-sample]")).containsText("0 of 2 judged");
  }

  private static void versionsAreComparedChosenAndMerged(Page page, Api api) throws Exception {
    Checking.see(page);
    long id = Long.parseLong(page.locator(".queue .row.on").getAttribute("data-picture"));
    String picture = "/api/v1/pictures/" + id;
    long first = api.get(picture).get("versionId").asLong();
    api.post(picture + "/recut", "{\"method\": \"person\"}");
    Api.await(
        () ->
            api.get(picture).get("state").asString().equals("to-check")
                && api.get(picture).get("versionId").asLong() != first);
    page.locator(".queue .row[data-picture='" + id + "']").click();
    page.keyboard().press("m");
    assertThat(page.locator(".pane")).hasCount(2);
    assertThat(page.locator(".pane .region").first()).isVisible();

    // The smallest lies on top of those that it lies in.
    page.locator(".pane .region").last().click();
    assertThat(page.locator(".pane")).hasCount(3);
    JsonNode versions = api.get(picture + "/versions");
    assertThat(versions.get(2).get("maker").asString()).isEqualTo("merged");
    assertThat(versions.get(2).get("current").asBoolean()).isTrue();

    // Its number, not its middle: there an outlined place would be taken.
    page.locator(".pane header").first().click();
    page.keyboard().press("Enter");
    assertThat(page.locator(".check-stage")).isVisible();
    assertThat(api.get(picture).get("versionId").asLong()).isEqualTo(first);
  }

  /** Another page that hears nothing of what happens meanwhile. */
  private static void aStaleVerdictIsNotRecorded(
      Browser browser, Api api, String address, long batch) throws Exception {
    Page deaf = browser.another();
    deaf.route("**/events**", route -> route.abort());
    deaf.navigate(address + "/#/batches/" + batch + "/check");
    Checking.see(deaf);
    long id = Long.parseLong(deaf.locator(".queue .row.on").getAttribute("data-picture"));
    api.post("/api/v1/pictures/" + id + "/recut", "{\"method\": \"plain\"}");
    Api.await(() -> api.get("/api/v1/pictures/" + id).get("state").asString().equals("to-check"));

    deaf.keyboard().press("Enter");

    assertThat(deaf.locator("[data-last]")).containsText("Your verdict was not recorded");
    assertThat(api.get("/api/v1/pictures/" + id).get("state").asString()).isEqualTo("to-check");
    deaf.close();
  }
}
