package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.util.List;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.Api.Answer;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What people do to pictures before they are cut. */
@ExtendWith(RunningServer.class)
class IntakeActsTest {
  private final Api api;

  IntakeActsTest(Api api) {
    this.api = api;
  }

  @Test
  void manyAreLeftWholeAndCutAfterAll() {
    long batch = api.newBatch("Whole many");
    List<Long> ids = upload(batch, 3);

    assertThat(api.act(batch, "leave-whole", ids, "").get("done").asInt()).isEqualTo(3);
    assertThat(states(batch)).containsOnly("left-whole");
    api.act(batch, "cut-after-all", ids.subList(0, 1), "");
    assertThat(states(batch)).containsExactly("waiting", "left-whole", "left-whole");
  }

  @Test
  void whatIsTakenOutIsNotCountedAndComesBackAsItWas() {
    long batch = api.newBatch("Out and back");
    List<Long> ids = upload(batch, 3);
    long out = ids.get(1);
    api.act(batch, "remove", List.of(out), "");

    assertThat(api.pictures(batch)).extracting(p -> p.get("id").asLong()).doesNotContain(out);
    JsonNode view = api.get("/api/v1/batches/" + batch).body();
    assertThat(view.get("total").asInt()).isEqualTo(2);
    assertThat(view.get("removed").asInt()).isEqualTo(1);
    assertThat(api.post("/api/v1/batches/" + batch + "/cut", "").body().get("queued").asInt())
        .isEqualTo(2);
    assertThat(api.get("/api/v1/batches/" + batch + "/removed").body().get(0).get("id").asLong())
        .isEqualTo(out);

    api.act(batch, "bring-back", List.of(out), "");
    assertThat(api.pictures(batch)).extracting(p -> p.get("id").asLong()).isEqualTo(ids);
    assertThat(api.picture(out).get("state").asString()).isEqualTo("waiting");
  }

  @Test
  void aCropIsCutAndShownAndTakenBackWithoutTouchingTheOriginal() {
    long batch = api.newBatch("Crop");
    byte[] file = TestPictures.twoDiscsJpeg(400, 200, 0x2A5020);
    long id = api.cutPicture(batch, "two.jpg", file);
    long before = api.picture(id).get("versionId").asLong();
    String thumbnail = api.picture(id).get("originalKey").asString();

    api.act(
        batch,
        "crop",
        List.of(id),
        ", \"trim\": {\"left\": 0.5, \"top\": 0, \"right\": 0, \"bottom\": 0.1}");

    JsonNode cropped = api.picture(id);
    assertThat(cropped.get("state").asString()).isEqualTo("waiting");
    assertThat(cropped.get("width").asInt()).isEqualTo(200);
    assertThat(cropped.get("height").asInt()).isEqualTo(180);
    assertThat(cropped.get("intake").get("wholeWidth").asInt()).isEqualTo(400);
    await()
        .untilAsserted(
            () ->
                assertThat(api.picture(id).get("originalKey").asString()).isNotEqualTo(thumbnail));
    assertThat(api.image(api.bytes("/api/v1/pictures/" + id + "/preview")).width()).isEqualTo(200);
    assertThat(api.image(api.bytes("/api/v1/pictures/" + id + "/preview?whole=true")).width())
        .isEqualTo(400);
    assertThat(api.bytes("/api/v1/pictures/" + id + "/original")).isEqualTo(file);

    api.post("/api/v1/batches/" + batch + "/cut", "");
    api.awaitState(id, "to-check");
    assertThat(api.matte(id).width()).isEqualTo(200);
    assertThat(api.picture(id).get("subjects").asInt()).isEqualTo(1);
    Picture old = api.image(api.bytes("/api/v1/pictures/" + id + "/cutout.png?v=" + before));
    assertThat(old.width()).as("the version of before stays true").isEqualTo(400);
    assertThat(old.at(100, 100) >>> 24).isEqualTo(255);

    api.act(batch, "crop", List.of(id), "");
    assertThat(api.picture(id).get("width").asInt()).isEqualTo(400);
    api.post("/api/v1/batches/" + batch + "/cut", "");
    api.awaitState(id, "to-check");
    assertThat(api.picture(id).get("versionId").asLong())
        .as("the same question has the answer of before")
        .isEqualTo(before);
  }

  @Test
  void cropsThatLeaveNothingAreRefused() {
    long batch = api.newBatch("Crop to nothing");
    List<Long> ids = upload(batch, 1);
    String act = "{\"action\": \"crop\", \"ids\": %s, \"trim\": %s}";

    Answer beyond =
        api.post(
            "/api/v1/batches/" + batch + "/pictures/act",
            act.formatted(ids, "{\"left\": 0.6, \"top\": 0, \"right\": 0.4, \"bottom\": 0}"));
    JsonNode sliver =
        api.act(
            batch,
            "crop",
            ids,
            ", \"trim\": {\"left\": 0.49, \"top\": 0, \"right\": 0.49, \"bottom\": 0}");

    assertThat(beyond.status()).isEqualTo(400);
    assertThat(sliver.get("done").asInt()).isZero();
    assertThat(sliver.get("refused").get(0).get("problem").asString()).contains("So little");
  }

  @Test
  void anotherPhotographBehindAPictureKeepsNamePlaceAndSet() {
    long batch = api.newBatch("Swap");
    List<Long> ids = upload(batch, 2);
    long id = ids.get(0);
    api.act(batch, "set", List.of(id), ", \"set\": {\"code\": \"QG-9\", \"group\": \"pots\"}");
    byte[] better = TestPictures.discJpeg(300, 280, 0x104080);

    Answer swapped =
        api.putFile("/api/v1/pictures/" + id + "/original", new UploadedFile("new.jpg", better));

    assertThat(swapped.status()).isEqualTo(200);
    JsonNode picture = api.pictures(batch).get(0);
    assertThat(picture.get("id").asLong()).isEqualTo(id);
    assertThat(picture.get("fileName").asString()).isEqualTo("p0.jpg");
    assertThat(picture.get("code").asString()).isEqualTo("QG-9");
    assertThat(picture.get("width").asInt()).isEqualTo(300);
    assertThat(api.bytes("/api/v1/pictures/" + id + "/original")).isEqualTo(better);

    Answer broken =
        api.putFile(
            "/api/v1/pictures/" + id + "/original", new UploadedFile("x.jpg", new byte[] {1, 2}));
    assertThat(broken.status()).isEqualTo(400);
    assertThat(broken.body().get("detail").asString()).contains("was not swapped");
    assertThat(api.bytes("/api/v1/pictures/" + id + "/original")).isEqualTo(better);
  }

  @Test
  void oneThatIsInTheWayDoesNotStopTheOthers() {
    long batch = api.newBatch("Partly");
    long passed = api.cutPicture(batch, "passed.jpg", TestPictures.discJpeg(120, 90, 0x901010));
    api.verdict(passed, "pass");
    List<Long> waiting = upload(batch, 1);

    JsonNode result = api.act(batch, "leave-whole", List.of(passed, waiting.get(0)), "");

    assertThat(result.get("done").asInt()).isEqualTo(1);
    assertThat(result.get("refused").get(0).get("fileName").asString()).isEqualTo("passed.jpg");
    assertThat(api.picture(waiting.get(0)).get("state").asString()).isEqualTo("left-whole");
  }

  @Test
  void picturesOfOtherBatchesAreNotTouched() {
    long mine = api.newBatch("Mine");
    long other = api.newBatch("Other");
    List<Long> ids = upload(other, 1);

    assertThat(api.act(mine, "remove", ids, "").get("done").asInt()).isZero();
    assertThat(api.pictures(other)).hasSize(1);
  }

  private List<Long> upload(long batch, int count) {
    for (int i = 0; i < count; i++) {
      api.upload(
          batch,
          new UploadedFile(
              "p" + i + ".jpg", TestPictures.discJpeg(120, 90, 0x400000 + (int) batch * 16 + i)));
    }
    return api.pictures(batch).stream()
        .filter(p -> p.get("fileName").asString().startsWith("p"))
        .filter(p -> !p.get("fileName").asString().equals("passed.jpg"))
        .map(p -> p.get("id").asLong())
        .toList();
  }

  private List<String> states(long batch) {
    return api.pictures(batch).stream().map(p -> p.get("state").asString()).toList();
  }
}
