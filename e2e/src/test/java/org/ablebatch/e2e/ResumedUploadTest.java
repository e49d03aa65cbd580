package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * An upload over a slow line: the application is killed and comes back, and the open page goes on
 * by itself; then the page is loaded anew, and the same folder goes on where it stood.
 */
@OwnApplication
class ResumedUploadTest {
  private static final int PICTURES = 30;
  private static final int WIDTH = 816;
  private static final int SLOW = 30_000;
  private static final int NEARLY_NOTHING = 200;
  private static final int ANY_SPEED = -1;

  @TempDir private Path data;
  @TempDir private Path files;
  private CDPSession line;

  @Test
  void anUploadSurvivesALostServerAndAReload(Browser browser) throws Exception {
    Path folder = Files.createDirectory(files.resolve("evening"));
    Photographs.writePots(folder, PICTURES, WIDTH);
    Page page = browser.page();
    try (Application application = Application.start(data, "--no-demo")) {
      Api api = new Api(application.address());
      page.navigate(application.address());
      page.getByText("Drop them anywhere on this page to begin").waitFor();
      long batch = api.newBatch("Slow line", "plain");
      line = page.context().newCDPSession(page);
      line.send("Network.enable");
      speed(SLOW);
      page.navigate(application.address() + "/#/batches/" + batch + "/intake");
      page.getByLabel("Folder to add").setInputFiles(folder);
      Api.await(() -> api.pictures(batch).size() >= 3);
      speed(NEARLY_NOTHING);
      application.kill();
      application.comeBack();

      int before = api.pictures(batch).size();
      assertThat(before).isBetween(3, PICTURES - 8);
      speed(SLOW);
      Api.await(() -> api.pictures(batch).size() >= before + 3);
      speed(NEARLY_NOTHING);

      page.reload();
      assertThat(page.getByText("have not come whole")).isVisible();
      int there = api.pictures(batch).size();
      speed(ANY_SPEED);
      page.getByLabel("Folder to add").setInputFiles(folder);
      Api.await(() -> api.pictures(batch).size() == PICTURES);

      assertThat(there).isLessThan(PICTURES);
      List<JsonNode> pictures = api.pictures(batch);
      assertThat(pictures.stream().map(p -> p.get("fileName").asString()))
          .as("each once, in the folder’s order")
          .containsExactlyElementsOf(Photographs.pots(PICTURES, 8).keySet());
      assertThat(page.getByText("Sending")).isHidden();
      assertThat(browser.errors()).isEmpty();
    }
  }

  /**
   * @param bytesASecond of the line from the browser to the server
   */
  private void speed(int bytesASecond) {
    JsonObject conditions = new JsonObject();
    conditions.addProperty("offline", false);
    conditions.addProperty("latency", 20);
    conditions.addProperty("downloadThroughput", -1);
    conditions.addProperty("uploadThroughput", bytesASecond);
    line.send("Network.emulateNetworkConditions", conditions);
  }
}
