package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * An upload over a slow line: the application is killed and comes back, and the open page goes on
 * by itself; then the page is loaded anew, and the same folder goes on where it stood.
 */
class ResumedUploadTest {
  private static final int PICTURES = 30;
  private static final int BYTES_A_SECOND = 90_000;
  private static final Duration PATIENCE = Duration.ofMinutes(3);

  @TempDir private Path data;
  @TempDir private Path files;

  @Test
  void anUploadSurvivesALostServerAndAReload() throws Exception {
    Path folder = Files.createDirectory(files.resolve("evening"));
    Photographs.writePots(folder, PICTURES, 2);
    long batch;
    try (Browser browser = new Browser()) {
      Page page = browser.page();
      Application application = Application.start(data, "--no-demo");
      try (Application killed = application) {
        Api api = new Api(killed.address());
        batch = api.newBatch("Slow line");
        slow(page);
        page.navigate(killed.address() + "/#/batches/" + batch + "/intake");
        page.getByLabel("Folder to add").setInputFiles(folder);
        Api.await(PATIENCE, () -> api.pictures(batch).size() >= 3);
        killed.kill();
      }

      try (Application back = application.again("--no-demo")) {
        Api api = new Api(back.address());
        int before = api.pictures(batch).size();
        assertThat(before).isBetween(3, PICTURES - 8);
        Api.await(PATIENCE, () -> api.pictures(batch).size() >= before + 3);

        page.reload();
        assertThat(page.getByText("have not come whole")).isVisible();
        int there = api.pictures(batch).size();
        page.getByLabel("Folder to add").setInputFiles(folder);
        Api.await(PATIENCE, () -> api.pictures(batch).size() == PICTURES);

        assertThat(there).isLessThan(PICTURES);
        List<JsonNode> pictures = api.pictures(batch);
        assertThat(pictures.stream().map(p -> p.get("fileName").asString()))
            .as("each once, in the folder’s order")
            .containsExactlyElementsOf(Photographs.pots(PICTURES).keySet());
        assertThat(page.getByText("Sending")).isHidden();
        assertThat(browser.errors()).isEmpty();
      }
    }
  }

  private static void slow(Page page) {
    CDPSession session = page.context().newCDPSession(page);
    session.send("Network.enable");
    JsonObject line = new JsonObject();
    line.addProperty("offline", false);
    line.addProperty("latency", 20);
    line.addProperty("downloadThroughput", -1);
    line.addProperty("uploadThroughput", BYTES_A_SECOND);
    session.send("Network.emulateNetworkConditions", line);
  }
}
