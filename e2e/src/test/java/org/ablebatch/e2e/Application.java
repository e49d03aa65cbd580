package org.ablebatch.e2e;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;

/** The application as a person starts it: by the start command, with a data folder and a port. */
final class Application implements AutoCloseable {
  private static final Path START = Path.of("..", "start").toAbsolutePath().normalize();
  private static final String RUNS = "Able Batch is running";

  /** What runs for minutes only is done sooner when it is not compiled with all care. */
  private static final String QUICK_TO_START = "-XX:TieredStopAtLevel=1";

  private final Process process;
  private final Path data;
  private final int port;
  private final Duration startedIn;
  private final List<String> said;

  private Application(Process process, Path data, int port, Duration startedIn, List<String> said) {
    this.process = process;
    this.data = data;
    this.port = port;
    this.startedIn = startedIn;
    this.said = said;
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
    try {
      ClassArchive.make(START);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
    return startNow(data, environment, List.of(options));
  }

  /** Whether its classes are archived or not. */
  static Application startNow(Path data, Map<String, String> environment, List<String> options)
      throws IOException {
    int port = freePort();
    List<String> command = new ArrayList<>();
    command.addAll(
        List.of(START.toString(), "--port", String.valueOf(port), "--data", data.toString()));
    command.addAll(options);
    Instant began = Instant.now();
    ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
    builder.environment().put("ABLE_JAVA_OPTS", QUICK_TO_START);
    builder.environment().putAll(environment);
    Process process = builder.start();
    List<String> said = new CopyOnWriteArrayList<>();
    BufferedReader lines = process.inputReader();
    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
      said.add(line);
      if (line.startsWith(RUNS)) {
        Thread ear = new Thread(() -> listen(lines, said));
        ear.setDaemon(true);
        ear.start();
        Duration took = Duration.between(began, Instant.now());
        return new Application(process, data, port, took, said);
      }
    }
    throw new IllegalStateException("the application did not start: " + said);
  }

  private static void listen(BufferedReader lines, List<String> said) {
    try {
      lines.lines().forEach(said::add);
    } catch (UncheckedIOException e) {
      said.add("(the start command was killed)");
    }
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  Duration startedIn() {
    return startedIn;
  }

  /** Lines of the start command so far. */
  List<String> said() {
    return said;
  }

  /**
   * Ends the application's own process at once; the start command starts it again when it is let,
   * by {@link #comeBack()}.
   */
  void kill() throws IOException {
    signal("STOP");
    end(data.resolve("able-batch.pid"));
  }

  /** The start command sees what was killed and starts it again; returns when it answers. */
  void comeBack() throws IOException, InterruptedException {
    signal("CONT");
    Api.await(this::answers);
  }

  private boolean answers() {
    HttpRequest health = HttpRequest.newBuilder(URI.create(address() + "/actuator/health")).build();
    try {
      return HttpClient.newHttpClient().send(health, BodyHandlers.discarding()).statusCode() == 200;
    } catch (IOException e) {
      return false;
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Ends the database at once; the start command has to start it again. */
  void killDatabase() throws IOException {
    end(data.resolve("database").resolve("mariadb.pid"));
  }

  /** Everything ends at once, the start command too. */
  void cutPower() throws IOException {
    signal("KILL");
    killDatabase();
    end(data.resolve("able-batch.pid"));
  }

  private void signal(String name) throws IOException {
    try {
      new ProcessBuilder("kill", "-" + name, String.valueOf(process.pid())).start().waitFor();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private static void end(Path pidFile) throws IOException {
    String pid = Files.readString(pidFile).strip();
    ProcessHandle.of(Long.parseLong(pid)).orElseThrow().destroyForcibly();
    try {
      Api.await(() -> isOver(pid));
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Gone, or only waiting for the start command to notice that it is over. */
  private static boolean isOver(String pid) {
    try {
      return Files.readString(Path.of("/proc", pid, "stat")).contains(") Z ");
    } catch (IOException e) {
      return true;
    }
  }

  /** Ends it as Ctrl+C does. */
  @Override
  public void close() throws InterruptedException {
    process.destroy();
    if (!process.waitFor(5, TimeUnit.MINUTES)) {
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
