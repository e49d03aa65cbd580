package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.Map;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.Placement;
import org.ablebatch.core.dress.Standing;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The whole line through the real interface with real photographs, asserted on delivered pixels.
 */
@SharedApplication
class WholeLineTest {
  /** Of the photographs of which nothing but their way along the line is tested. */
  private static final int LONG_SIDE = 800;

  @TempDir private static Path files;

  @Test
  void fromFilesToDeliveredFiles(Application application, Browser browser) throws Exception {
    Page page = browser.page();
    Api api = new Api(application.address());
    long batch = makeBatchWithPhotographs(page, application.address());
    cut(page);
    passAllButTheCan(page);
    Place erased = eraseAndRestoreOnTheCan(page, api);
    deliver(page);
    Map<String, byte[]> files = download(page);
    assertPixels(files, erased);
    assertManifest(files);
    assertThat(api.count(batch, "delivered")).isEqualTo(3);
    assertThat(browser.errors()).isEmpty();
  }

  private static long makeBatchWithPhotographs(Page page, String address) throws Exception {
    page.navigate(address);
    page.locator(".drop").waitFor();
    page.keyboard().press("n");
    page.getByLabel("Name").fill("Trial run");
    page.keyboard().press("Enter");
    page.getByText("Drop photographs, a folder or a ZIP here").waitFor();
    page.getByLabel("Files to add")
        .setInputFiles(
            new Path[] {
              Photographs.demo("Enamel and glass", "watering-can-green.jpg"),
              small("hand-trowel.jpg"),
              small("secateurs-red.jpg")
            });
    assertThat(page.getByText("3 taken in")).isVisible();
    return Long.parseLong(page.url().replaceAll(".*/batches/(\\d+)/.*", "$1"));
  }

  private static Path small(String name) throws Exception {
    Path photograph = Photographs.demo("Spring tools", name);
    return Files.write(files.resolve(name), Photographs.smaller(photograph, LONG_SIDE));
  }

  private static void cut(Page page) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Cut 3")).click();
    assertThat(page.locator("[data-count=check]")).hasText("3");
    assertThat(page.locator("[data-count=cut]")).hasText("0");
  }

  private static void passAllButTheCan(Page page) {
    page.keyboard().press("3");
    page.locator(".queue .row:has([title*='watering-can'])").click();
    Checking.judge(page, "t");
    assertThat(page.locator("[data-count=touch-up]")).hasText("1");
    Checking.judge(page, "x");
    assertThat(page.locator("[data-count=check]")).hasText("1");
    page.keyboard().press("Control+z");
    assertThat(page.locator("[data-count=check]")).hasText("2");
    Checking.judge(page, "Enter");
    assertThat(page.locator("[data-count=check]")).hasText("1");
    Checking.judge(page, "Enter");
    assertThat(page.locator("[data-count=dress]")).hasText("2");
  }

  /** Where the brush was set, in the picture's pixels, with the measured content of the cutout. */
  private record Place(double x, double y, Rect content) {}

  private static Place eraseAndRestoreOnTheCan(Page page, Api api) {
    page.evaluate(
        "localStorage.setItem('brush', JSON.stringify({ sizeStep: 62, softness: 0, strength: 100 }))");
    page.keyboard().press("4");
    Locator stage = page.locator("[data-stage=result]");
    assertThat(page.locator("[data-stage=result][data-ready=true]")).isVisible();
    BoundingBox box = stage.boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2 + 20;
    page.keyboard().press("e");
    page.mouse().move(x, y);
    page.mouse().down();
    page.mouse().move(x + 4, y);
    page.mouse().up();
    page.keyboard().press("r");
    for (int i = 0; i < 7; i++) {
      page.keyboard().press("[");
    }
    page.mouse().move(x, y);
    page.mouse().down();
    page.mouse().up();
    assertThat(page.locator("[data-saving]")).hasText("Saved as you work");
    page.keyboard().press("Control+z");
    page.keyboard().press("Control+Shift+Z");
    assertThat(page.locator(".edits li")).hasCount(3);
    assertThat(page.locator("[data-saving]")).hasText("Saved as you work");

    long id = Long.parseLong(page.locator(".film .tile").getAttribute("data-picture"));
    JsonNode stroke = api.get("/api/v1/pictures/" + id + "/edits").get("edits").get(1).get("edit");
    page.keyboard().press("Control+Enter");
    assertThat(page.locator("[data-count=touch-up]")).hasText("0");
    page.keyboard().press("3");
    page.locator(".queue .row:has([title*='watering-can'])").click();
    assertThat(page.getByText("being redrawn")).hasCount(0);
    Checking.judge(page, "Enter");
    assertThat(page.locator("[data-count=dress]")).hasText("3");

    Matte matte = matteOf(api.bytes("/api/v1/pictures/" + id + "/matte.png"));
    double px = stroke.get("points").get(0).asDouble();
    double py = stroke.get("points").get(1).asDouble();
    assertThat(matte.at((int) px, (int) py)).as("restored").isEqualTo(255);
    assertThat(matte.at((int) px, (int) py + 40)).as("erased").isZero();
    return new Place(px, py, matte.contentBox(13));
  }

  private static void deliver(Page page) {
    page.keyboard().press("6");
    page.getByText("What will be made").waitFor();
    for (int left = page.locator("[data-spec]").count(); left > 0; left--) {
      page.locator("[data-spec]").first().getByText("Remove").click();
    }
    addSpec(page, "Clear", "PNG", null);
    addSpec(page, "Oat", "JPEG", "#E9E0CE");
    addSpec(page, "Light", "WebP", null);
    assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make 9 files")))
        .isEnabled();
    page.locator(".title").first().click();
    page.keyboard().press("Enter");
    assertThat(page.locator("[data-delivery][data-state=done]")).isVisible();
  }

  private static void addSpec(Page page, String name, String format, String colour) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add a spec")).click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    dialog.locator("#spec-name").fill(name);
    dialog.getByLabel("Width").fill("800");
    dialog.getByLabel("Height").fill("800");
    choose(page, dialog.locator(".pair .format"), format);
    if (colour != null) {
      choose(page, dialog.locator(".pair .fit").last(), "a colour");
      dialog
          .getByLabel("Colour", new Locator.GetByLabelOptions().setExact(true))
          .fill(colour.toLowerCase(java.util.Locale.ROOT));
    }
    dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add it")).click();
    assertThat(page.locator("[data-spec='" + name + "']")).isVisible();
  }

  private static void choose(Page page, Locator select, String option) {
    select.click();
    page.locator(".ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option")
        .filter(new Locator.FilterOptions().setHasText(option))
        .first()
        .click();
  }

  private static Map<String, byte[]> download(Page page) throws Exception {
    Download download =
        page.waitForDownload(
            () ->
                page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("ZIP"))
                    .first()
                    .click());
    return Photographs.unzip(Files.readAllBytes(download.path()));
  }

  private static void assertPixels(Map<String, byte[]> files, Place place) {
    Picture clear = Photographs.read(files.get("watering-can-green_clear.png"));
    Picture oat = Photographs.read(files.get("watering-can-green_oat.jpg"));
    Picture light = Photographs.read(files.get("watering-can-green_light.webp"));
    for (Picture picture : new Picture[] {clear, oat, light}) {
      assertThat(picture.width()).isEqualTo(800);
      assertThat(picture.height()).isEqualTo(800);
    }
    Placement placement =
        Standing.of(
                place.content(),
                Standing.CutSides.NONE,
                Look.DEFAULT.subject(),
                new Frame(800, 800))
            .placement();
    int x = (int) (place.x() * placement.scale() + placement.offsetX());
    int y = (int) (place.y() * placement.scale() + placement.offsetY());
    int beside = (int) ((place.y() + 40) * placement.scale() + placement.offsetY());
    assertThat(clear.at(x, y) >>> 24).as("restored").isEqualTo(255);
    assertThat(clear.at(x, beside) >>> 24).as("erased").isZero();
    assertThat(clear.at(0, 0) >>> 24).isZero();
    assertThat(clear.at(799, 799) >>> 24).isZero();
    assertThat(light.at(799, 0) >>> 24).isZero();
    assertNear(oat.at(0, 0), 0xE9E0CE);
    assertNear(oat.at(799, 799), 0xE9E0CE);
    assertNear(oat.at(x, beside), 0xE9E0CE);
  }

  private static void assertNear(int argb, int rgb) {
    for (int shift = 0; shift <= 16; shift += 8) {
      assertThat(Math.abs((argb >> shift & 0xFF) - (rgb >> shift & 0xFF))).isLessThanOrEqualTo(4);
    }
  }

  private static void assertManifest(Map<String, byte[]> files) throws Exception {
    JsonNode manifest = new JsonMapper().readTree(files.get("manifest.json"));
    assertThat(manifest.get("files")).hasSize(9);
    for (JsonNode file : manifest.get("files")) {
      byte[] bytes = files.get(file.get("name").asString());
      String hash = HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
      assertThat(file.get("sha256").asString()).isEqualTo(hash);
      assertThat(file.get("bytes").asInt()).isEqualTo(bytes.length);
    }
    assertThat(new String(files.get("manifest.csv"), java.nio.charset.StandardCharsets.UTF_8))
        .startsWith("name,sha256,bytes");
  }

  private static Matte matteOf(byte[] png) {
    Picture picture = Photographs.read(png);
    byte[] coverage = new byte[picture.argb().length];
    for (int i = 0; i < coverage.length; i++) {
      coverage[i] = (byte) picture.argb()[i];
    }
    return new Matte(picture.width(), picture.height(), coverage);
  }
}
