package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Bad files beside good ones: each named with its reason, the rest goes on. */
class BadFilesTest {
  @TempDir private Path data;
  @TempDir private Path files;

  @Test
  void badFilesAreNamedAndGoodOnesGoOn() throws Exception {
    Path good = Photographs.demo("Spring tools", "plant-sign-fennel.jpg");
    byte[] bytes = Files.readAllBytes(good);
    Path text = Files.writeString(files.resolve("list.jpg"), "twelve trowels, two rakes\n");
    Path half = Files.write(files.resolve("half.jpg"), Arrays.copyOf(bytes, bytes.length / 3));
    Path empty = Files.write(files.resolve("empty.png"), new byte[0]);
    Path twin = Files.write(files.resolve("twin.jpg"), bytes);

    try (Application application = Application.start(data, "--no-demo");
        Browser browser = new Browser()) {
      Page page = browser.page();
      long batch = new Api(application.address()).newBatch("Mixed bag");
      page.navigate(application.address() + "/#/batches/" + batch + "/intake");
      page.getByLabel("Files to add").setInputFiles(new Path[] {good, text, half, empty});
      assertThat(page.getByText("1 taken in, 3 not taken")).isVisible();
      page.getByLabel("Files to add").setInputFiles(twin);
      assertThat(page.getByText("1 taken in, 4 not taken")).isVisible();

      assertThat(line(page, "list.jpg")).containsText("This is a text file, not a picture");
      assertThat(line(page, "half.jpg")).containsText("ends too early");
      assertThat(line(page, "empty.png")).containsText("The file is empty (0 bytes)");
      assertThat(line(page, "twin.jpg")).containsText("“plant-sign-fennel.jpg”");
      line(page, "twin.jpg").getByText("Take it anyway").click();
      assertThat(page.getByText("2 taken in, 3 not taken")).isVisible();
      assertThat(page.locator("[data-count=intake]")).hasText("2");
      assertThat(page.content()).doesNotContain("Exception");
      assertThat(browser.errors()).isEmpty();
    }
  }

  private static Locator line(Page page, String name) {
    return page.locator(".report li", new Page.LocatorOptions().setHasText(name));
  }
}
