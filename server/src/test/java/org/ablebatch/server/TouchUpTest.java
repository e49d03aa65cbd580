package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import org.ablebatch.core.raster.Matte;
import org.ablebatch.server.Api.Answer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningServer.class)
class TouchUpTest {
  private final Api api;
  private long picture;

  TouchUpTest(Api api) {
    this.api = api;
  }

  @BeforeEach
  void aPictureOnTheBench() {
    long batch = api.newBatch("Bench");
    picture = api.cutPicture(batch, "disc.jpg", TestPictures.discJpeg(200, 200, 0xB03028));
    api.verdict(picture, "touch-up");
  }

  @Test
  void strokesBecomePixelsOfTheMatte() {
    add("stroke-one", "erase", 40, 100, 100);
    add("stroke-two", "restore", 12, 100, 100);
    add("stroke-three", "restore", 12, 10, 10);

    Matte matte = api.matte(picture);

    assertThat(matte.at(100, 100)).isEqualTo(255);
    assertThat(matte.at(112, 100)).isZero();
    assertThat(matte.at(140, 100)).isEqualTo(255);
    assertThat(matte.at(10, 10)).isEqualTo(255);
  }

  @Test
  void undoRedoAndBackToAutomaticSurviveOnTheServer() {
    Matte automatic = api.matte(picture);
    add("stroke-one", "erase", 40, 100, 100);
    Matte erased = api.matte(picture);

    api.post(edits("/undo"), "");
    assertThat(api.matte(picture).coverage()).isEqualTo(automatic.coverage());
    api.post(edits("/redo"), "");
    assertThat(api.matte(picture).coverage()).isEqualTo(erased.coverage());
    api.withBody("DELETE", edits(""), "");
    assertThat(api.matte(picture).coverage()).isEqualTo(automatic.coverage());
  }

  @Test
  void anEarlierEditCanBeSwitchedOffAlone() {
    long first =
        add("stroke-one", "erase", 20, 80, 100).body().get("edits").get(0).get("id").asLong();
    add("stroke-two", "erase", 20, 120, 100);

    api.withBody("PATCH", edits("/" + first), "{\"enabled\": false}");

    assertThat(api.matte(picture).at(80, 100)).isEqualTo(255);
    assertThat(api.matte(picture).at(120, 100)).isZero();
  }

  @Test
  void aStrokeSentTwiceIsKeptOnce() {
    add("stroke-one", "erase", 20, 80, 100);

    Answer again = add("stroke-one", "erase", 20, 80, 100);

    assertThat(again.body().get("edits")).hasSize(1);
  }

  @Test
  void aStrokeAfterUndoReplacesWhatWasUndone() {
    add("stroke-one", "erase", 20, 80, 100);
    api.post(edits("/undo"), "");

    Answer list = add("stroke-two", "erase", 20, 120, 100);

    assertThat(list.body().get("edits")).hasSize(1);
    assertThat(list.body().get("edits").get(0).get("clientKey").asString()).isEqualTo("stroke-two");
  }

  @Test
  void doneMakesAVersionByHandAndGoesBackToCheck() {
    add("stroke-one", "erase", 20, 80, 100);

    Answer done = api.post("/api/v1/pictures/" + picture + "/touch-up/done", "");

    assertThat(done.body().get("state").asString()).isEqualTo("to-check");
    assertThat(done.body().get("mendedByHand").asBoolean()).isTrue();
    assertThat(done.body().get("versionNumber").asInt()).isEqualTo(2);
  }

  @Test
  void whoeverDoesNotWaitGetsTheVersionALittleLater() {
    add("stroke-one", "erase", 20, 80, 100);

    Answer done = api.post("/api/v1/pictures/" + picture + "/touch-up/done?wait=false", "");

    assertThat(done.body().get("state").asString()).isEqualTo("to-check");
    await().until(() -> !api.picture(picture).get("redrawing").asBoolean());
    assertThat(api.picture(picture).get("mendedByHand").asBoolean()).isTrue();
    assertThat(api.verdict(picture, "pass").status()).isEqualTo(200);
    assertThat(api.matte(picture).at(80, 100)).isZero();
  }

  @Test
  void aStrokeOnAPictureThatLeftTheBenchIsRefusedInWords() {
    api.post("/api/v1/pictures/" + picture + "/touch-up/done", "");

    Answer late = add("stroke-one", "erase", 20, 80, 100);

    assertThat(late.status()).isEqualTo(409);
    assertThat(late.body().get("detail").asString()).contains("not in touch-up any more");
  }

  @Test
  void strokesThatAreNoneAreRefused() {
    assertThat(add("stroke-one", "smudge", 20, 80, 100).status()).isEqualTo(400);
    assertThat(add("stroke-one", "erase", 5000, 80, 100).status()).isEqualTo(400);
  }

  private Answer add(String key, String mode, double size, double x, double y) {
    return api.post(
        edits(""),
        """
        {"clientKey": "%s", "edit": {"mode": "%s", "sizePx": %s, "softness": 0, "strength": 1,
         "points": [%s, %s]}}
        """
            .formatted(key, mode, size, x, y));
  }

  private String edits(String more) {
    return "/api/v1/pictures/" + picture + "/edits" + more;
  }
}
