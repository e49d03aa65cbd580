package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.server.Api.Answer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What lies on the bench, and the list that it is made of. */
@ExtendWith(RunningServer.class)
class OnTheBenchTest {
  private static final int SIDE = 350;
  private static final String TOP_BOX =
      "{'parts': [{'joining': 'add', 'shape': 'box', 'points': [0, 0, 350, 175]}]}";

  private final Api api;
  private long batch;
  private long picture;

  OnTheBenchTest(Api api) {
    this.api = api;
  }

  @BeforeEach
  void aPictureOnTheBench() {
    batch = api.newBatch("Bench");
    picture = api.cutPicture(batch, "disc.jpg", TestPictures.discJpeg(SIDE, SIDE, 0xB03028));
    api.verdict(picture, "touch-up");
  }

  @Test
  void everyKindOfEditIsKeptAndSaysWhereItChangedSomething() {
    List<String> edits =
        List.of(
            "{'kind': 'brush', 'mode': 'erase', 'sizePx': 20, 'points': [175, 175, 190, 175]}",
            "{'kind': 'brush', 'mode': 'restore', 'edgeAware': true, 'sizePx': 40,"
                + " 'points': [175, 175, 195, 175]}",
            "{'kind': 'strand', 'sizePx': 16, 'points': [175, 69, 190, 71]}",
            "{'kind': 'area', 'mode': 'erase', 'area': " + TOP_BOX + "}",
            "{'kind': 'hint', 'mode': 'subject', 'sizePx': 16, 'points': [175, 125, 180, 125]}",
            "{'kind': 'trace', 'points': [10, 10, 45, 30], 'fromPx': 5, 'toPx': 2}",
            "{'kind': 'edge', 'edge': {'growPx': -2}}",
            "{'kind': 'pick', 'mode': 'erase', 'samples': [{'x': 175, 'y': 250, 'tolerance': 0.05}]}",
            "{'kind': 'subject', 'mode': 'restore', 'box': [75, 75, 200, 200]}");

    for (int k = 0; k < edits.size(); k++) {
      Answer answer = add("edit-number-" + k, edits.get(k));
      assertThat(answer.status()).as(edits.get(k)).isEqualTo(201);
      assertThat(answer.body().get("edits").get(k).get("box").isNull()).as(edits.get(k)).isFalse();
    }
    assertThat(api.matte(picture).at(175, 175)).as("the subject came back").isGreaterThan(230);
  }

  @Test
  void tilesAreTheVeryBytesOfTheResult() {
    picture = api.cutPicture(batch, "large.jpg", TestPictures.discJpeg(700, 700, 0xB03028));
    api.verdict(picture, "touch-up");
    add("stroke-one", brush(350, 350));
    JsonNode list = list();
    long base = list.get("baseVersionId").asLong();
    byte[] tile = tile(base, "cutout/0/0/0", list.get("state").asString());
    byte[] corner = tile(base, "cutout/0/1/1", list.get("state").asString());
    byte[] half = tile(base, "cutout/1/0/0", list.get("state").asString());

    Matte matte = api.matte(picture);
    assertThat(tile).hasSize(512 * 512 * 4);
    assertThat(corner).hasSize(188 * 188 * 4);
    assertThat(half).hasSize(350 * 350 * 4);
    for (int y = 300; y < 400; y++) {
      for (int x = 300; x < 400; x++) {
        assertThat(tile[4 * (y * 512 + x) + 3] & 0xFF).isEqualTo(matte.at(x, y));
      }
    }
    assertThat(half[4 * (175 * 350 + 175) + 3]).isZero();
  }

  @Test
  void theAnswerSaysWherePixelsDifferFromTheStateTheAskerHas() {
    String empty = list().get("state").asString();
    JsonNode one = add("stroke-one", brush(150, 150), empty).body();
    JsonNode two = add("stroke-two", brush(200, 200), one.get("state").asString()).body();

    assertThat(box(two.get("changed"))).containsExactly(180, 180, 40, 40);
    assertThat(box(list(empty).get("changed"))).containsExactly(130, 130, 90, 90);
    assertThat(list(two.get("state").asString()).get("changed").isNull()).isTrue();
    assertThat(box(list("unheard-of").get("changed"))).containsExactly(0, 0, SIDE, SIDE);
    JsonNode undone = api.post(edits("/undo?since=" + two.get("state").asString()), "").body();
    assertThat(undone.get("state").asString()).isEqualTo(one.get("state").asString());
    assertThat(box(undone.get("changed"))).containsExactly(180, 180, 40, 40);
  }

  @Test
  void whatTheAskerKnowsIsLeftOutUntilItChanges() {
    JsonNode first = add("stroke-one", brush(150, 150)).body().get("edits").get(0);
    long known = first.get("id").asLong();

    JsonNode two =
        api.post(
                edits("?known=" + known),
                json("{'clientKey': 'stroke-two', 'edit': " + brush(200, 200) + "}"))
            .body()
            .get("edits");
    assertThat(two.get(0).get("edit").isNull()).isTrue();
    assertThat(two.get(0).get("clientKey").asString()).isEqualTo("stroke-one");
    assertThat(two.get(1).get("edit").get("sizePx").asInt()).isEqualTo(39);

    JsonNode changed =
        api.withBody(
                "PATCH",
                edits("/" + known + "?known=" + known),
                json("{'edit': " + brush(160, 150) + "}"))
            .body()
            .get("edits");
    assertThat(changed.get(0).get("edit").get("points").get(0).asInt()).isEqualTo(160);
  }

  @Test
  void editsAreTakenOutChangedAndPutInAnotherOrder() {
    long erase = add("stroke-one", brush(175, 175)).body().get("edits").get(0).get("id").asLong();
    add("stroke-two", "{'kind': 'brush', 'mode': 'restore', 'sizePx': 20, 'points': [175, 175]}");
    assertThat(api.matte(picture).at(175, 175)).isEqualTo(255);

    api.withBody("PATCH", edits("/" + erase), json("{'place': 1}"));
    assertThat(api.matte(picture).at(175, 175)).as("erased last").isZero();
    api.withBody("PATCH", edits("/" + erase), json("{'edit': " + brush(225, 225) + "}"));
    assertThat(api.matte(picture).at(175, 175)).isEqualTo(255);
    assertThat(api.matte(picture).at(225, 225)).isZero();
    api.withBody("DELETE", edits("/" + erase), "");

    assertThat(api.matte(picture).at(225, 225)).isEqualTo(255);
    assertThat(list().get("edits")).hasSize(1);
    assertThat(api.withBody("DELETE", edits("/" + erase), "").status()).isEqualTo(404);
  }

  @Test
  void aTryChangesNothing() {
    String state = list().get("state").asString();

    byte[] seen =
        api.postForBytes(
            "/api/v1/pictures/" + picture + "/bench/preview",
            json(
                "{'edit': {'kind': 'area', 'mode': 'erase', 'area': "
                    + TOP_BOX
                    + "}, 'base': "
                    + list().get("baseVersionId").asLong()
                    + ", 'level': 0, 'x': 0, 'y': 0, 'width': 350, 'height': 350}"));

    assertThat(seen).hasSize(350 * 350 * 4);
    assertThat(seen[4 * (100 * 350 + 175) + 3]).isZero();
    assertThat(seen[4 * (200 * 350 + 175) + 3] & 0xFF).isEqualTo(255);
    assertThat(list().get("state").asString()).isEqualTo(state);
    assertThat(api.matte(picture).at(175, 100)).isEqualTo(255);
  }

  @Test
  void aSubjectThatIsNotThereIsSaidAndNotKept() {
    Answer answer =
        add("box-of-wall", "{'kind': 'subject', 'mode': 'restore', 'box': [5, 5, 60, 60]}");

    assertThat(answer.status()).isEqualTo(409);
    assertThat(answer.body().get("detail").asString()).contains("No subject found");
    assertThat(list().get("edits")).isEmpty();
  }

  @Test
  void whenThePictureWasCutAgainBothCutoutsCanBeGoneOnFrom() {
    long before = list().get("baseVersionId").asLong();
    add("stroke-one", brush(175, 175));
    api.post("/api/v1/pictures/" + picture + "/touch-up/done", "");
    api.post("/api/v1/pictures/" + picture + "/recut", json("{'method': 'busy'}"));
    api.awaitState(picture, "to-check");
    api.verdict(picture, "touch-up");

    Answer late =
        api.post(
            edits(""),
            json(
                "{'clientKey': 'stroke-two', 'baseVersionId': "
                    + before
                    + ", 'edit': "
                    + brush(225, 225)
                    + "}"));
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.body().get("kind").asString()).isEqualTo("cut-meanwhile");
    assertThat(list().get("edits")).isEmpty();

    JsonNode back = api.post(edits("/base"), "{\"versionId\": " + before + "}").body();
    assertThat(back.get("edits")).hasSize(1);
    assertThat(api.matte(picture).at(175, 175)).isZero();
  }

  @Test
  void aLineAlongTheEdgeAndFindingsAreAskedForOnTheBench() {
    JsonNode line =
        api.get(
                "/api/v1/pictures/"
                    + picture
                    + "/bench/edge-path?fromX=70&fromY=175&toX=175&toY=70")
            .body();
    assertThat(line.size()).isGreaterThan(60).isEven();

    add("stroke-one", brush(175, 175));
    List<String> kinds = new ArrayList<>();
    api.get("/api/v1/pictures/" + picture + "/bench/findings")
        .body()
        .forEach(finding -> kinds.add(finding.get("kind").asString()));
    assertThat(kinds).contains("hole");
    api.post(edits("/undo"), "");
    assertThat(api.get("/api/v1/pictures/" + picture + "/bench/findings").body()).isEmpty();
  }

  private Answer add(String key, String edit) {
    return add(key, edit, "");
  }

  private Answer add(String key, String edit, String since) {
    return api.post(
        edits("?since=" + since), json("{'clientKey': '" + key + "', 'edit': " + edit + "}"));
  }

  private static String brush(int x, int y) {
    return "{'kind': 'brush', 'mode': 'erase', 'sizePx': 39, 'points': [%d, %d]}".formatted(x, y);
  }

  private JsonNode list() {
    return list("");
  }

  private JsonNode list(String since) {
    return api.get(edits("?since=" + since)).body();
  }

  private byte[] tile(long base, String which, String state) {
    return api.bytes(
        "/api/v1/pictures/%d/bench/%d/%s?state=%s".formatted(picture, base, which, state));
  }

  private static List<Integer> box(JsonNode box) {
    return List.of(
        box.get("x").asInt(),
        box.get("y").asInt(),
        box.get("width").asInt(),
        box.get("height").asInt());
  }

  private static String json(String text) {
    return text.replace('\'', '"');
  }

  private String edits(String more) {
    return "/api/v1/pictures/" + picture + "/edits" + more;
  }
}
