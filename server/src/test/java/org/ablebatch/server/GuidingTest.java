package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import org.ablebatch.core.raster.Matte;
import org.ablebatch.server.Api.Answer;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Boxes, hints, subjects switched off and the empty set's photograph, through the API. */
@ExtendWith(RunningServer.class)
class GuidingTest {
  private static final byte[] TWO = TestPictures.twoDiscsJpeg(240, 160, 0xA83028);
  private final Api api;

  GuidingTest(Api api) {
    this.api = api;
  }

  @Test
  void subjectsAreListedAndOneCanBeSwitchedOff() {
    long batch = api.newBatch("Subjects");
    long picture = api.cutPicture(batch, "two.jpg", TWO);
    JsonNode found = api.get("/api/v1/pictures/" + picture + "/subjects").body();
    assertThat(found.get("subjects")).hasSize(2);
    assertThat(found.get("subjects").get(1).get("box").get("x").asInt()).isBetween(140, 150);
    assertThat(api.bytes("/api/v1/pictures/" + picture + "/subjects.png")).isNotEmpty();

    recut(picture, "{\"method\": \"auto\", \"guidance\": {\"exclude\": [2]}}", 2);

    Matte matte = api.matte(picture);
    assertThat(matte.at(60, 80)).isEqualTo(255);
    assertThat(matte.at(180, 80)).isZero();
    JsonNode after = api.get("/api/v1/pictures/" + picture + "/subjects").body();
    assertThat(after.get("subjects").get(1).get("kept").asBoolean()).isFalse();
    assertThat(after.get("guidance").get("exclude").get(0).asInt()).isEqualTo(2);
  }

  @Test
  void onlyWhatABoxHoldsIsKept() {
    long batch = api.newBatch("Boxes");
    long picture = api.cutPicture(batch, "two.jpg", TWO);

    recut(
        picture,
        "{\"guidance\": {\"boxes\": [{\"x\": 135, \"y\": 35, \"width\": 90, \"height\": 90}]}}",
        2);

    assertThat(api.matte(picture).at(60, 80)).isZero();
    assertThat(api.matte(picture).at(180, 80)).isEqualTo(255);
    assertThat(api.picture(picture).get("reason").asString()).endsWith("in the box drawn");
  }

  @Test
  void nonsenseIsRefusedAtOnceAndNothingIsQueued() {
    long batch = api.newBatch("Nonsense");
    long picture = api.cutPicture(batch, "two.jpg", TWO);

    Answer outside =
        api.post(
            "/api/v1/pictures/" + picture + "/recut",
            "{\"guidance\": {\"boxes\": [{\"x\": 900, \"y\": 0, \"width\": 9, \"height\": 9}]}}");
    Answer odd =
        api.post(
            "/api/v1/pictures/" + picture + "/recut",
            "{\"guidance\": {\"hints\": [{\"kind\": \"subject\", \"sizePx\": 9, \"points\": [1]}]}}");

    assertThat(outside.status()).isEqualTo(400);
    assertThat(outside.body().get("detail").asString())
        .isEqualTo("A box lies outside the picture, which is 240 × 160 px");
    assertThat(odd.body().get("detail").asString()).contains("pairs of x and y");
    assertThat(api.picture(picture).get("state").asString()).isEqualTo("to-check");
  }

  @Test
  void anEmptySetIsAttachedUsedAndTakenAway() {
    long batch = api.newBatch("Empty set");
    String address = "/api/v1/batches/" + batch + "/empty-set";
    Answer attached =
        api.putFile(address, new UploadedFile("set.png", TestPictures.checks(240, 160, false)));
    assertThat(attached.status()).isEqualTo(200);
    assertThat(attached.body().get("emptySet").get("name").asString()).isEqualTo("set.png");
    assertThat(api.bytes(address)).isNotEmpty();

    long picture = api.cutPicture(batch, "on-set.png", TestPictures.checks(240, 160, true));

    assertThat(api.picture(picture).get("method").asString()).isEqualTo("empty-set");
    assertThat(api.matte(picture).at(120, 80)).isEqualTo(255);
    assertThat(api.matte(picture).at(20, 20)).isZero();

    Answer gone = api.withBody("DELETE", address, "");
    assertThat(gone.body().get("emptySet").isNull()).isTrue();
    assertThat(api.get(address).status()).isEqualTo(404);
    Answer text = api.putFile(address, new UploadedFile("set.jpg", "no picture".getBytes()));
    assertThat(text.status()).isEqualTo(400);
    assertThat(text.body().get("detail").asString()).contains("text file");
  }

  private void recut(long picture, String body, int version) {
    assertThat(api.post("/api/v1/pictures/" + picture + "/recut", body).status()).isEqualTo(202);
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(
            () -> assertThat(api.picture(picture).get("versionNumber").asInt()).isEqualTo(version));
  }
}
