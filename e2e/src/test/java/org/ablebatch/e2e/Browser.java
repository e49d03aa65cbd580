package org.ablebatch.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.io.IOException;
import java.nio.file.Files;
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
    playwright = playwright();
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
    watch(page);
  }

  /**
   * A browser that keeps what it stores when it ends.
   *
   * @param profile a folder of its own
   */
  Browser(Path profile) {
    playwright = playwright();
    page =
        playwright
            .chromium()
            .launchPersistentContext(
                profile,
                new BrowserType.LaunchPersistentContextOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(FLAGS)
                    .setViewportSize(1280, 800))
            .newPage();
    watch(page);
  }

  private static Playwright playwright() {
    return Playwright.create(
        new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
  }

  private void watch(Page watched) {
    watched.setDefaultTimeout(PATIENCE_MS);
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    watched.onPageError(errors::add);
  }

  /** Ends every process of the browser with this profile at once, as a crash does. */
  static void kill(Path profile) {
    List<ProcessHandle> processes =
        ProcessHandle.current()
            .descendants()
            .filter(process -> commandLine(process).contains(profile.toString()))
            .toList();
    assertThat(processes).isNotEmpty();
    processes.forEach(ProcessHandle::destroyForcibly);
    processes.forEach(process -> process.onExit().join());
  }

  private static String commandLine(ProcessHandle process) {
    try {
      return Files.readString(Path.of("/proc", String.valueOf(process.pid()), "cmdline"));
    } catch (IOException e) {
      return "";
    }
  }

  Page page() {
    return page;
  }

  /** One more page beside the first, with the same storage. */
  Page another() {
    Page other = page.context().newPage();
    watch(other);
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
