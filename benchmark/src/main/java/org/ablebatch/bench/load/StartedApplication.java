package org.ablebatch.bench.load;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The application as the start command runs it, and what its process uses. */
final class StartedApplication implements AutoCloseable {
  private static final Pattern USED = Pattern.compile("used (\\d+)K");
  private final Process process;
  private final Path data;
  private final int port;

  private StartedApplication(Process process, Path data, int port) {
    this.process = process;
    this.data = data;
    this.port = port;
  }

  /**
   * @param repository where the start command stands
   * @param javaOptions such as {@code -Xmx2g}
   */
  static StartedApplication start(Path repository, Path data, int port, String javaOptions)
      throws IOException {
    ProcessBuilder builder =
        new ProcessBuilder(
                repository.resolve("start").toString(),
                "--port",
                String.valueOf(port),
                "--data",
                data.toString(),
                "--no-demo")
            .redirectErrorStream(true);
    builder.environment().put("ABLE_JAVA_OPTS", javaOptions);
    Process process = builder.start();
    BufferedReader lines = process.inputReader();
    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
      if (line.startsWith("Able Batch is running")) {
        return new StartedApplication(process, data, port);
      }
    }
    throw new IOException("the application did not start; see " + data);
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  /** Memory that the application's process holds now, and the most it ever held; megabytes. */
  long residentMegabytes(boolean most) throws IOException {
    String field = most ? "VmHWM:" : "VmRSS:";
    return Files.readAllLines(Path.of("/proc", pid(), "status")).stream()
        .filter(line -> line.startsWith(field))
        .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")) / 1024)
        .findFirst()
        .orElse(0);
  }

  /** Java's heap in use, with what is not collected yet; megabytes. */
  long heapMegabytes() throws IOException, InterruptedException {
    Process asked = new ProcessBuilder("jcmd", pid(), "GC.heap_info").start();
    String answer = new String(asked.getInputStream().readAllBytes());
    asked.waitFor(10, TimeUnit.SECONDS);
    Matcher matcher = USED.matcher(answer);
    return matcher.find() ? Long.parseLong(matcher.group(1)) / 1024 : 0;
  }

  private String pid() throws IOException {
    return Files.readString(data.resolve("able-batch.pid")).strip();
  }

  @Override
  public void close() throws InterruptedException {
    process.destroy();
    if (!process.waitFor(60, TimeUnit.SECONDS)) {
      process.destroyForcibly();
    }
  }
}
