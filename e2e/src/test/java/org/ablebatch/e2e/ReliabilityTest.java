package org.ablebatch.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * The application, its database, and both at once are killed in the middle of the upload and in the
 * middle of the run. Afterwards every picture is there once, cut once, and nothing lies about that
 * nobody refers to.
 */
class ReliabilityTest {
  private static final int PICTURES = 30;
  private static final Duration PATIENCE = Duration.ofMinutes(4);

  /** A cleaner that gives no grace: nothing may be on its way when it looks. */
  private static final Map<String, String> CLEAN_NOW =
      Map.of("ABLE_CLEAN_GRACE", "PT0S", "ABLE_CLEAN_AFTER", "PT1S");

  @TempDir private Path data;

  @Test
  void whateverIsKilledNothingIsLostAndNothingDoneTwice() throws Exception {
    Map<String, byte[]> files = Photographs.pots(PICTURES);
    long batch;
    try (Application application = start(Map.of())) {
      Api api = new Api(application.address());
      batch = api.newBatch("Killed again and again");
      long mine = batch;
      Thread sender = sender(application, mine, files);
      Api.await(PATIENCE, () -> api.pictures(mine).size() >= 4);
      application.kill();
      sender.join();
    }

    try (Application application = start(Map.of())) {
      Api api = new Api(application.address());
      assertThat(api.pictures(batch).size()).isBetween(4, PICTURES);
      Thread sender = sender(application, batch, files);
      int before = api.pictures(batch).size();
      Api.await(PATIENCE, () -> api.pictures(batch).size() >= Math.min(PICTURES, before + 3));
      application.killDatabase();
      sender.join();
      new Tus(application.address()).send(batch, files);
      Api.await(PATIENCE, () -> api.pictures(batch).size() == PICTURES);

      api.post("/api/v1/batches/" + batch + "/cut", "");
      Api.await(PATIENCE, () -> api.count(batch, "to-check") >= 3);
      application.killDatabase();
      int done = 6;
      Api.await(PATIENCE, () -> api.count(batch, "to-check") >= done);
      // As a power cut does it.
      application.killDatabase();
      application.kill();
    }
    Path orphan = orphan();

    try (Application application = start(Map.of())) {
      Api api = new Api(application.address());
      Api.await(PATIENCE, () -> api.count(batch, "to-check") == PICTURES);
    }

    try (Application application = start(CLEAN_NOW)) {
      Api api = new Api(application.address());
      Api.await(PATIENCE, () -> !Files.exists(orphan));
      List<JsonNode> pictures = api.pictures(batch);
      assertThat(pictures).hasSize(PICTURES);
      assertThat(pictures.stream().map(p -> p.get("fileName").asString()))
          .containsExactlyInAnyOrderElementsOf(files.keySet());
      for (JsonNode picture : pictures) {
        String path = "/api/v1/pictures/" + picture.get("id").asLong();
        assertThat(picture.get("versionNumber").asInt()).as("cut exactly once").isEqualTo(1);
        assertThat(api.bytes(path + "/original"))
            .isEqualTo(files.get(picture.get("fileName").asString()));
        assertThat(api.bytes(path + "/cutout.png")).isNotEmpty();
      }
      assertThat(uploadsLeft()).as("pieces of uploads").isEmpty();
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

  private List<Path> uploadsLeft() throws IOException {
    try (Stream<Path> files = Files.list(data.resolve("uploads"))) {
      return files.filter(Files::isRegularFile).sorted(Comparator.naturalOrder()).toList();
    }
  }
}
