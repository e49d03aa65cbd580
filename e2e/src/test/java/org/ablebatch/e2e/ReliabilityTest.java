package org.ablebatch.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * The application, its database, and both at once are killed in the middle of the upload and in the
 * middle of the run, and come back by themselves. Afterwards every picture is there once, cut once,
 * and nothing lies about that nobody refers to.
 */
@OwnApplication
class ReliabilityTest {
  private static final int PICTURES = 20;
  private static final int WIDTH = 480;

  /** A cleaner that gives no grace: nothing may be on its way when it looks. */
  private static final Map<String, String> CLEAN_NOW =
      Map.of("ABLE_CLEAN_GRACE", "PT0S", "ABLE_CLEAN_AFTER", "PT1S");

  @TempDir private Path data;

  @Test
  void whateverIsKilledNothingIsLostAndNothingDoneTwice() throws Exception {
    Map<String, byte[]> files = Photographs.pots(PICTURES, WIDTH);
    long batch;
    try (Application application = start(Map.of())) {
      Api api = new Api(application.address());
      batch = api.newBatch("Killed again and again", "plain");
      uploadThroughTwoKills(application, api, batch, files);
      cutThroughThreeKills(application, api, batch);
    }
    Path orphan = orphan();

    try (Application application = start(Map.of())) {
      Api api = new Api(application.address());
      Api.await(() -> api.count(batch, "to-check") == PICTURES);
    }

    try (Application application = start(CLEAN_NOW)) {
      Api api = new Api(application.address());
      Api.await(() -> !Files.exists(orphan));
      List<JsonNode> pictures = api.pictures(batch);
      assertThat(pictures).hasSize(PICTURES);
      assertThat(pictures.stream().map(p -> p.get("fileName").asString()))
          .containsExactlyInAnyOrderElementsOf(files.keySet());
      for (JsonNode picture : pictures) {
        String path = "/api/v1/pictures/" + picture.get("id").asLong();
        assertThat(picture.get("versionNumber").asInt()).as("cut exactly once").isEqualTo(1);
        assertThat(picture.get("queued").asBoolean()).isFalse();
        assertThat(api.bytes(path + "/original"))
            .isEqualTo(files.get(picture.get("fileName").asString()));
        assertThat(api.bytes(path + "/cutout.png")).isNotEmpty();
      }
      // The cleaner comes to them after the blobs.
      Api.await(() -> uploadsLeft().isEmpty());
    }
  }

  private static void uploadThroughTwoKills(
      Application application, Api api, long batch, Map<String, byte[]> files) throws Exception {
    Thread first = sender(application, batch, files);
    Api.await(() -> api.pictures(batch).size() >= 4);
    application.kill();
    first.join();
    application.comeBack();

    assertThat(api.pictures(batch).size()).isBetween(4, PICTURES);
    Thread second = sender(application, batch, files);
    int before = api.pictures(batch).size();
    Api.await(() -> api.pictures(batch).size() >= Math.min(PICTURES, before + 3));
    application.killDatabase();
    second.join();
    sendUntilTaken(application, batch, files);
    Api.await(() -> api.pictures(batch).size() == PICTURES);
  }

  /** The database, the application in the middle of a picture, and both at once with the rest. */
  private static void cutThroughThreeKills(Application application, Api api, long batch)
      throws Exception {
    api.post("/api/v1/batches/" + batch + "/cut", "");
    Api.await(() -> api.count(batch, "to-check") >= 3);
    application.killDatabase();
    Api.await(() -> answered(() -> api.count(batch, "to-check") >= 6));
    Api.await(() -> api.count(batch, "cutting") > 0 || api.count(batch, "to-check") == PICTURES);
    application.kill();
    application.comeBack();
    Api.await(() -> api.count(batch, "to-check") >= 12);
    application.cutPower();
  }

  /** Until the start command has the database back, requests fail with a sentence. */
  private static void sendUntilTaken(Application application, long batch, Map<String, byte[]> files)
      throws Exception {
    Api.await(
        () ->
            answered(
                () -> {
                  new Tus(application.address()).send(batch, files);
                  return true;
                }));
  }

  private interface Question {
    boolean ask() throws IOException;
  }

  private static boolean answered(Question question) {
    try {
      return question.ask();
    } catch (IOException | AssertionError | IllegalStateException e) {
      return false;
    }
  }

  private Application start(Map<String, String> environment) throws IOException {
    return Application.start(data, environment, "--no-demo", "--workers", "2");
  }

  /** A sender that gives up when the server is gone, as a closed laptop does. */
  private static Thread sender(Application application, long batch, Map<String, byte[]> files) {
    Thread sender =
        new Thread(
            () -> {
              try {
                new Tus(application.address()).send(batch, files);
              } catch (IOException | RuntimeException | AssertionError e) {
                System.out.println("the sender gave up: " + e.getMessage());
              }
            });
    sender.start();
    return sender;
  }

  /** What a process leaves that is killed between writing a blob and speaking of it. */
  private Path orphan() throws IOException {
    Path shelf = data.resolve("blobs").resolve("ab");
    Files.createDirectories(shelf);
    return Files.writeString(shelf.resolve("ab" + "0".repeat(62)), "nobody’s");
  }

  private List<Path> uploadsLeft() {
    try (Stream<Path> files = Files.list(data.resolve("uploads"))) {
      return files.filter(Files::isRegularFile).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
