package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.ByteArrayInputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Every tool of the bench on a real photograph, by hand; what counts is the matte. */
@SharedApplication
class TouchUpToolsTest {
  private static final double WIDTH = 1600;
  private static final double HEIGHT = 1200;

  /** Places of the photograph: a wooden handle, a steel blade, and the table. */
  private static final int[] HANDLE = {480, 430};

  private static final int[] BLADE = {1240, 680};
  private static final int[] TABLE = {300, 900};

  private Api api;
  private long id;
  private long sibling;
  private Page page;
  private MendingHand hand;

  @Test
  void everyToolChangesTheMatteAsItSays(Application application, Browser browser) throws Exception {
    api = new Api(application.address());
    long batch = api.newBatch("Mending", "uneven");
    Path photograph = Photographs.demo("Spring tools", "hand-trowel.jpg");
    Path other = Photographs.demo("Spring tools", "secateurs-red.jpg");
    api.upload(batch, Map.of("trowel.jpg", Files.readAllBytes(photograph)));
    api.upload(batch, Map.of("secateurs.jpg", Photographs.smaller(other, 480)));
    api.post("/api/v1/batches/" + batch + "/cut", "");
    Api.await(() -> api.count(batch, "to-check") == 2);
    id = api.pictures(batch).get(0).get("id").asLong();
    sibling = api.pictures(batch).get(1).get("id").asLong();
    api.post("/api/v1/pictures/" + id + "/verdict", "{\"verdict\": \"touch-up\"}");
    page = browser.page();
    hand = new MendingHand(page, WIDTH, HEIGHT);
    page.navigate(application.address());
    page.evaluate(
        "localStorage.setItem('brush',"
            + " JSON.stringify({ sizeStep: 56, softness: 20, strength: 100 }))");
    page.navigate(application.address() + "/#/batches/" + batch + "/touch-up");
    hand.see();
    brushes();
    pickAndShapes();
    subjectsAndHints();
    lineEdgeAndOtherVersion();
    list();
    assertThat(browser.errors()).isEmpty();
  }

  private void brushes() throws Exception {
    hand.key("e");
    hand.drag(BLADE[0], BLADE[1], BLADE[0] + 30, BLADE[1]);
    hand.kept(1);
    assertThat(cover(BLADE)).as("erased").isZero();
    hand.key("Control+z");
    hand.kept(0);
    assertThat(cover(BLADE)).as("undone").isEqualTo(255);
    hand.key("Control+Shift+Z");
    hand.kept(1);
    assertThat(cover(BLADE)).as("done again").isZero();

    hand.key("r");
    hand.key("c");
    hand.drag(BLADE[0] - 20, BLADE[1], BLADE[0] + 50, BLADE[1]);
    hand.kept(2);
    assertThat(cover(BLADE)).as("restored, following edges").isGreaterThan(230);

    hand.key("c");
    hand.click(TABLE[0], TABLE[1]);
    hand.kept(3);
    assertThat(cover(TABLE)).as("a piece of table").isEqualTo(255);
    hand.key("c");
    hand.key("e");
    hand.drag(TABLE[0] - 40, TABLE[1], TABLE[0] + 40, TABLE[1]);
    hand.kept(4);
    assertThat(cover(TABLE)).as("gone again").isLessThan(20);
    hand.key("c");

    hand.key("s");
    hand.drag(HANDLE[0] - 80, HANDLE[1] - 62, HANDLE[0] + 80, HANDLE[1] - 40);
    hand.kept(5);
    assertThat(cover(HANDLE)).as("beside the strand stroke").isEqualTo(255);
  }

  private void pickAndShapes() throws Exception {
    hand.key("r");
    hand.click(TABLE[0], TABLE[1]);
    hand.kept(6);
    hand.key("g");
    hand.choose("Erase");
    hand.press(TABLE[0], TABLE[1]);
    hand.moveTo(TABLE[0] + 160, TABLE[1], 4);
    hand.release();
    hand.kept(7);
    assertThat(cover(TABLE)).as("the table's colour is erased").isLessThan(30);
    assertThat(cover(HANDLE)).as("another colour is not").isEqualTo(255);

    hand.key("a");
    hand.choose("Ellipse");
    hand.drag(HANDLE[0] - 60, HANDLE[1] - 40, HANDLE[0] + 60, HANDLE[1] + 40);
    assertThat(page.locator(".edits li")).hasCount(8);
    assertThat(cover(HANDLE)).as("letting go does nothing").isEqualTo(255);
    hand.key("Enter");
    hand.kept(8);
    assertThat(cover(HANDLE)).as("erased inside").isZero();
    hand.key("Control+z");
    hand.kept(7);

    hand.choose("Corners");
    hand.click(BLADE[0] - 60, BLADE[1] - 40);
    hand.click(BLADE[0] + 60, BLADE[1] - 40);
    hand.click(BLADE[0], BLADE[1] + 60);
    hand.key("Enter");
    hand.key("i");
    hand.key("e");
    hand.drag(BLADE[0] - 160, BLADE[1], BLADE[0] + 100, BLADE[1]);
    hand.kept(8);
    assertThat(cover(BLADE)).as("inside the shape").isZero();
    assertThat(cover(BLADE[0] - 130, BLADE[1])).as("outside of it").isEqualTo(255);
    hand.key("i");
    hand.key("Escape");
    hand.key("Control+z");
    hand.kept(7);

    hand.key("a");
    hand.choose("Along edge");
    hand.click(940, 520);
    hand.moveTo(1100, 540, 3);
    assertThat(page.locator("svg .lead").first())
        .hasAttribute("points", java.util.regex.Pattern.compile("(\\S+ ){3,}\\S+"));
    hand.click(1200, 580);
    hand.key("Escape");
    hand.key("Escape");
  }

  private void subjectsAndHints() throws Exception {
    hand.key("a");
    hand.choose("Box");
    hand.drag(200, 300, 720, 560);
    hand.key("Enter");
    hand.kept(8);
    assertThat(cover(HANDLE)).as("the handle is gone").isZero();
    hand.key("u");
    hand.choose("Add");
    hand.drag(180, 310, 730, 560);
    hand.kept(9);
    assertThat(cover(HANDLE)).as("the engine found it").isGreaterThan(220);

    hand.key("h");
    hand.choose("Backdrop");
    hand.drag(BLADE[0], BLADE[1], BLADE[0] + 60, BLADE[1] + 10);
    hand.kept(10);
    assertThat(cover(BLADE[0] + 30, BLADE[1] + 5)).as("said to be backdrop").isZero();
    hand.drag(BLADE[0], BLADE[1], 800, 900);
    hand.kept(10);
    assertThat(cover(BLADE[0] + 30, BLADE[1] + 5)).as("the hint was moved away").isEqualTo(255);
    hand.key("Delete");
    hand.kept(9);
  }

  private void lineEdgeAndOtherVersion() throws Exception {
    hand.key("l");
    hand.drag(300, 1000, 450, 1010, 600, 1000);
    hand.kept(10);
    assertThat(cover(450, 1009)).as("a line is there").isGreaterThan(200);
    assertThat(cover(450, 1040)).as("and nothing beside it").isZero();

    double before = kept(id);
    double siblingBefore = kept(sibling);
    hand.key("d");
    Locator grow = page.locator(".edge-settings .ant-slider-handle").nth(1);
    grow.focus();
    for (int k = 0; k < 8; k++) {
      page.keyboard().press("ArrowLeft");
    }
    page.getByText("Keep here and for the other 1").click();
    hand.kept(11);
    assertThat(kept(id)).as("the outline shrank").isLessThan(before);
    assertThat(page.locator(".edits li").first()).containsText("4 px in");
    Locator elsewhere = page.locator(".edits li").first().locator("[data-elsewhere]");
    assertThat(elsewhere).containsText("also in 1 other picture");
    assertThat(kept(sibling)).as("that of its neighbour too").isLessThan(siblingBefore);
    page.reload();
    hand.see();
    elsewhere.getByText("Take back there").click();
    assertThat(elsewhere).hasCount(0);
    assertThat(kept(sibling)).as("as it was").isEqualTo(siblingBefore);

    api.post("/api/v1/pictures/" + sibling + "/verdict", "{\"verdict\": \"touch-up\"}");
    assertThat(page.locator("[data-count=touch-up]")).hasText("2");
    hand.key("k");
    page.getByLabel("Cut by another method, to take from").click();
    page.locator(".ant-select-dropdown").getByText("Busy scene").click();
    assertThat(page.locator(".bar [role=radio]").getByText("Busy scene")).isVisible();
    hand.drag(850, 480, 1560, 840);
    hand.kept(12);
    assertThat(page.locator(".edits li").first()).containsText("Taken from another version");
  }

  private void list() throws Exception {
    page.reload();
    hand.see();
    hand.kept(12);
    Locator line = page.locator(".edits li:has-text('Traced line')");
    line.locator("button[role=switch]").click();
    assertThat(page.locator("[data-saving]")).hasText("Saved as you work");
    assertThat(cover(450, 1009)).as("the line is switched off").isZero();
    line.hover();
    line.getByLabel("Take it out").click();
    hand.kept(11);
    page.getByText("Back to automatic").click();
    hand.kept(0);
    assertThat(cover(BLADE)).isEqualTo(255);
    hand.key("Control+Shift+Z");
    hand.kept(1);
    hand.key("Control+Enter");
    assertThat(page.locator("[data-count=touch-up]")).hasText("1");
    assertThat(page.getByText("secateurs.jpg").first()).isVisible();
  }

  private int cover(int[] place) throws Exception {
    return cover(place[0], place[1]);
  }

  /** Coverage 0..255 on the server. */
  private int cover(int x, int y) throws Exception {
    return matte(id).getRaster().getSample(x, y, 0);
  }

  /** The sum of coverage, once what was asked for is drawn. */
  private double kept(long picture) throws Exception {
    Api.await(() -> !api.get("/api/v1/pictures/" + picture).get("redrawing").asBoolean());
    var raster = matte(picture).getRaster();
    double sum = 0;
    for (int y = 0; y < raster.getHeight(); y += 3) {
      for (int x = 0; x < raster.getWidth(); x += 3) {
        sum += raster.getSample(x, y, 0);
      }
    }
    return sum;
  }

  private java.awt.image.BufferedImage matte(long picture) throws Exception {
    return ImageIO.read(
        new ByteArrayInputStream(api.bytes("/api/v1/pictures/" + picture + "/matte.png")));
  }
}
