package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.util.List;
import java.util.TreeMap;
import org.ablebatch.server.Api.Answer;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import tools.jackson.databind.JsonNode;

/** The run in the background and the hands that steer it. */
@Isolated("The number of workers is one for all batches.")
@ExtendWith(RunningServer.class)
class RunTest {
  private final Api api;

  RunTest(Api api) {
    this.api = api;
  }

  @AfterEach
  void allWorkersAgain() {
    workers(api.get("/api/v1/workers").body().get("most").asInt());
  }

  private void workers(int count) {
    Answer answer = api.withBody("PUT", "/api/v1/workers", "{\"workers\": " + count + "}");
    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.body().get("workers").asInt()).isEqualTo(count);
  }

  @Test
  void aPausedBatchKeepsItsQueueAndGoesOnWhereItStood() {
    long batch = filled("Paused", 6);
    run(batch, "pause");
    api.post("/api/v1/batches/" + batch + "/cut", "");
    run(batch, "pause");
    awaitNothingInWork(batch);
    int left = run(batch).get("waiting").asInt();

    // The workers pass by: they cut a whole batch that was queued later.
    long other = filled("Passing by", 3);
    api.post("/api/v1/batches/" + other + "/cut", "");
    awaitCut(other, 3);
    assertThat(run(batch).get("waiting").asInt()).isEqualTo(left);
    assertThat(run(batch).get("paused").asBoolean()).isTrue();
    assertThat(run(batch).get("secondsLeft").isNull()).isTrue();

    run(batch, "resume");
    awaitCut(batch, 6);
  }

  @Test
  void onePictureThatAPersonAsksForIsCutThoughItsBatchIsPaused() {
    long batch = filled("Asked for", 4);
    run(batch, "pause");
    long id = api.pictures(batch).get(3).get("id").asLong();

    api.post("/api/v1/pictures/" + id + "/recut", "{}");

    api.awaitState(id, "to-check");
    assertThat(run(batch).get("done").asInt()).isEqualTo(1);
  }

  @Test
  void aCancelledRunLeavesWhatWasNotBegun() {
    long batch = filled("Cancelled", 8);
    api.post("/api/v1/batches/" + batch + "/cut", "");
    run(batch, "cancel");
    awaitNothingInWork(batch);

    JsonNode run = run(batch);
    assertThat(run.get("waiting").asInt()).isZero();
    long waiting =
        api.pictures(batch).stream()
            .filter(p -> p.get("state").asString().equals("waiting"))
            .count();
    assertThat(run.get("done").asInt() + (int) waiting).isEqualTo(8);
    assertThat(api.pictures(batch)).noneMatch(p -> p.get("queued").asBoolean());
  }

  @Test
  void aBatchThatGoesFirstIsDoneBeforeOneThatWasQueuedEarlier() {
    workers(1);
    long early = filled("Early", 8);
    long urgent = filled("Urgent", 3);
    api.withBody("PUT", "/api/v1/batches/" + urgent + "/run/priority", "{\"priority\": \"first\"}");
    api.post("/api/v1/batches/" + early + "/cut", "");
    api.post("/api/v1/batches/" + urgent + "/cut", "");
    awaitCut(urgent, 3);
    awaitCut(early, 8);

    List<Long> order = orderOfCutting(early, urgent);
    int first = order.indexOf(urgent);
    assertThat(order.subList(first, first + 3)).containsOnly(urgent);
    assertThat(first).isLessThan(8);
  }

  @Test
  void batchesOfOnePriorityTakeTurns() {
    workers(1);
    long a = filled("Turns A", 8);
    long b = filled("Turns B", 4);
    api.post("/api/v1/batches/" + a + "/cut", "");
    api.post("/api/v1/batches/" + b + "/cut", "");
    awaitCut(a, 8);
    awaitCut(b, 4);

    List<Long> order = orderOfCutting(a, b);
    List<Long> both =
        order.subList(order.indexOf(b), Math.min(order.lastIndexOf(a), order.lastIndexOf(b)));
    assertThat(both).isNotEmpty();
    for (int i = 1; i < both.size(); i++) {
      assertThat(both.get(i)).as("turn " + i).isNotEqualTo(both.get(i - 1));
    }
  }

  @Test
  void groupsAreCutByTheirOwnMethod() {
    long batch = api.newBatch("Rules");
    api.upload(
        batch,
        new UploadedFile("a_one.jpg", TestPictures.discJpeg(90, 70, 0x701010)),
        new UploadedFile("b_two.jpg", TestPictures.discJpeg(90, 70, 0x107010)));
    List<JsonNode> pictures = api.pictures(batch);
    long special = pictures.get(1).get("id").asLong();
    api.act(batch, "set", List.of(special), ", \"set\": {\"group\": \"specials\"}");
    api.withBody(
        "PATCH",
        "/api/v1/batches/" + batch,
        "{\"method\": \"plain\", \"methodRules\": {\"specials\": \"uneven\"}}");
    api.post("/api/v1/batches/" + batch + "/cut", "");
    awaitCut(batch, 2);

    assertThat(api.pictures(batch))
        .extracting(p -> p.get("method").asString())
        .containsExactly("plain", "uneven");
  }

  @Test
  void failuresHaveAKindAndSteeringNonsenseIsRefused() {
    long batch = api.newBatch("Kinds");
    api.upload(batch, new UploadedFile("grey.png", TestPictures.evenPng(60, 40, 0xA0A0A0)));
    api.post("/api/v1/batches/" + batch + "/cut", "");
    long id = api.pictures(batch).get(0).get("id").asLong();
    api.awaitState(id, "failed");

    assertThat(api.picture(id).get("failureKind").asString()).isEqualTo("empty-picture");
    assertThat(run(batch).get("failed").asInt()).isEqualTo(1);
    String path = "/api/v1/batches/" + batch + "/run/priority";
    assertThat(api.withBody("PUT", path, "{\"priority\": \"now\"}").status()).isEqualTo(400);
    assertThat(api.withBody("PUT", "/api/v1/workers", "{\"workers\": 0}").status()).isEqualTo(400);
    assertThat(api.withBody("PUT", "/api/v1/workers", "{\"workers\": 9999}").status())
        .isEqualTo(400);
  }

  @Test
  void aTestStripIsCutFirstAndNotAgainInTheRun() {
    long batch = filled("Strip", 3);
    String strip = "/api/v1/batches/" + batch + "/strip";
    JsonNode laid =
        api.withBody("PUT", strip, "{\"count\": 2, \"methods\": [\"plain\", \"uneven\"]}").body();
    assertThat(laid.get("samples").size()).isEqualTo(2);
    assertThat(laid.get("cells").size()).isEqualTo(4);
    await()
        .atMost(Api.PATIENCE)
        .until(
            () ->
                api.get(strip)
                    .body()
                    .get("cells")
                    .valueStream()
                    .allMatch(cell -> cell.get("state").asString().equals("done")));
    JsonNode cell = api.get(strip).body().get("cells").get(0);
    long sample = cell.get("pictureId").asLong();
    assertThat(cell.get("tellTale").asString()).matches("#[0-9A-F]{6}");
    assertThat(api.picture(sample).get("state").asString()).isEqualTo("waiting");
    assertThat(
            api.bytes(
                "/api/v1/pictures/%d/cutout-preview.png?v=%d"
                    .formatted(sample, cell.get("versionId").asLong())))
        .isNotEmpty();

    api.withBody("PATCH", "/api/v1/batches/" + batch, "{\"method\": \"plain\"}");
    api.post("/api/v1/batches/" + batch + "/cut", "");
    awaitCut(batch, 3);

    assertThat(api.picture(sample).get("versionId").asLong())
        .isEqualTo(cell.get("versionId").asLong());
    assertThat(api.withBody("PUT", strip, "{\"pictures\": [], \"methods\": []}").status())
        .isEqualTo(400);
    assertThat(api.withBody("DELETE", strip, "").status()).isEqualTo(204);
    assertThat(api.get(strip).body().get("cells").size()).isZero();
  }

  private long filled(String name, int count) {
    long batch = api.newBatch(name);
    for (int i = 0; i < count; i++) {
      byte[] file = TestPictures.discJpeg(96, 72, 0x600000 + (int) batch * 64 + i);
      api.upload(batch, new UploadedFile("p" + i + ".jpg", file));
    }
    return batch;
  }

  /** The two batches in the order in which their pictures were cut. */
  private List<Long> orderOfCutting(long a, long b) {
    TreeMap<Long, Long> batchOfVersion = new TreeMap<>();
    for (long batch : new long[] {a, b}) {
      api.pictures(batch).forEach(p -> batchOfVersion.put(p.get("versionId").asLong(), batch));
    }
    return List.copyOf(batchOfVersion.values());
  }

  private JsonNode run(long batch) {
    return api.get("/api/v1/batches/" + batch + "/run").body();
  }

  private void run(long batch, String order) {
    assertThat(api.post("/api/v1/batches/" + batch + "/run/" + order, "").status()).isEqualTo(200);
  }

  private int done(long batch) {
    return run(batch).get("done").asInt();
  }

  private void awaitCut(long batch, int count) {
    await().atMost(Api.PATIENCE).untilAsserted(() -> assertThat(done(batch)).isEqualTo(count));
  }

  private void awaitNothingInWork(long batch) {
    await().atMost(Api.PATIENCE).until(() -> run(batch).get("inWork").size() == 0);
  }
}
