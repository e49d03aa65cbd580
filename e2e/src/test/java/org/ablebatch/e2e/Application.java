package org.ablebatch.e2e;

import java.io.BufferedReader;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/** The application as a person starts it: by the start command, with a data folder and a port. */
final class Application implements AutoCloseable {
  private static final Path START = Path.of("..", "start").toAbsolutePath().normalize();
  private static final Duration PATIENCE = Duration.ofMinutes(4);

  private final Process process;
  private final Path data;
  private final int port;
  private final Duration startedIn;

  private Application(Process process, Path data, int port, Duration startedIn) {
    this.process = process;
    this.data = data;
    this.port = port;
    this.startedIn = startedIn;
  }

  /** Starts on this data folder and returns when the start command says that it is running. */
  static Application start(Path data, String... options) throws IOException {
    return start(data, Map.of(), options);
  }

  /**
   * @param environment set beside what is set anyway
   */
  static Application start(Path data, Map<String, String> environment, String... options)
      throws IOException {
    return start(freePort(), data, environment, options);
  }

  /** Once more where it stood before, after it was killed. */
  Application again(String... options) throws IOException {
    return start(port, data, Map.of(), options);
  }

  private static Application start(
      int port, Path data, Map<String, String> environment, String... options) throws IOException {
    List<String> command = new ArrayList<>();
    command.addAll(
        List.of(START.toString(), "--port", String.valueOf(port), "--data", data.toString()));
    command.addAll(List.of(options));
    Instant began = Instant.now();
    ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
    builder.environment().putAll(environment);
    Process process = builder.start();
    StringBuilder said = new StringBuilder();
    BufferedReader lines = process.inputReader();
    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
      said.append(line).append('\n');
      if (line.startsWith("Able Batch is running")) {
        return new Application(process, data, port, Duration.between(began, Instant.now()));
      }
      if (Duration.between(began, Instant.now()).compareTo(PATIENCE) > 0) {
        break;
      }
    }
    throw new IllegalStateException("the application did not start:\n" + said);
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  Duration startedIn() {
    return startedIn;
  }

  /** Ends the application's own process at once, as a power cut would. */
  void kill() throws IOException, InterruptedException {
    long pid = Long.parseLong(Files.readString(data.resolve("able-batch.pid")).strip());
    ProcessHandle.of(pid).orElseThrow().destroyForcibly();
    awaitEnd();
  }

  /** Ends the database at once; the start command has to start it again. */
  void killDatabase() throws IOException, InterruptedException {
    Path pidFile = data.resolve("database").resolve("mariadb.pid");
    ProcessHandle server =
        ProcessHandle.of(Long.parseLong(Files.readString(pidFile).strip())).orElseThrow();
    server.destroyForcibly();
    server.onExit().join();
  }

  /** Ends it as Ctrl+C does. */
  @Override
  public void close() throws InterruptedException {
    process.destroy();
    awaitEnd();
  }

  private void awaitEnd() throws InterruptedException {
    if (!process.waitFor(60, TimeUnit.SECONDS)) {
      process.destroyForcibly();
      throw new IllegalStateException("the start command did not end");
    }
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }
}
