package org.ablebatch.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Debian's Chromium, headless. Starting it takes a second or two; contexts in it take none. */
final class Chromium implements AutoCloseable {
  /** Without windows it takes a third less; with them it does the same. */
  private static final Path EXECUTABLE =
      Stream.of("chromium-headless-shell", "chromium")
          .map(Path.of("/usr/bin")::resolve)
          .filter(Files::isExecutable)
          .findFirst()
          .orElseThrow(() -> new IllegalStateException("Chromium is not installed"));

  static final String REBOUND_NAME = "rebound.example";

  private static final List<String> FLAGS =
      List.of(
          "--headless",
          "--no-sandbox",
          "--disable-gpu",
          "--disable-quic",
          "--no-first-run",
          "--disable-background-networking",
          "--disable-component-update",
          "--disable-sync",
          // A name of somebody else that leads to this machine.
          "--host-resolver-rules=MAP " + REBOUND_NAME + " 127.0.0.1");

  /**
   * Only a failure waits so long. Cutting is part of many waits, on machines that may give us a
   * tenth of a processor for minutes.
   */
  static final double PATIENCE_MS = 600_000;

  private final Playwright playwright;
  private com.microsoft.playwright.Browser browser;

  Chromium() {
    playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
  }

  /**
   * Windows of a usual size with a storage of their own; nothing glides, so nothing is waited for.
   */
  BrowserContext context() {
    if (browser == null) {
      browser =
          playwright
              .chromium()
              .launch(new BrowserType.LaunchOptions().setExecutablePath(EXECUTABLE).setArgs(FLAGS));
    }
    return browser.newContext(
        new com.microsoft.playwright.Browser.NewContextOptions()
            .setViewportSize(1280, 800)
            .setReducedMotion(ReducedMotion.REDUCE));
  }

  /**
   * Processes of their own, which keep on the disk what pages store.
   *
   * @param profile a folder of its own
   */
  BrowserContext lasting(Path profile) {
    return playwright
        .chromium()
        .launchPersistentContext(
            profile,
            new BrowserType.LaunchPersistentContextOptions()
                .setExecutablePath(EXECUTABLE)
                .setArgs(FLAGS)
                .setViewportSize(1280, 800)
                .setReducedMotion(ReducedMotion.REDUCE));
  }

  @Override
  public void close() {
    playwright.close();
  }
}
