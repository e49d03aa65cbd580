package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Bad files beside good ones: each named with its reason, the rest goes on. */
@SharedApplication
class BadFilesTest {
  @TempDir private Path files;

  @Test
  void badFilesAreNamedAndGoodOnesGoOn(Application application, Browser browser) throws Exception {
    Path good = Photographs.demo("Spring tools", "plant-sign-fennel.jpg");
    byte[] bytes = Files.readAllBytes(good);
    Path text = Files.writeString(files.resolve("list.jpg"), "twelve trowels, two rakes\n");
    Path half = Files.write(files.resolve("half.jpg"), Arrays.copyOf(bytes, bytes.length / 3));
    Path empty = Files.write(files.resolve("empty.png"), new byte[0]);
    Path twin = Files.write(files.resolve("twin.jpg"), bytes);

    Page page = browser.page();
    long batch = new Api(application.address()).newBatch("Mixed bag", "plain");
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
    page.getByLabel("Files to add")
        .setInputFiles(zipWith(Photographs.demo("Spring tools", "hand-trowel.jpg")));
    assertThat(page.getByText("3 taken in, 4 not taken")).isVisible();
    assertThat(line(page, "notes.txt")).containsText("This is a text file, not a picture");
    assertThat(page.locator("[data-count=intake]")).hasText("3");
    assertThat(page.content()).doesNotContain("Exception");
    assertThat(browser.errors()).isEmpty();
  }

  /** A folder with the photograph, a text, and what a file manager leaves behind. */
  private Path zipWith(Path photograph) throws IOException {
    Path file = files.resolve("spring.zip");
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
      zip.putNextEntry(new ZipEntry("spring/tools/trowel.jpg"));
      zip.write(Files.readAllBytes(photograph));
      zip.putNextEntry(new ZipEntry("spring/notes.txt"));
      zip.write("two rakes are missing\n".getBytes(StandardCharsets.UTF_8));
      zip.putNextEntry(new ZipEntry("spring/.DS_Store"));
      zip.write(new byte[40]);
    }
    return file;
  }

  private static Locator line(Page page, String name) {
    return page.locator(".report li", new Page.LocatorOptions().setHasText(name));
  }
}
