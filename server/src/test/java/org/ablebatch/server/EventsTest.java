package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Two people at one batch. */
@ExtendWith(RunningServer.class)
class EventsTest {
  private final Api api;

  EventsTest(Api api) {
    this.api = api;
  }

  @Test
  void whatOneDoesTheOtherHearsByPicture() throws Exception {
    long batch = api.newBatch("Two people");
    api.upload(batch, new UploadedFile("a.jpg", TestPictures.discJpeg(60, 50, 0x123400)));
    long id = api.pictures(batch).get(0).get("id").asLong();
    List<String> heard = new CopyOnWriteArrayList<>();
    try (InputStream stream = listen(batch)) {
      hear(stream, heard);

      long began = System.nanoTime();
      api.act(batch, "leave-whole", List.of(id), "");

      await()
          .atMost(Api.PATIENCE)
          .until(() -> heard.stream().anyMatch(line -> line.contains("\"pictures\":[" + id + "]")));
      System.out.printf(
          "measured: heard by the other after %d ms%n", (System.nanoTime() - began) / 1_000_000);
    }
  }

  @Test
  void theFirstWordSaysForHowLongTheBatchHasBeenQuiet() throws Exception {
    long older = api.newBatch("Long quiet");
    long began = System.nanoTime();
    long batch = api.newBatch("Quiet");
    api.upload(batch, new UploadedFile("a.jpg", TestPictures.discJpeg(60, 50, 0x123401)));
    long quiet = quietMillis(batch);
    assertThat(quiet).isBetween(0L, (System.nanoTime() - began) / 1_000_000);
    assertThat(quietMillis(older)).as("nothing happened to this one").isGreaterThanOrEqualTo(quiet);
  }

  private long quietMillis(long batch) throws IOException, InterruptedException {
    try (InputStream stream = listen(batch);
        BufferedReader lines =
            new BufferedReader(new InputStreamReader(stream, StandardCharsets.UTF_8))) {
      String hello = lines.readLine();
      while (!hello.startsWith("data:")) {
        hello = lines.readLine();
      }
      return Long.parseLong(hello.replaceAll(".*\"quietMillis\":(\\d+).*", "$1"));
    }
  }

  @Test
  void whoeverHasThePictureOnTheBenchHearsOfEveryEdit() throws Exception {
    long batch = api.newBatch("Two at one picture");
    long id = api.cutPicture(batch, "disc.jpg", TestPictures.discJpeg(200, 200, 0xB03028));
    api.verdict(id, "touch-up");
    List<String> heard = new CopyOnWriteArrayList<>();
    try (InputStream stream = listen(batch)) {
      hear(stream, heard);

      String state =
          api.post(
                  "/api/v1/pictures/" + id + "/edits",
                  """
                  {"clientKey": "stroke-one", "edit": {"mode": "erase", "sizePx": 40,
                   "points": [100, 100]}}
                  """)
              .body()
              .get("state")
              .asString();

      String told = "\"" + id + "\":\"" + state + "\"";
      await()
          .atMost(Api.PATIENCE)
          .until(() -> heard.stream().anyMatch(line -> line.contains(told)));
    }
  }

  @Test
  void aBatchThatIsChangedByTwoAtOnceKeepsOneOfTheChangesWhole() throws Exception {
    long batch = api.newBatch("At once");
    String path = "/api/v1/batches/" + batch;
    List<Integer> answers = new CopyOnWriteArrayList<>();
    List<Thread> people =
        java.util.stream.Stream.of("plain", "uneven", "busy", "ink")
            .map(
                method ->
                    new Thread(
                        () ->
                            answers.add(
                                api.withBody("PATCH", path, "{\"method\": \"" + method + "\"}")
                                    .status())))
            .toList();
    people.forEach(Thread::start);
    for (Thread person : people) {
      person.join();
    }

    assertThat(answers).hasSize(4).allMatch(status -> status == 200 || status == 409);
    assertThat(answers).contains(200);
    assertThat(api.get(path).body().get("method").asString())
        .isIn("plain", "uneven", "busy", "ink");
  }

  private InputStream listen(long batch) throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(api.base().resolve("/api/v1/batches/" + batch + "/events"))
            .GET()
            .build();
    return HttpClient.newHttpClient().send(request, BodyHandlers.ofInputStream()).body();
  }

  /** Listens from now on; what is heard before is forgotten. */
  private static void hear(InputStream stream, List<String> heard) {
    Thread ear = new Thread(() -> read(stream, heard));
    ear.setDaemon(true);
    ear.start();
    await().until(() -> heard.stream().anyMatch(line -> line.contains("hello")));
    heard.clear();
  }

  private static void read(InputStream stream, List<String> heard) {
    try (BufferedReader lines =
        new BufferedReader(new InputStreamReader(stream, StandardCharsets.UTF_8))) {
      lines.lines().forEach(heard::add);
    } catch (IOException | java.io.UncheckedIOException e) {
      heard.add("closed");
    }
  }
}
