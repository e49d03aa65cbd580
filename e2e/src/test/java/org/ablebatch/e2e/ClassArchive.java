package org.ablebatch.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * What the first clean stop of an application leaves, so that every later start takes half the
 * time. Made before any test starts one: two that start beside each other without it would both do
 * so slowly, and both write it.
 */
final class ClassArchive {
  private ClassArchive() {}

  /**
   * Starts and stops an application when there is no archive of what was built last.
   *
   * @param start the start command
   */
  static synchronized void make(Path start) throws IOException, InterruptedException {
    Path target = start.resolveSibling(Path.of("server", "target"));
    Path archive = target.resolve("app").resolve("classes.jsa");
    Path built = target.resolve("able-batch-server-app.jar");
    if (Files.exists(archive)
        && Files.getLastModifiedTime(archive).compareTo(Files.getLastModifiedTime(built)) > 0) {
      return;
    }
    Path data = Files.createTempDirectory("able-archive");
    Application.startNow(data, Map.of(), List.of("--no-demo")).close();
    delete(data);
  }

  /** A folder with all that is in it. */
  static void delete(Path folder) throws IOException {
    try (Stream<Path> files = Files.walk(folder)) {
      for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(file);
      }
    }
  }
}
