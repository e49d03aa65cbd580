package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * The demo comes in once; every main view and dialog of it is usable by everybody; and a second
 * start finds everything as it was.
 */
@OwnApplication
class DemoTest {

  /** Long sides of the demo's pictures here: what is tested does not need more. */
  private static final int LONG_SIDE = 320;

  @TempDir private Path data;
  @TempDir private Path demo;
  private Page page;
  private Axe axe;

  @Test
  void theDemoIsForEverybodyAndStaysAsItWas(Browser browser) throws Exception {
    page = browser.page();
    axe = new Axe();
    Photographs.writeSmallDemo(demo, LONG_SIDE);
    try (Application first = Application.start(data, "--demo", demo.toString())) {
      Api api = new Api(first.address());
      // The last thing that the demo does is to send one picture to the bench.
      Api.await(() -> inTouchUp(api) != null);
      everyViewIsForEverybody(first.address(), inTouchUp(api).get("id").asLong());
    }

    try (Application second = Application.start(data, "--demo", demo.toString())) {
      System.out.printf(
          "measured: a second start took %.1f s%n", second.startedIn().toMillis() / 1000.0);
      page.navigate(second.address());
      assertThat(page.locator("[data-batch]")).hasCount(4);
      assertThat(page.getByText("Spring tools")).isVisible();
      page.getByText("Growers, portraits").click();
      assertThat(page.locator(".film .tile img").first()).isVisible();
      assertThat(browser.errors()).isEmpty();
    }
  }

  private static JsonNode inTouchUp(Api api) {
    return api.get("/api/v1/batches")
        .valueStream()
        .filter(batch -> batch.get("counts").get("in-touch-up").asInt() == 1)
        .findFirst()
        .orElse(null);
  }

  private void everyViewIsForEverybody(String address, long batch) {
    // So high that no list is cut off in the middle of a line, which would count as a small target.
    page.setViewportSize(1280, 2400);
    page.navigate(address);
    page.locator("[data-batch]").first().waitFor();
    axe.findsNothingOn(page, "the floor");
    dialog("n", "a new batch");

    String station = address + "/#/batches/" + batch + "/";
    page.navigate(station + "intake");
    page.locator(".cell img").first().waitFor();
    axe.findsNothingOn(page, "Intake");
    page.locator(".cell").first().click();
    dialog("c", "cropping");
    dialog("s", "codes and groups");
    dialog("m", "the method");

    page.navigate(station + "cut");
    page.locator(".film .tile").first().click();
    axe.findsNothingOn(page, "Cut");
    page.keyboard().press("t");
    page.getByLabel("Test strip").locator("tbody tr").first().waitFor();
    axe.findsNothingOn(page, "the test strip");
    page.keyboard().press("g");
    page.locator(".guide canvas").waitFor();
    axe.findsNothingOn(page, "guiding");

    check(station);
    touchUp(station);

    dress(station);
    page.navigate(station + "deliver");
    page.locator("[data-spec]").first().waitFor();
    axe.findsNothingOn(page, "Deliver");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add a spec")).click();
    seeDialog("a spec");

    page.navigate(address + "/#/shelf");
    page.locator("[data-story] ol").waitFor();
    axe.findsNothingOn(page, "the shelf");
    dialog("t", "tidying up");
    dialog("d", "delivering again");
  }

  private void check(String station) {
    page.navigate(station + "check");
    Checking.see(page);
    axe.findsNothingOn(page, "Check");
    view("c", ".sheet .cell", "the contact sheet");
    view("m", ".pane", "comparing");
    view("q", ".quality", "quality");
    dialog("r", "recutting");
    dialog("Shift+T", "a remark");
    page.keyboard().press("i");
    // The button is pale until the plan has come.
    assertThat(page.getByText("Draw the sample").locator("xpath=ancestor::button")).isEnabled();
    seeDialog("sampling");
    page.keyboard().press("Escape");
    page.getByRole(AriaRole.DIALOG).waitFor(hidden());
    dialog("?", "the keys");
  }

  private void touchUp(String station) {
    page.navigate(station + "touch-up");
    assertThat(page.locator("[data-stage=result][data-ready=true]")).isVisible();
    axe.findsNothingOn(page, "Touch-up");
    for (String tool : new String[] {"s", "l", "a", "g", "u", "k", "h", "d", "o"}) {
      page.keyboard().press(tool);
      axe.findsNothingOn(page, "Touch-up after " + tool);
    }
  }

  private void dress(String station) {
    page.navigate(station + "dress");
    page.locator("[data-dressed=true]").first().waitFor();
    for (Locator part : page.locator("[data-part] button.name").all()) {
      part.click();
      axe.findsNothingOn(page, "Dress, " + part.innerText());
    }
    view("c", "[data-compare]", "looks side by side");
  }

  /** A view that a key opens and closes again. */
  private void view(String key, String shows, String what) {
    page.keyboard().press(key);
    page.locator(shows).first().waitFor();
    axe.findsNothingOn(page, what);
    page.keyboard().press(key);
    page.locator(shows).first().waitFor(hidden());
  }

  private void dialog(String key, String what) {
    page.keyboard().press(key);
    seeDialog(what);
    page.keyboard().press("Escape");
    page.getByRole(AriaRole.DIALOG).waitFor(hidden());
  }

  private void seeDialog(String what) {
    page.getByRole(AriaRole.DIALOG).waitFor();
    // It fades in, and colours in between are nobody's.
    page.waitForFunction(
        "() => document.querySelector('[role=dialog]').getAnimations({ subtree: true })"
            + ".every((animation) => animation.playState === 'finished')");
    axe.findsNothingOn(page, what);
  }

  private static Locator.WaitForOptions hidden() {
    return new Locator.WaitForOptions()
        .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN);
  }
}
