package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * Strokes live through a lost network, a closed tab, a killed server, other people, and a recut.
 */
@OwnApplication
class NothingLostTest {
  /** A quarter of the demo’s photograph: what is kept of a stroke does not depend on its size. */
  private static final int WIDTH = 800;

  private static final int HEIGHT = 600;

  /** How many unsent edits lie in the browser's store; what can be read there is on the disk. */
  private static final String EDITS_ON_DISK =
      """
      () => new Promise((done) => {
        const opening = indexedDB.open('able-batch-unsent')
        opening.onsuccess = () => {
          const db = opening.result
          const count = db.transaction('edits').objectStore('edits').count()
          count.onsuccess = () => {
            db.close()
            done(count.result)
          }
        }
      })
      """;

  @TempDir private Path data;

  private Api api;
  private long batch;
  private long id;

  @Test
  void nothingThatWasMadeIsLost(Browser browser, Chromium chromium) throws Exception {
    try (Application application = Application.start(data, "--no-demo")) {
      api = new Api(application.address());
      batch = api.newBatch("Nothing lost", "uneven");
      Path photograph = Photographs.demo("Spring tools", "hand-trowel.jpg");
      api.upload(batch, Map.of("trowel.jpg", Photographs.smaller(photograph, WIDTH)));
      api.post("/api/v1/batches/" + batch + "/cut", "");
      Api.await(() -> api.count(batch, "to-check") == 1);
      id = api.pictures(batch).get(0).get("id").asLong();
      api.post("/api/v1/pictures/" + id + "/verdict", "{\"verdict\": \"touch-up\"}");
      String address = application.address() + "/#/batches/" + batch + "/touch-up";

      theNetworkIsLostAndTheTabIsClosed(browser, address);
      twoPeopleMendTheSamePicture(browser, address);
      theServerIsKilled(browser, application, address);
      application.comeBack();
      Api.await(() -> edits() == 5);
      assertThat(application.said())
          .anyMatch(line -> line.contains("is started again (1 of at most 3 times"));
      theBrowserIsKilledInTheMiddleOfAStroke(chromium, address);
      thePictureIsCutAgainMeanwhile(browser, address);
      itIsCutAgainWhileTheWindowIsClosed(browser, address);
      assertThat(browser.errors()).isEmpty();
    }
  }

  private void theNetworkIsLostAndTheTabIsClosed(Browser browser, String address) throws Exception {
    Page page = open(browser, address);
    MendingHand hand = new MendingHand(page, WIDTH, HEIGHT);
    page.context().setOffline(true);
    hand.drag(620, 340, 635, 340);
    assertThat(page.locator("[data-saving]")).containsText("Not saved yet");
    page.context().setOffline(false);
    hand.kept(1);

    page.context().setOffline(true);
    hand.drag(550, 320, 565, 320);
    assertThat(page.locator("[data-saving]")).containsText("Not saved yet");
    page.close();
    page.context().setOffline(false);
    assertThat(edits()).isEqualTo(1);
    Page again = open(browser, address);
    new MendingHand(again, WIDTH, HEIGHT).kept(2);
    again.close();
  }

  private void twoPeopleMendTheSamePicture(Browser browser, String address) throws Exception {
    Page one = open(browser, address);
    Page two = open(browser, address);
    new MendingHand(one, WIDTH, HEIGHT).drag(240, 215, 250, 215);
    Api.await(() -> edits() == 3);
    MendingHand second = new MendingHand(two, WIDTH, HEIGHT);
    second.kept(3);
    second.drag(300, 220, 310, 220);
    new MendingHand(one, WIDTH, HEIGHT).kept(4);
    two.close();
    one.close();
  }

  private void theServerIsKilled(Browser browser, Application application, String address)
      throws Exception {
    Page page = open(browser, address);
    MendingHand hand = new MendingHand(page, WIDTH, HEIGHT);
    application.kill();
    hand.drag(450, 300, 465, 300);
    assertThat(page.locator("[data-saving]")).containsText("Not saved yet");
  }

  /** Nothing of it had reached the server: the network was away too. */
  private void theBrowserIsKilledInTheMiddleOfAStroke(Chromium chromium, String address)
      throws Exception {
    Path profile = data.resolve("profile");
    Browser killed = Browser.lasting(chromium, profile);
    Page page = killed.page();
    page.navigate(address);
    MendingHand hand = new MendingHand(page, WIDTH, HEIGHT);
    hand.see();
    page.context().setOffline(true);
    hand.drag(650, 320, 665, 320);
    hand.press(650, 350);
    int[] step = {0};
    // The hand goes on until the browser has put the half stroke on its disk.
    Api.await(
        () -> {
          hand.moveTo(650 + ++step[0] % 20, 350, 2);
          return ((Number) page.evaluate(EDITS_ON_DISK)).intValue() == 2;
        });
    Browser.kill(profile);
    assertThat(edits()).isEqualTo(5);

    try (Browser again = Browser.lasting(chromium, profile)) {
      again.page().navigate(address);
      MendingHand later = new MendingHand(again.page(), WIDTH, HEIGHT);
      later.see();
      later.kept(7);
    }
  }

  private void thePictureIsCutAgainMeanwhile(Browser browser, String address) throws Exception {
    Page page = open(browser, address);
    page.route("**/events", route -> route.abort());
    page.route("**/batches/" + batch + "/**", route -> route.abort());
    cutAgain("busy");
    assertThat(edits()).as("over the new cutout").isZero();

    MendingHand hand = new MendingHand(page, WIDTH, HEIGHT);
    hand.drag(600, 330, 615, 330);
    page.getByText("The one you were mending").click();

    hand.kept(8);
    assertThat(edits()).isEqualTo(8);
    page.close();
  }

  private void itIsCutAgainWhileTheWindowIsClosed(Browser browser, String address)
      throws Exception {
    Page page = open(browser, address);
    MendingHand hand = new MendingHand(page, WIDTH, HEIGHT);
    page.context().setOffline(true);
    hand.drag(500, 280, 515, 280);
    assertThat(page.locator("[data-saving]")).containsText("Not saved yet");
    page.close();
    page.context().setOffline(false);
    cutAgain("plain");

    Page again = open(browser, address);
    assertThat(again.getByText("This picture was cut again meanwhile")).isVisible();
    assertThat(edits()).as("nothing is put over another cutout unasked").isZero();
    again.getByText("The new one").click();

    new MendingHand(again, WIDTH, HEIGHT).kept(1);
    again.close();
  }

  private void cutAgain(String method) throws Exception {
    api.post("/api/v1/pictures/" + id + "/touch-up/done", "");
    api.post("/api/v1/pictures/" + id + "/recut", "{\"method\": \"" + method + "\"}");
    Api.await(() -> api.count(batch, "to-check") == 1);
    api.post("/api/v1/pictures/" + id + "/verdict", "{\"verdict\": \"touch-up\"}");
  }

  private static Page open(Browser browser, String address) {
    Page page = browser.another();
    page.navigate(address);
    new MendingHand(page, WIDTH, HEIGHT).see();
    return page;
  }

  private int edits() {
    JsonNode list = api.get("/api/v1/pictures/" + id + "/edits").get("edits");
    return list.size();
  }
}
