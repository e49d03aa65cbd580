package org.ablebatch.bench.load;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import tools.jackson.databind.JsonNode;

/** {@code bench load}: one large batch through the application as people start it. */
@Command(
    name = "load",
    mixinStandardHelpOptions = true,
    description = "Sends, cuts and watches a large batch; prints what it measured as Markdown.")
public final class LoadCommand implements Callable<Integer> {

  /** Nobody drops a folder in the first seconds after the start. */
  private static final long AFTER_START_MILLIS = 8000;

  /** What a server that has just been started is measured with. */
  private static final int FRESH = 12;

  private static final int CUT_FIRST = 6;
  private static final int LATENCY_SAMPLES = 60;
  private static final int TENTHS = 10;
  private static final long SETTLING_MILLIS = 15_000;
  private static final double BYTES_PER_MEGABYTE = 1e6;

  @Option(names = "--pictures", description = "how many (default: ${DEFAULT-VALUE})")
  private int pictures = 3000;

  @Option(
      names = "--one-worker",
      description = "so many are cut by one worker, the rest by all (default: ${DEFAULT-VALUE})")
  private int byOneWorker = 200;

  @Option(names = "--port", description = "of the application (default: ${DEFAULT-VALUE})")
  private int port = 8097;

  @Option(names = "--java", description = "options (default: ${DEFAULT-VALUE})")
  private String javaOptions = "-Xmx2g";

  @Option(names = "--write", description = "also put the figures into this Markdown file")
  private Path write;

  private final LoadFigures figures = new LoadFigures();
  private StartedApplication application;
  private LoadClient client;
  private long batch;

  @Override
  public Integer call() throws Exception {
    Path repository = Path.of("").toAbsolutePath();
    Path folder = Files.createTempDirectory("able-load");
    try {
      List<Path> all =
          LoadPictures.write(
              repository.resolve("demo/batches"), folder.resolve("in"), pictures + FRESH);
      List<Path> fresh = all.subList(0, FRESH);
      List<Path> files = all.subList(FRESH, all.size());
      double megabytes = files.stream().mapToLong(LoadCommand::size).sum() / BYTES_PER_MEGABYTE;
      double copying = LoadPictures.copySeconds(files, folder.resolve("copy"));
      application = StartedApplication.start(repository, folder.resolve("data"), port, javaOptions);
      try {
        client = new LoadClient(application.address());
        Thread.sleep(AFTER_START_MILLIS);
        LoadUpload.Sent first = new LoadUpload(client, newBatch("First")).send(fresh);
        batch = newBatch("Load");
        upload(files, megabytes, copying, first);
        long mended = cutSomeFirst();
        Latency.Result idle = Latency.measure(client, batch, mended, LATENCY_SAMPLES);
        System.err.println(idle.row("nothing runs"));
        run(idle, mended);
      } finally {
        application.close();
      }
      if (write != null) {
        figures.writeInto(write);
      }
      return 0;
    } finally {
      delete(folder);
    }
  }

  private long newBatch(String name) throws IOException {
    return client
        .send("POST", "/api/v1/batches", "{\"name\": \"%s\"}".formatted(name))
        .get("id")
        .asLong();
  }

  private void upload(List<Path> files, double megabytes, double copying, LoadUpload.Sent fresh)
      throws IOException, InterruptedException, ExecutionException {
    LoadUpload.Sent sent = new LoadUpload(client, batch).send(files);
    figures.line("| %,d pictures of 2 MP, %.0f MB, heap of 2 GB |  |", files.size(), megabytes);
    figures.line("|---|---|");
    figures.line(
        "| plain copy of the files, each forced to the disk | %.0f MB/s |", megabytes / copying);
    figures.line(
        "| upload, %d at a time | %.0f MB/s |",
        LoadUpload.SENDERS, megabytes / sent.sendingSeconds());
    figures.line("| first thumbnail after | %.2f s |", sent.firstThumbnailSeconds());
    figures.line(
        "| first thumbnail on a server that has just been started | %.2f s |",
        fresh.firstThumbnailSeconds());
    figures.line("| all read, with thumbnails and facts, after | %.0f s |", sent.readingSeconds());
  }

  /** A few cutouts, and one of them in touch-up, to measure what people wait for. */
  private long cutSomeFirst() throws Exception {
    JsonNode first = client.get("/api/v1/batches/" + batch + "/pictures?size=" + CUT_FIRST);
    for (JsonNode picture : first.get("content")) {
      client.send("POST", "/api/v1/pictures/" + picture.get("id") + "/recut", "{}");
    }
    await(() -> settled() >= CUT_FIRST);
    for (JsonNode picture :
        client.get("/api/v1/batches/" + batch + "/pictures?state=to-check").get("content")) {
      long id = picture.get("id").asLong();
      client.send("POST", "/api/v1/pictures/" + id + "/verdict", "{\"verdict\": \"touch-up\"}");
      return id;
    }
    throw new IllegalStateException("none of the first pictures could be cut");
  }

  private void run(Latency.Result idle, long mended) throws Exception {
    setWorkers(1);
    long began = System.nanoTime();
    int before = settled();
    client.send("POST", "/api/v1/batches/" + batch + "/cut", "");
    await(() -> settled() - before >= byOneWorker);
    figures.line(
        "| cut by 1 worker | %.1f pictures a minute |",
        (settled() - before) / secondsSince(began) * 60);

    int most = client.get("/api/v1/workers").get("most").asInt();
    setWorkers(most);
    Thread.sleep(SETTLING_MILLIS);
    Latency.Result loaded = Latency.measure(client, batch, mended, LATENCY_SAMPLES);
    System.err.println(loaded.row("loaded"));
    watch(most);
    figures.line(
        "| could not be cut | %d |",
        client.get("/api/v1/batches/" + batch).get("counts").get("failed").asInt());
    figures.line("| most memory of the process | %,d MB |", application.residentMegabytes(true));
    figures.line("");
    figures.line(
        "| median / 99th percentile | stroke kept | look tried out, the stroke rendered |"
            + " page of 100 |");
    figures.line("|---|---|---|---|");
    figures.line("%s", idle.row("nothing runs"));
    figures.line("%s", loaded.row(most + " workers cut"));
  }

  /** Memory at every tenth of the way, and the rate over all of it. */
  private void watch(int workers) throws IOException, InterruptedException {
    long began = System.nanoTime();
    int then = settled();
    List<String> curve = new ArrayList<>();
    for (int tenth = 1; tenth <= TENTHS; tenth++) {
      int upTo = then + (pictures - then) * tenth / TENTHS;
      await(() -> settled() >= upTo);
      curve.add(
          "%,d: %d/%d"
              .formatted(
                  settled(), application.heapMegabytes(), application.residentMegabytes(false)));
      System.err.printf(
          "%s; %.1f a minute%n",
          curve.get(tenth - 1), (settled() - then) / secondsSince(began) * 60);
    }
    figures.line(
        "| cut by %d workers | %.1f pictures a minute |",
        workers, (pictures - then) / secondsSince(began) * 60);
    figures.line(
        "| pictures: heap in use / memory of the process, MB | %s |", String.join("; ", curve));
  }

  private void setWorkers(int workers) throws IOException {
    client.send("PUT", "/api/v1/workers", "{\"workers\": " + workers + "}");
  }

  /** Pictures that are cut or could not be. */
  private int settled() throws IOException {
    JsonNode run = client.get("/api/v1/batches/" + batch + "/run");
    return run.get("done").asInt() + run.get("failed").asInt();
  }

  private interface Condition {
    boolean holds() throws IOException;
  }

  private static void await(Condition condition) throws IOException, InterruptedException {
    while (!condition.holds()) {
      Thread.sleep(1000);
    }
  }

  private static double secondsSince(long nanos) {
    return (System.nanoTime() - nanos) / 1e9;
  }

  private static long size(Path file) {
    try {
      return Files.size(file);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static void delete(Path folder) throws IOException {
    try (Stream<Path> files = Files.walk(folder)) {
      for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.deleteIfExists(file);
      }
    }
  }
}
