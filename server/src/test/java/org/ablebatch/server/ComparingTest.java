package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import org.ablebatch.core.raster.Matte;
import org.ablebatch.server.Api.Answer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Versions of one picture are compared, chosen and merged. */
@ExtendWith(RunningServer.class)
class ComparingTest {
  private final Api api;
  private long picture;
  private long engine;
  private long mended;

  ComparingTest(Api api) {
    this.api = api;
  }

  /** A disc by the engine, and with two holes by hand. */
  @BeforeEach
  void twoVersions() {
    long batch = api.newBatch("Versions");
    picture = api.cutPicture(batch, "a.jpg", TestPictures.discJpeg(400, 300, 0x2A5A7A));
    engine = api.picture(picture).get("versionId").asLong();
    api.verdict(picture, "touch-up");
    erase("first-hole", 170, 150);
    erase("second-hole", 230, 150);
    api.post(path("/touch-up/done"), "");
    mended = api.picture(picture).get("versionId").asLong();
    await().atMost(Api.PATIENCE).until(() -> api.picture(picture).get("inspected").asBoolean());
  }

  private void erase(String key, int x, int y) {
    Answer answer =
        api.post(
            path("/edits"),
            """
            {"clientKey": "%s", "edit": {"mode": "erase", "sizePx": 24, "softness": 0,
             "strength": 1, "points": [%d, %d]}}
            """
                .formatted(key, x, y));
    assertThat(answer.status()).isEqualTo(201);
  }

  @Test
  void bothAreListedAndTheirDifferencesFound() {
    JsonNode list = api.get(path("/versions")).body();
    assertThat(list.size()).isEqualTo(2);
    assertThat(list.get(0).get("maker").asString()).isEqualTo("engine");
    assertThat(list.get(1).get("maker").asString()).isEqualTo("hand");
    assertThat(list.get(1).get("current").asBoolean()).isTrue();
    assertThat(list.get(1).get("worst").asString()).isEqualTo("Hole in the subject");

    JsonNode found = api.get(path("/comparison?first=" + engine + "&second=" + mended)).body();
    assertThat(found.get("regions").size()).isEqualTo(2);
    assertThat(found.get("regions").get(0).get("firstKeepsMore").asBoolean()).isTrue();
    assertThat(found.get("regions").get(0).get("area").asInt()).isBetween(400, 500);
  }

  @Test
  void anEarlierVersionIsChosenAgain() {
    long revision = api.picture(picture).get("revision").asLong();

    Answer chosen =
        api.withBody(
            "PUT",
            path("/version"),
            "{\"versionId\": %d, \"revision\": %d}".formatted(engine, revision));

    assertThat(chosen.body().get("versionId").asLong()).isEqualTo(engine);
    assertThat(api.matte(picture).at(170, 150)).isEqualTo(255);
    Answer stale =
        api.withBody(
            "PUT",
            path("/version"),
            "{\"versionId\": %d, \"revision\": %d}".formatted(mended, revision));
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.body().get("detail").asString()).contains("nothing was chosen");
  }

  @Test
  void oneHoleIsMendedByTakingItFromTheOther() {
    Answer merged =
        api.post(
            path("/versions/take"),
            """
            {"into": %d, "from": %d, "x": 150, "y": 130, "width": 42, "height": 42}
            """
                .formatted(mended, engine));

    assertThat(merged.status()).isEqualTo(200);
    Matte matte = api.matte(picture);
    assertThat(matte.at(170, 150)).isEqualTo(255);
    assertThat(matte.at(230, 150)).isZero();
    assertThat(api.get(path("/versions")).body().get(2).get("maker").asString())
        .isEqualTo("merged");

    api.verdict(picture, "touch-up");
    erase("third-hole", 200, 180);
    api.post(path("/touch-up/done"), "");
    assertThat(api.matte(picture).at(170, 150))
        .as("edits go on from the merged one")
        .isEqualTo(255);
    assertThat(api.matte(picture).at(200, 180)).isZero();
  }

  /** Two people at once: what one chose is not replaced by a merge that the other asked for. */
  @Test
  void aPlaceIsTakenOnlyIntoTheVersionInUse() {
    Answer late =
        api.post(
            path("/versions/take"),
            """
            {"into": %d, "from": %d, "x": 150, "y": 130, "width": 42, "height": 42}
            """
                .formatted(engine, mended));

    assertThat(late.status()).isEqualTo(409);
    assertThat(late.body().get("detail").asString()).contains("nothing was chosen");
    assertThat(api.picture(picture).get("versionId").asLong()).isEqualTo(mended);
  }

  @Test
  void anotherMethodIsCutBesideAndOnlyOnce() {
    Answer cut = api.post(path("/versions"), "{\"method\": \"plain\"}");

    assertThat(cut.status()).isEqualTo(200);
    assertThat(cut.body().get("method").asString()).isEqualTo("plain");
    assertThat(cut.body().get("current").asBoolean()).isFalse();
    assertThat(api.picture(picture).get("versionId").asLong()).isEqualTo(mended);
    long again = api.post(path("/versions"), "{\"method\": \"plain\"}").body().get("id").asLong();
    assertThat(again).isEqualTo(cut.body().get("id").asLong());
    assertThat(api.post(path("/versions"), "{\"method\": \"magic\"}").status()).isEqualTo(400);
  }

  @Test
  void whatIsNoVersionOfThisPictureIsRefused() {
    assertThat(api.get(path("/comparison?first=" + engine + "&second=99999999")).status())
        .isEqualTo(404);
    assertThat(api.withBody("PUT", path("/version"), "{}").status()).isEqualTo(400);
    assertThat(api.post(path("/versions/take"), "{\"into\": 1}").status()).isEqualTo(400);
  }

  private String path(String more) {
    return "/api/v1/pictures/" + picture + more;
  }
}
