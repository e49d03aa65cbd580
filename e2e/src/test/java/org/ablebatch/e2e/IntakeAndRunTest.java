package org.ablebatch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * A producer's evening through the real interface: a folder and a ZIP come in, pictures are marked,
 * taken out, brought back, cropped, given codes; a test strip decides the method; the run is
 * paused, goes on, and what failed is tried again.
 */
@SharedApplication
class IntakeAndRunTest {
  private static final int IN_FOLDER = 9;
  private static final int IN_ZIP = 3;
  private static final int GREY = 2;
  private static final int WIDTH = 480;
  private static final int ALL = IN_FOLDER + IN_ZIP + GREY;

  @TempDir private Path files;

  @Test
  void fromAFolderAndAZipToAFinishedRun(Application application, Browser browser) throws Exception {
    Page page = browser.page();
    Api api = new Api(application.address());
    long batch = api.newBatch("Evening", "plain");
    page.navigate(application.address() + "/#/batches/" + batch + "/intake");
    bringIn(page);
    markTakeOutAndBringBack(page, api, batch);
    crop(page, api, batch);
    giveCodes(page);
    chooseByTestStrip(page, api, batch);
    try {
      runPauseAndGoOn(page, api, batch);
    } finally {
      // The number of workers is one for all batches, and so for all tests.
      api.put("/api/v1/workers", "{\"workers\": 2}");
    }
    mendFailures(page, api, batch);
    assertThat(browser.errors()).isEmpty();
  }

  private void bringIn(Page page) throws IOException {
    page.getByLabel("Folder to add").setInputFiles(folder());
    assertThat(page.getByText(IN_FOLDER + " taken in")).isVisible();
    page.getByLabel("Files to add").setInputFiles(zip());
    assertThat(page.getByText(IN_FOLDER + IN_ZIP + GREY + " taken in")).isVisible();
    assertThat(page.locator(".cell")).hasCount(ALL);
    assertThat(cell(page, 0)).containsText("pot-000.jpg");
    assertThat(cell(page, 1)).containsText("pot-002.jpg");
    assertThat(cell(page, ALL - 1)).containsText("grey-1.png");
  }

  private static void markTakeOutAndBringBack(Page page, Api api, long batch) {
    cell(page, 0).click();
    cell(page, 2).click(new Locator.ClickOptions().setModifiers(List.of(shift())));
    assertThat(page.locator(".cell.marked")).hasCount(3);
    page.keyboard().press("Delete");
    assertThat(page.locator(".cell")).hasCount(ALL - 3);
    assertThat(api.get("/api/v1/batches/" + batch).get("removed").asInt()).isEqualTo(3);
    page.keyboard().press("Control+z");
    assertThat(page.locator(".cell")).hasCount(ALL);
    page.keyboard().press("Control+a");
    assertThat(page.locator(".cell.marked")).hasCount(ALL);
    page.keyboard().press("Escape");
    assertThat(page.locator(".cell.marked")).hasCount(0);
  }

  private static void crop(Page page, Api api, long batch) throws InterruptedException {
    cell(page, 0).click();
    page.keyboard().press("c");
    Locator frame = page.getByRole(AriaRole.GROUP, named("Frame: arrows move it"));
    assertThat(frame).isFocused();
    for (int i = 0; i < 5; i++) {
      page.keyboard().press("Alt+Shift+ArrowLeft");
    }
    page.keyboard().press("Enter");
    assertThat(frame).isHidden();
    long id = api.pictures(batch).get(0).get("id").asLong();
    Api.await(() -> api.get("/api/v1/pictures/" + id).get("width").asInt() < WIDTH);
    page.getByRole(AriaRole.BUTTON, button("Cropped 1")).click();
    assertThat(page.locator(".cell")).hasCount(1);
    page.getByRole(AriaRole.BUTTON, button("Cropped 1")).click();
  }

  private static void giveCodes(Page page) {
    page.keyboard().press("s");
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    // pot-003: two parts; the number is the code, and the folder is the group.
    dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("pot code")).click();
    dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("pot group")).click();
    dialog.locator(".parts button").nth(1).click();
    assertThat(dialog.getByText(ALL + " of " + ALL + " get a code")).isVisible();
    dialog
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("Give " + ALL + " pictures their code"))
        .click();
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    assertThat(page.getByText("Any group")).isVisible();
  }

  private static void chooseByTestStrip(Page page, Api api, long batch)
      throws InterruptedException {
    page.keyboard().press("2");
    page.keyboard().press("t");
    Locator strip = page.getByLabel("Test strip");
    assertThat(strip.locator("tbody tr")).hasCount(3);
    Api.await(
        () ->
            api.get("/api/v1/batches/" + batch + "/strip")
                .get("cells")
                .valueStream()
                .noneMatch(cell -> List.of("waiting", "cutting").contains(state(cell))));
    strip.locator("tbody tr").first().locator(".tile").nth(1).click();
    page.getByRole(AriaRole.BUTTON, button("For the whole batch")).click();
    assertThat(page.getByRole(AriaRole.RADIO, radio("Plain backdrop")))
        .hasAttribute("aria-checked", "true");
  }

  private static void runPauseAndGoOn(Page page, Api api, long batch) throws Exception {
    String run = "/api/v1/batches/" + batch + "/run";
    page.keyboard().press("Enter");
    Locator panel = page.getByLabel("Run", new Page.GetByLabelOptions().setExact(true));
    assertThat(panel).isVisible();
    page.keyboard().press("p");
    assertThat(panel).containsText("Paused with");
    panel.getByLabel("One worker less").click();
    assertThat(panel).containsText("1 of 2 workers");
    Api.await(() -> api.get(run).get("inWork").size() == 0);
    int left = api.get(run).get("waiting").asInt();
    assertThat(left).isPositive();
    cutAnother(api);
    assertThat(api.get(run).get("waiting").asInt()).isEqualTo(left);
    page.keyboard().press("p");
    Api.await(() -> api.get(run).get("waiting").asInt() + api.get(run).get("inWork").size() == 0);
    assertThat(panel).containsText("All cut that were asked for");
    assertThat(api.count(batch, "to-check")).isEqualTo(ALL - GREY);
    int inStrip = api.get("/api/v1/batches/" + batch + "/strip").get("samples").size();
    assertThat(
            api.pictures(batch).stream().filter(p -> p.get("versionNumber").asInt(0) > 1).count())
        .as("only what the test strip has cut has several versions")
        .isLessThanOrEqualTo(inStrip);
  }

  /** When it is done, workers have been round and have left a paused batch alone. */
  private static void cutAnother(Api api) throws Exception {
    long other = api.newBatch("Not paused", "plain");
    api.upload(other, Photographs.pots(1, 200));
    api.post("/api/v1/batches/" + other + "/cut", "");
    Api.await(() -> api.count(other, "to-check") == 1);
  }

  private static void mendFailures(Page page, Api api, long batch) throws InterruptedException {
    Locator failed = page.getByLabel("Could not be cut");
    assertThat(failed).containsText("nothing in the picture that could be cut out");
    long before = revisions(api, batch);
    failed.getByRole(AriaRole.BUTTON, inside("Cut all " + GREY + " again")).click();
    // Queued, begun, failed again: each is a revision of each.
    Api.await(
        () -> revisions(api, batch) >= before + 3 * GREY && api.count(batch, "failed") == GREY);
    failed.getByRole(AriaRole.BUTTON, inside("Leave whole: all " + GREY)).click();
    assertThat(failed).isHidden();
    assertThat(api.count(batch, "left-whole")).isEqualTo(GREY);
  }

  private static long revisions(Api api, long batch) {
    return api.pictures(batch).stream().mapToLong(p -> p.get("revision").asLong()).sum();
  }

  private static String state(JsonNode cell) {
    return cell.get("state").asString();
  }

  private static Locator cell(Page page, int index) {
    return page.locator(".cell").nth(index);
  }

  private static com.microsoft.playwright.options.KeyboardModifier shift() {
    return com.microsoft.playwright.options.KeyboardModifier.SHIFT;
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static Page.GetByRoleOptions button(String name) {
    return named(name);
  }

  private static Page.GetByRoleOptions radio(String name) {
    return named(name);
  }

  private static Locator.GetByRoleOptions inside(String name) {
    return new Locator.GetByRoleOptions().setName(name);
  }

  /** Two folders inside one, with what a file manager leaves. */
  private Path folder() throws IOException {
    Path top = Files.createDirectories(files.resolve("spring"));
    Iterator<Map.Entry<String, byte[]>> pots =
        Photographs.pots(IN_FOLDER, WIDTH).entrySet().iterator();
    for (int i = 0; pots.hasNext(); i++) {
      Map.Entry<String, byte[]> pot = pots.next();
      Path inside = Files.createDirectories(top.resolve(i % 2 == 0 ? "clay" : "glazed"));
      Files.write(inside.resolve(pot.getKey()), pot.getValue());
    }
    return top;
  }

  private Path zip() throws IOException {
    Path file = files.resolve("more.zip");
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
      List<Map.Entry<String, byte[]>> pots =
          List.copyOf(Photographs.pots(IN_FOLDER + IN_ZIP, WIDTH).entrySet());
      for (Map.Entry<String, byte[]> pot : pots.subList(IN_FOLDER, IN_FOLDER + IN_ZIP)) {
        zip.putNextEntry(new ZipEntry("more/stone/" + pot.getKey()));
        zip.write(pot.getValue());
      }
      for (int i = 0; i < GREY; i++) {
        zip.putNextEntry(new ZipEntry("more/stone/grey-" + i + ".png"));
        zip.write(grey(0xFFA0A0A0 + i));
      }
    }
    return file;
  }

  private static byte[] grey(int argb) {
    int[] pixels = new int[200 * 150];
    java.util.Arrays.fill(pixels, argb);
    return PictureWriter.png(new Picture(200, 150, pixels));
  }
}
