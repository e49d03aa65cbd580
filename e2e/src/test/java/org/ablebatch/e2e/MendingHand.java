package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;

/** The hand of a retoucher, on a picture that is fitted into the stage; places are its pixels. */
final class MendingHand {
  private static final double AIR_PX = 24;

  private final Page page;
  private final double pictureWidth;
  private final double pictureHeight;

  MendingHand(Page page, double pictureWidth, double pictureHeight) {
    this.page = page;
    this.pictureWidth = pictureWidth;
    this.pictureHeight = pictureHeight;
  }

  /** Waits until the picture lies on the bench. */
  void see() {
    assertThat(page.locator("[data-stage=result][data-ready=true]")).isVisible();
  }

  /** Waits until what is seen is drawn as the server has it now. */
  void seeAsOn(Api api, long picture) {
    awaitPaint();
    String state = api.get("/api/v1/pictures/" + picture + "/edits").get("state").asString();
    assertThat(page.locator("[data-stage=result]")).hasAttribute("data-state", state);
    awaitPaint();
  }

  /** Waits until everything that was asked to be drawn until now is drawn. */
  void awaitPaint() {
    page.evaluate(
        "() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))");
  }

  void key(String key) {
    page.keyboard().press(key);
  }

  void press(double x, double y) {
    moveTo(x, y, 1);
    page.mouse().down();
  }

  void moveTo(double x, double y, int steps) {
    BoundingBox box = page.locator("[data-stage=result]").boundingBox();
    double scale =
        Math.min((box.width - AIR_PX) / pictureWidth, (box.height - AIR_PX) / pictureHeight);
    double left = box.x + (box.width - pictureWidth * scale) / 2;
    double top = box.y + (box.height - pictureHeight * scale) / 2;
    page.mouse().move(left + x * scale, top + y * scale, new Mouse.MoveOptions().setSteps(steps));
  }

  void release() {
    page.mouse().up();
  }

  void click(double x, double y) {
    press(x, y);
    release();
  }

  void drag(double... xy) {
    press(xy[0], xy[1]);
    for (int k = 2; k < xy.length; k += 2) {
      moveTo(xy[k], xy[k + 1], 6);
    }
    release();
  }

  void choose(String words) {
    page.locator(".bar").getByText(words, new Locator.GetByTextOptions().setExact(true)).click();
  }

  /** Waits until the list has so many edits, all kept by the server. */
  void kept(int edits) {
    assertThat(page.locator(".edits li")).hasCount(edits + 1);
    assertThat(page.locator("[data-saving]")).hasText("Saved as you work");
  }
}
