package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** On the Cut station: a subject switched off, a box drawn, an empty set attached. */
@SharedApplication
class GuideTest {
  private static final int LEFT_POT = 230;
  private static final int RIGHT_POT = 660;

  @TempDir private Path files;

  @Test
  void subjectsBoxesAndTheEmptySet(Application application, Browser browser) throws Exception {
    Path bare = Files.write(files.resolve("bare-set.jpg"), Photographs.pair(false));
    Api api = new Api(application.address());
    long batch = api.newBatch("Pairs");
    api.upload(batch, Map.of("pair.jpg", Photographs.pair(true)));
    Page page = browser.page();
    page.navigate(application.address() + "/#/batches/" + batch + "/cut");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Cut 1")).click();
    Api.await(() -> api.count(batch, "to-check") == 1);
    long picture = api.pictures(batch).get(0).get("id").asLong();

    page.locator(".film .tile").first().click();
    page.keyboard().press("g");
    page.getByLabel("Keep subject 2").click();
    page.keyboard().press("Enter");
    awaitVersion(api, picture, 2);
    assertThat(alpha(api, picture, LEFT_POT)).isEqualTo(255);
    assertThat(alpha(api, picture, RIGHT_POT)).isZero();

    drawBoxAroundTheRightPot(page);
    page.keyboard().press("Enter");
    awaitVersion(api, picture, 3);
    assertThat(alpha(api, picture, LEFT_POT)).isZero();
    assertThat(alpha(api, picture, RIGHT_POT)).isEqualTo(255);
    assertThat(page.getByText("in the box drawn")).isVisible();

    page.keyboard().press("Escape");
    page.getByLabel("Empty-set photograph").setInputFiles(bare);
    assertThat(page.getByText("bare-set.jpg")).isVisible();
    page.keyboard().press("g");
    page.getByLabel("Take box 1 away").click();
    page.keyboard().press("Enter");
    awaitVersion(api, picture, 4);
    assertThat(page.getByText("the photograph of the empty set")).isVisible();
    assertThat(alpha(api, picture, LEFT_POT)).isEqualTo(255);
    assertThat(browser.errors()).isEmpty();
  }

  private static void drawBoxAroundTheRightPot(Page page) {
    BoundingBox stage = page.locator(".guide canvas").boundingBox();
    double scale = Math.min((stage.width - 24) / 900, (stage.height - 24) / 600);
    double left = stage.x + (stage.width - 900 * scale) / 2;
    double top = stage.y + (stage.height - 600 * scale) / 2;
    page.mouse().move(left + 510 * scale, top + 150 * scale);
    page.mouse().down();
    page.mouse().move(left + 810 * scale, top + 450 * scale);
    page.mouse().up();
  }

  private static void awaitVersion(Api api, long picture, int number) throws InterruptedException {
    Api.await(() -> api.get("/api/v1/pictures/" + picture).get("versionNumber").asInt() == number);
  }

  private static int alpha(Api api, long picture, int x) {
    Picture cutout = Photographs.read(api.bytes("/api/v1/pictures/" + picture + "/cutout.png"));
    return cutout.at(x, 300) >>> 24;
  }
}
