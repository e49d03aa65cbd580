package org.ablebatch.e2e;

import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Debian's Chromium, headless, with one page of a usual size. */
final class Browser implements AutoCloseable {
  private static final List<String> FLAGS =
      List.of(
          "--headless",
          "--no-sandbox",
          "--disable-gpu",
          "--disable-quic",
          "--no-first-run",
          "--disable-background-networking",
          "--disable-component-update",
          "--disable-sync");

  /** Cutting is part of many waits, on machines that may be slow. */
  private static final double PATIENCE_MS = 60_000;

  private final Playwright playwright;
  private final Page page;
  private final List<String> errors = new ArrayList<>();

  Browser() {
    playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    page =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(FLAGS))
            .newContext(
                new com.microsoft.playwright.Browser.NewContextOptions().setViewportSize(1280, 800))
            .newPage();
    page.setDefaultTimeout(PATIENCE_MS);
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    page.onPageError(errors::add);
  }

  Page page() {
    return page;
  }

  /** One more page beside the first, with the same storage. */
  Page another() {
    Page other = page.context().newPage();
    other.setDefaultTimeout(PATIENCE_MS);
    other.onPageError(errors::add);
    return other;
  }

  /** Errors that scripts threw in the page so far. */
  List<String> errors() {
    return errors;
  }

  /** Keeps what the page looks like when a test fails. */
  void keepPicture(String name) {
    page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("target", name + ".png")));
  }

  @Override
  public void close() {
    playwright.close();
  }
}
