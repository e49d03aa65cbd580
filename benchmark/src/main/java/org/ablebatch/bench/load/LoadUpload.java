package org.ablebatch.bench.load;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** Sends files into a batch as the browser does: announced in bulk, a few at a time. */
final class LoadUpload {
  static final int SENDERS = 4;
  private static final int FIRST_ANNOUNCED = 40;
  private static final int ANNOUNCED_AT_ONCE = 1000;
  private static final int LOOK_MILLIS = 20;
  private static final double NANOS_PER_SECOND = 1e9;

  private final LoadClient client;
  private final long batch;

  LoadUpload(LoadClient client, long batch) {
    this.client = client;
    this.batch = batch;
  }

  /**
   * What somebody waits for who has dropped files.
   *
   * @param sendingSeconds until the last byte has come
   * @param readingSeconds until all have a thumbnail
   */
  record Sent(double sendingSeconds, double readingSeconds, double firstThumbnailSeconds) {}

  Sent send(List<Path> files) throws IOException, InterruptedException, ExecutionException {
    long began = System.nanoTime();
    ExecutorService senders = Executors.newFixedThreadPool(SENDERS + 1);
    try {
      Future<Double> firstThumbnail = senders.submit(() -> firstThumbnail(began));
      for (Future<?> one : sending(files, senders)) {
        one.get();
      }
      double sending = secondsSince(began);
      while (client.get("/api/v1/batches/" + batch).get("total").asInt() < files.size()) {
        Thread.sleep(LOOK_MILLIS);
      }
      return new Sent(sending, secondsSince(began), firstThumbnail.get());
    } finally {
      senders.shutdown();
    }
  }

  private List<Future<?>> sending(List<Path> files, ExecutorService senders) throws IOException {
    List<Future<?>> sent = new ArrayList<>();
    for (int from = 0, to; from < files.size(); from = to) {
      to = Math.min(files.size(), from + (from == 0 ? FIRST_ANNOUNCED : ANNOUNCED_AT_ONCE));
      List<Path> some = files.subList(from, to);
      Iterator<JsonNode> answers = announce(some).iterator();
      for (Path file : some) {
        long id = answers.next().get("id").asLong();
        sent.add(
            senders.submit(
                () -> {
                  client.upload(id, file);
                  return null;
                }));
      }
    }
    return sent;
  }

  private double firstThumbnail(long began) throws IOException, InterruptedException {
    while (true) {
      JsonNode page = client.get("/api/v1/batches/" + batch + "/pictures?size=1");
      if (page.get("total").asInt() > 0) {
        client.bytes("/api/v1/pictures/" + page.get("content").get(0).get("id") + "/thumbnail");
        return secondsSince(began);
      }
      Thread.sleep(LOOK_MILLIS);
    }
  }

  private JsonNode announce(List<Path> files) throws IOException {
    String body =
        files.stream()
            .map(
                file ->
                    "{\"path\": \"load/%s\", \"bytes\": %d, \"modified\": 1}"
                        .formatted(file.getFileName(), size(file)))
            .collect(Collectors.joining(",", "{\"files\": [", "]}"));
    return client.send("POST", "/api/v1/batches/" + batch + "/uploads", body);
  }

  private static long size(Path file) {
    try {
      return Files.size(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static double secondsSince(long began) {
    return (System.nanoTime() - began) / NANOS_PER_SECOND;
  }
}
