package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.util.List;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import tools.jackson.databind.JsonNode;

/** The disk is full in the middle of things, and then has room again. */
@Isolated("The disk is full for everybody.")
@ExtendWith(RunningServer.class)
class FullDiskTest {
  private final Api api;

  FullDiskTest(Api api) {
    this.api = api;
  }

  @Test
  void filesThatHaveComeWaitForRoomAndAreThenRead() {
    long batch = api.newBatch("Full in intake");
    byte[] file = TestPictures.discJpeg(120, 90, 0x0A5020);
    String path = "/api/v1/batches/" + batch + "/uploads";

    FullDisk.during(
        () -> {
          long upload =
              api.post(
                      path,
                      "{\"files\": [{\"path\": \"a.jpg\", \"bytes\": %d, \"modified\": 1}]}"
                          .formatted(file.length))
                  .body()
                  .get(0)
                  .get("id")
                  .asLong();
          api.patch(upload, 0, file);
          await()
              .atMost(Api.PATIENCE)
              .until(() -> api.get(path).body().get("trouble").asString("").contains("no room"));
          JsonNode uploads = api.get(path).body();
          assertThat(uploads.get("reading").asInt()).isEqualTo(1);
          assertThat(uploads.get("refusedCount").asInt()).isZero();
          assertThat(api.pictures(batch)).isEmpty();
        });

    await().atMost(Api.PATIENCE).until(() -> api.pictures(batch).size() == 1);
    await().atMost(Api.PATIENCE).until(() -> api.get(path).body().get("trouble").isNull());
  }

  @Test
  void aFileInAPlainRequestIsRefusedWhileItsSenderListens() {
    long batch = api.newBatch("Full in a request");
    UploadedFile file = new UploadedFile("a.jpg", TestPictures.discJpeg(120, 90, 0x0A5021));

    FullDisk.during(
        () ->
            assertThat(api.upload(batch, file).get(0).get("problem").asString())
                .contains("no room left on the disk"));

    assertThat(api.upload(batch, file).get(0).get("id").asLong()).isPositive();
  }

  @Test
  void aRunWaitsForRoomAndCutsEveryPictureOnce() {
    long batch = api.newBatch("Full in the run");
    for (int i = 0; i < 5; i++) {
      api.upload(batch, new UploadedFile(i + ".jpg", TestPictures.discJpeg(120, 90, 0x0A5030 + i)));
    }
    String run = "/api/v1/batches/" + batch + "/run";

    FullDisk.during(
        () -> {
          api.post("/api/v1/batches/" + batch + "/cut", "");
          await()
              .atMost(Api.PATIENCE)
              .until(() -> api.get(run).body().get("trouble").asString("").contains("no room"));
          assertThat(api.get(run).body().get("failed").asInt()).isZero();
        });

    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(() -> assertThat(api.get(run).body().get("done").asInt()).isEqualTo(5));
    List<JsonNode> pictures = api.pictures(batch);
    assertThat(pictures).allMatch(p -> p.get("versionNumber").asInt() == 1);
    assertThat(api.get(run).body().get("trouble").isNull()).isTrue();
  }
}
