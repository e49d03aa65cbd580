package org.ablebatch.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The browser of one person: pages with a storage of their own. */
final class Browser implements AutoCloseable {
  private final BrowserContext context;
  private final Page page;
  private final List<String> errors = new ArrayList<>();

  Browser(Chromium chromium) {
    this(chromium.context());
  }

  private Browser(BrowserContext context) {
    this.context = context;
    page = context.newPage();
    watch(page);
  }

  /**
   * One that keeps what its pages store when it is killed.
   *
   * @param profile a folder of its own
   */
  static Browser lasting(Chromium chromium, Path profile) {
    return new Browser(chromium.lasting(profile));
  }

  private void watch(Page watched) {
    watched.setDefaultTimeout(Chromium.PATIENCE_MS);
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
    Page other = context.newPage();
    watch(other);
    return other;
  }

  /** Errors that scripts threw in the pages so far. */
  List<String> errors() {
    return errors;
  }

  /** Keeps what the pages look like. */
  void keepPicture(String name) {
    List<Page> pages = context.pages();
    for (int i = 0; i < pages.size(); i++) {
      Path file = Path.of("target", "%s-%d.png".formatted(name, i + 1));
      pages.get(i).screenshot(new Page.ScreenshotOptions().setPath(file));
    }
  }

  @Override
  public void close() {
    context.close();
  }
}
