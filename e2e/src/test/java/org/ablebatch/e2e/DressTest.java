package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * A look is made on a set: sweep, the photographs' own shadows, two texts from the list. One
 * picture does something otherwise, what the look hurts is walked through and mended, and the
 * delivered pixels are what was seen.
 */
@SharedApplication
class DressTest {
  private static final int SIDE = 800;

  /** Of the photographs: enough for what is delivered. */
  private static final int LONG_SIDE = 1000;

  private static final int WALL = 0xE9E0CE;
  private static final int FLOOR = 0xD3C2A2;
  private static final String LIST =
      """
      file,title,note
      watering-can-green,Watering can,enamel
      steel-bucket,Bucket,steel
      enamel-jug,Jug,enamel
      """;

  @Test
  void fromNothingToADressedDelivery(Application application, Browser browser) throws Exception {
    Api api = new Api(application.address());
    long batch = passedPictures(api);
    Page page = browser.page();
    page.navigate(application.address() + "/#/batches/" + batch + "/dress");

    makeTheLook(page);
    keep(page, api, batch, "Oat and own shadow");
    changeOnePicture(page, api, batch);
    walkAndMend(page, api, batch);
    Map<String, byte[]> files = deliver(page);

    assertPixels(files);
    assertThat(browser.errors()).isEmpty();
  }

  private static long passedPictures(Api api) throws Exception {
    long batch = api.newBatch("To be dressed", "plain");
    Map<String, byte[]> photographs = new HashMap<>();
    for (String name :
        new String[] {"watering-can-green.jpg", "steel-bucket.jpg", "enamel-jug.jpg"}) {
      Path file = Photographs.demo("Enamel and glass", name);
      photographs.put(name, Photographs.smaller(file, LONG_SIDE));
    }
    api.upload(batch, photographs);
    api.giveList(batch, LIST);
    api.post("/api/v1/batches/" + batch + "/cut", "{}");
    Api.await(() -> api.count(batch, "to-check") == 3);
    for (JsonNode picture : api.pictures(batch)) {
      api.post("/api/v1/pictures/" + picture.get("id") + "/verdict", "{\"verdict\": \"pass\"}");
    }
    api.put(
        "/api/v1/batches/" + batch + "/specs",
        """
        {"specs": [{"name": "Shop", "width": 800, "height": 800, "format": "PNG"}]}
        """);
    return batch;
  }

  private static void makeTheLook(Page page) {
    page.locator("[data-part=backdrop]").getByRole(AriaRole.BUTTON).first().click();
    radio(page, "Sweep").click();
    addPart(page, "Own shadow");
    addText(page, "title", "4");
    addText(page, "note", "9");
    page.locator("[data-part=subject]").getByRole(AriaRole.BUTTON).first().click();
    radio(page, "On the floor").click();
    assertThat(page.locator(".picture[data-dressed=true]")).isVisible();
  }

  private static void addPart(Page page, String kind) {
    page.getByRole(AriaRole.BUTTON, named("Add a part")).click();
    page.getByRole(AriaRole.MENUITEM, named(kind)).click();
  }

  /** Says a column of the list instead of the file's name, so far down. */
  private static void addText(Page page, String column, String down) {
    addPart(page, "Text");
    page.getByLabel("Take File name out").click();
    page.getByRole(AriaRole.BUTTON, named("+ " + column)).click();
    Locator place = page.getByLabel("Text: place; the arrows move it");
    place.focus();
    // From 86 % to near the upper edge.
    for (int i = 0; i < 86 - Integer.parseInt(down); i++) {
      page.keyboard().press("ArrowUp");
    }
  }

  private static void keep(Page page, Api api, long batch, String name) throws Exception {
    page.keyboard().press("Control+s");
    page.getByLabel("Name of the look").fill(name);
    page.keyboard().press("Enter");
    assertThat(page.locator("[data-look='" + name + "'][aria-pressed=true]")).isVisible();
    assertThat(page.locator("[data-saved=true]")).isVisible();
    Api.await(() -> look(api, batch).get("name").asString().equals(name));
    JsonNode parts = parts(api, batch);
    assertThat(parts.valueStream().map(part -> part.get("setting").get("kind").asString()))
        .containsExactly("backdrop", "own-shadow", "subject", "text", "text");
  }

  /** The bucket alone stands smaller; the strip says so, and taking it back and again works. */
  private static void changeOnePicture(Page page, Api api, long batch) throws Exception {
    long bucket = idOf(api, batch, "steel-bucket.jpg");
    choose(page, api, batch, bucket);
    page.keyboard().press("o");
    page.locator("[data-part=subject]").getByRole(AriaRole.BUTTON).first().click();
    page.getByLabel("Margin, value").fill("25");
    page.keyboard().press("Enter");
    assertThat(page.getByText("own here")).isVisible();
    Api.await(() -> ownChanges(api, bucket).size() == 1);
    page.getByRole(AriaRole.BUTTON, named("Undo")).click();
    assertThat(page.getByText("own here")).hasCount(0);
    Api.await(() -> ownChanges(api, bucket).isEmpty());
    page.getByRole(AriaRole.BUTTON, named("Redo")).click();
    Api.await(() -> ownChanges(api, bucket).size() == 1);
    assertThat(parts(api, batch).toString()).doesNotContain("\"percent\":25");
  }

  private static void choose(Page page, Api api, long batch, long picture) {
    if (page.locator("[data-other='" + picture + "']").count() > 0) {
      page.locator("[data-other='" + picture + "']").click();
    }
    assertThat(page.locator("[data-other='" + picture + "']")).hasCount(0);
  }

  /** The first text is put over the subjects; the program says so, and mends it for all. */
  private static void walkAndMend(Page page, Api api, long batch) throws Exception {
    long jug = idOf(api, batch, "enamel-jug.jpg");
    choose(page, api, batch, jug);
    page.locator("[data-part=text]").getByRole(AriaRole.BUTTON).first().click();
    page.getByLabel("Text: place; the arrows move it").focus();
    for (int i = 0; i < 45; i++) {
      page.keyboard().press("ArrowDown");
    }
    page.getByLabel("Text: settings")
        .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("Middle"))
        .click();
    Locator over = page.locator("[data-problem=text-over-subject]");
    assertThat(over).containsText(": 3");
    over.click();
    assertThat(page.locator(".now")).containsText("over the subject");
    page.locator("[data-mend=text-over-subject]").click();
    assertThat(page.locator("[data-mended='3']")).isVisible();
    assertThat(over).hasCount(0);
    assertThat(ownChanges(api, jug).get(0).get("id").asString()).isEqualTo("text");
  }

  private static Map<String, byte[]> deliver(Page page) throws Exception {
    assertThat(page.locator("[data-saved=true]")).isVisible();
    page.keyboard().press("6");
    assertThat(page.getByRole(AriaRole.BUTTON, named("Make 3 files"))).isEnabled();
    page.locator(".title").first().click();
    page.keyboard().press("Enter");
    assertThat(page.locator("[data-delivery][data-state=done]")).isVisible();
    Download download =
        page.waitForDownload(() -> page.getByRole(AriaRole.LINK, named("ZIP")).first().click());
    return Photographs.unzip(Files.readAllBytes(download.path()));
  }

  private static void assertPixels(Map<String, byte[]> files) {
    Map<String, Picture> dressed = new HashMap<>();
    for (String name : new String[] {"watering-can-green", "steel-bucket", "enamel-jug"}) {
      Picture picture = Photographs.read(files.get(name + "_shop.png"));
      assertThat(picture.width()).isEqualTo(SIDE);
      assertNear(picture.at(2, 2), WALL);
      assertNear(picture.at(2, SIDE - 3), FLOOR);
      assertThat(picture.hasTransparency()).isFalse();
      assertThat(inked(picture)).as("texts on " + name).isGreaterThan(150);
      dressed.put(name, picture);
    }
    // The bucket has a margin of a quarter: its upper end lies lower than the jug's.
    assertThat(subjectTop(dressed.get("steel-bucket")))
        .isGreaterThan(subjectTop(dressed.get("enamel-jug")) + 60);
  }

  /** Pixels in the ink of the texts. */
  private static int inked(Picture picture) {
    int inked = 0;
    for (int pixel : picture.argb()) {
      inked += isNear(pixel, 0x1B2333, 24) ? 1 : 0;
    }
    return inked;
  }

  /** First row below the texts in whose middle something else than the wall is seen. */
  private static int subjectTop(Picture picture) {
    for (int y = SIDE * 14 / 100; y < SIDE; y++) {
      for (int x = SIDE * 3 / 10; x < SIDE * 7 / 10; x++) {
        if (!isNear(picture.at(x, y), WALL, 40)) {
          return y;
        }
      }
    }
    return SIDE;
  }

  private static void assertNear(int argb, int rgb) {
    for (int shift = 0; shift <= 16; shift += 8) {
      assertThat(argb >> shift & 0xFF).isCloseTo(rgb >> shift & 0xFF, within(2));
    }
  }

  private static boolean isNear(int argb, int rgb, int within) {
    for (int shift = 0; shift <= 16; shift += 8) {
      if (Math.abs((argb >> shift & 0xFF) - (rgb >> shift & 0xFF)) > within) {
        return false;
      }
    }
    return true;
  }

  private static long idOf(Api api, long batch, String fileName) {
    return api.pictures(batch).stream()
        .filter(picture -> picture.get("fileName").asString().equals(fileName))
        .findFirst()
        .orElseThrow()
        .get("id")
        .asLong();
  }

  private static JsonNode look(Api api, long batch) {
    return api.get("/api/v1/batches/" + batch).get("look");
  }

  private static JsonNode parts(Api api, long batch) {
    return api.get("/api/v1/looks/versions/" + look(api, batch).get("versionId")).get("parts");
  }

  private static JsonNode ownChanges(Api api, long picture) {
    return api.get("/api/v1/pictures/" + picture + "/look-changes").get("parts");
  }

  private static Locator radio(Page page, String name) {
    return page.getByRole(AriaRole.RADIO, named(name));
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }
}
