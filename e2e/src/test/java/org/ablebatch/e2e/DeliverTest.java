package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Pattern;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;

/**
 * Four specs from the shelf and by hand, words in the files, a file left out; then one picture
 * changes, and only its files are made, fetched and sent again. Then all is found on the shelf.
 */
@SharedApplication
class DeliverTest {
  private static final String[] NAMES = {"watering-can-green", "enamel-jug"};

  /** What is asked of the files is their size, and they are made from less as well. */
  private static final int LONG_SIDE = 1000;

  @Test
  void fourSpecsAndThenOnlyWhatChanged(Application application, Browser browser) throws Exception {
    Api api = new Api(application.address());
    long batch = passedPictures(api);
    Page page = browser.page();
    page.navigate(application.address() + "/#/batches/" + batch + "/deliver");

    chooseSpecs(page);
    nameThem(page);
    leaveWhileTyping(page, api, batch);
    Map<String, byte[]> files = deliver(page, 1, "Make 8 files");
    assertFiles(files);
    Shop shop = Shop.of(api);
    shop.makeTrouble(3, 5);
    send(page, 8);
    Map<String, Integer> sent = shop.sent();
    assertThat(sent).hasSize(8);

    api.put(
        "/api/v1/pictures/" + picture(api, batch, "enamel-jug.jpg") + "/look-changes",
        """
        {"parts": [{"id": "subject", "name": "Subject", "on": true, "setting": {
          "kind": "subject", "size": "margin", "percent": 30, "stand": "centre", "floor": 10,
          "x": 0, "y": 0, "rotate": 0, "flip": true, "keepCutSides": true}}]}
        """);
    page.reload();
    assertThat(page.locator("[data-filter=same]")).containsText("As last time 4");
    deliver(page, 2, "Make 8 files");
    Map<String, byte[]> changed =
        fetch(page, page.getByRole(AriaRole.LINK, named("ZIP, only 4 that changed")));
    assertThat(changed.keySet())
        .allMatch(name -> name.startsWith("JUG") || name.startsWith("manifest"))
        .hasSize(6);
    assertThat(new String(changed.get("manifest.json"), StandardCharsets.UTF_8))
        .contains("\"change\" : \"same\"", "\"change\" : \"changed\"");

    shop.makeTrouble(0, 0);
    send(page, 8);
    assertThat(shop.sent()).hasSize(12).containsAllEntriesOf(sent);

    page.locator("[data-file^='CAN'] input").first().uncheck();
    assertThat(button(page, "Deliver the same again")).isEnabled();
    findOnTheShelf(page, changed);
    assertThat(browser.errors()).isEmpty();
  }

  private static void send(Page page, int there) {
    Locator newest = page.locator("[data-delivery]").first();
    newest.getByText("Send to the shop").click();
    assertThat(newest.locator("[data-sending=done]"))
        .containsText(there + " of " + there + " there");
  }

  /** By a word, with its story; saved, taken off, and brought back. */
  private static void findOnTheShelf(Page page, Map<String, byte[]> files) throws Exception {
    page.locator("[data-delivery]").first().getByText("On the shelf").click();
    assertThat(page.locator("[data-found]")).hasText("8 finished files");
    page.locator("[data-one-delivery]").click();
    page.keyboard().press("/");
    page.keyboard().type("jug zoom");
    assertThat(page.locator("[data-found]")).hasText("1 finished file");
    Locator tile = page.locator("[data-file]").first();
    tile.click();
    String name = tile.getAttribute("data-file");
    assertThat(page.locator("[data-story]")).containsText("Passed by itself");
    assertThat(page.locator("[data-story]")).containsText("Delivered, changed");
    Download saved = page.waitForDownload(() -> page.keyboard().press("s"));
    assertThat(Files.readAllBytes(saved.path())).isEqualTo(files.get(name));

    page.keyboard().press("m");
    page.keyboard().press("t");
    page.locator("[data-tidy=chosen]").getByText("Take off").click();
    Locator back = page.locator("[data-taken-off]").first();
    assertThat(back).containsText("1 file");
    assertThat(page.locator("[data-found]")).hasText("0 finished files");
    back.getByText("Bring back").click();
    assertThat(page.locator("[data-found]")).hasText("1 finished file");
    assertThat(page.locator("[data-taken-off]")).hasCount(0);
  }

  private static void chooseSpecs(Page page) {
    assertThat(page.locator("[data-spec]")).hasCount(2);
    for (int left = 2; left > 0; left--) {
      page.locator("[data-spec]").first().getByText("Remove").click();
    }
    fromShelf(page, "Zoom");
    fromShelf(page, "Print page 4 × 5 in");
    fromShelf(page, "Layers for the designer");
    page.keyboard().press("n");
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    dialog.locator("#spec-name").fill("Light");
    dialog.getByLabel("Width").fill("700");
    dialog.getByLabel("Height").fill("700");
    dialog.getByLabel("Most kilobytes").fill("2");
    dialog.getByLabel("Most kilobytes").press("Tab");
    dialog.getByLabel("may become smaller").check();
    dialog.getByLabel("Most kilobytes").fill("30");
    dialog.getByLabel("Most kilobytes").press("Tab");
    dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add it")).click();
    assertThat(page.locator("[data-spec=Light]")).containsText("at most 30 KB");
    assertThat(page.locator("[data-spec=Light] img")).isVisible();
  }

  private static void fromShelf(Page page, String name) {
    page.keyboard().press("n");
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    dialog.locator("[data-common='" + name + "']").click();
    assertThat(dialog.locator("#spec-name")).hasValue(name);
    dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add it")).click();
    assertThat(page.locator("[data-spec='" + name + "']")).isVisible();
    dialog.waitFor(
        new Locator.WaitForOptions()
            .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
  }

  /** From the list's column, in capitals; and who made them stands in every file. */
  private static void nameThem(Page page) {
    for (String part : new String[] {"original name", "text", "spec"}) {
      page.getByLabel("Take out " + part).click();
    }
    for (String part : new String[] {"column", "text", "spec"}) {
      button(page, "+ " + part).first().click();
    }
    page.locator("[data-words=author] .row").click();
    page.locator("[data-words=author]").getByText("+ text").click();
    page.locator("[data-words=author] input").fill("Quillmoor Garden Works");
    choose(page, page.locator(".rules .ant-select").first(), "CAPITALS");
    assertThat(page.locator("[data-file^='CAN']").first()).isVisible();
    assertThat(page.locator("[data-words=author] .says")).hasText("Quillmoor Garden Works");
  }

  /** What was typed last is kept though the page is left before it is saved by itself. */
  private static void leaveWhileTyping(Page page, Api api, long batch) throws Exception {
    String address = page.url();
    Locator author = page.locator("[data-words=author] input");
    author.fill("Quillmoor Garden Works, Photographs");
    page.navigate("about:blank");
    Api.await(
        () ->
            api.get("/api/v1/batches/" + batch + "/file-words")
                .toString()
                .contains("Works, Photographs"));
    page.navigate(address);
    assertThat(page.locator("[data-words=author] .says"))
        .hasText("Quillmoor Garden Works, Photographs");
    page.locator("[data-words=author] .row").click();
    author.fill("Quillmoor Garden Works");
    assertThat(page.locator("[data-words=author] .says")).hasText("Quillmoor Garden Works");
  }

  private static Map<String, byte[]> deliver(Page page, int count, String make) throws Exception {
    assertThat(button(page, make)).isEnabled();
    page.locator(".title").first().click();
    page.keyboard().press("Enter");
    assertThat(page.locator("[data-delivery][data-state=done]")).hasCount(count);
    return fetch(page, page.getByRole(AriaRole.LINK, named("ZIP")).first());
  }

  private static Map<String, byte[]> fetch(Page page, Locator link) throws Exception {
    Download download = page.waitForDownload(link::click);
    return Photographs.unzip(Files.readAllBytes(download.path()));
  }

  private static void assertFiles(Map<String, byte[]> files) {
    assertThat(files.keySet())
        .filteredOn(name -> name.startsWith("CAN"))
        .anyMatch(name -> name.endsWith(".tif"))
        .anyMatch(name -> name.endsWith(".ora"))
        .anyMatch(name -> name.endsWith(".png"))
        .anyMatch(name -> name.endsWith(".jpg"));
    for (Map.Entry<String, byte[]> file : files.entrySet()) {
      if (file.getKey().endsWith(".jpg")) {
        assertThat(file.getValue()).hasSizeLessThanOrEqualTo(30_000);
        assertThat(new String(file.getValue(), StandardCharsets.UTF_8))
            .contains("<rdf:li>Quillmoor Garden Works</rdf:li>");
      } else if (file.getKey().endsWith(".tif")) {
        Picture print = Photographs.read(file.getValue());
        assertThat(print.width()).isEqualTo(1270);
        assertThat(print.height()).isEqualTo(1570);
      }
    }
    assertThat(files).hasSize(10);
  }

  private static long passedPictures(Api api) throws Exception {
    long batch = api.newBatch("To be delivered", "plain");
    Map<String, byte[]> photographs = new HashMap<>();
    for (String name : NAMES) {
      photographs.put(
          name + ".jpg",
          Photographs.smaller(Photographs.demo("Enamel and glass", name + ".jpg"), LONG_SIDE));
    }
    api.upload(batch, photographs);
    api.giveList(batch, "file,short\nwatering-can-green,can\nenamel-jug,jug\n");
    api.post("/api/v1/batches/" + batch + "/cut", "");
    Api.await(() -> api.count(batch, "to-check") == NAMES.length);
    for (String name : NAMES) {
      api.post(
          "/api/v1/pictures/" + picture(api, batch, name + ".jpg") + "/verdict",
          "{\"verdict\": \"pass\"}");
    }
    return batch;
  }

  private static long picture(Api api, long batch, String name) throws Exception {
    return api.pictures(batch).stream()
        .filter(p -> p.get("fileName").asString().equals(name))
        .findFirst()
        .orElseThrow()
        .get("id")
        .asLong();
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, named(name));
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static void choose(Page page, Locator select, String option) {
    select.click();
    page.locator(".ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option")
        .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + option + "$")))
        .first()
        .click();
  }
}
