package org.ablebatch.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The application is killed in the middle of a batch; after the next start nothing is missing. */
class CrashTest {
  private static final int PICTURES = 24;

  @TempDir private Path data;

  @Test
  void aKilledRunGoesOnAndCutsEveryPictureOnce() throws Exception {
    long batch;
    try (Application application = Application.start(data, "--no-demo", "--workers", "2")) {
      Api api = new Api(application.address());
      batch = api.newBatch("Killed");
      api.upload(batch, Photographs.pots(PICTURES));
      api.post("/api/v1/batches/" + batch + "/cut", "");
      Api.await(
          Duration.ofMinutes(3),
          () -> api.count(batch, "to-check") >= 3 && api.count(batch, "cutting") > 0);
      application.kill();
    }

    try (Application application = Application.start(data, "--no-demo", "--workers", "2")) {
      Api api = new Api(application.address());
      Api.await(Duration.ofMinutes(4), () -> api.count(batch, "to-check") == PICTURES);
      List<JsonNode> pictures = api.pictures(batch);
      assertThat(pictures).hasSize(PICTURES);
      for (JsonNode picture : pictures) {
        assertThat(picture.get("versionNumber").asInt()).as("cut exactly once").isEqualTo(1);
        assertThat(picture.get("queued").asBoolean()).isFalse();
      }
    }
  }
}
