package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.server.Api.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What a checker is told, says, and takes back. */
@ExtendWith(RunningServer.class)
class CheckingTest {
  private final Api api;

  CheckingTest(Api api) {
    this.api = api;
  }

  @Test
  void aCutoutComesWithItsFindings() {
    long batch = api.newBatch("Findings");
    long picture = api.cutPicture(batch, "a.jpg", TestPictures.discJpeg(160, 120, 0x205A8A));

    JsonNode view = api.picture(picture);

    assertThat(view.get("inspected").asBoolean()).isTrue();
    assertThat(view.get("findings").isArray()).isTrue();
  }

  @Test
  void whatAHandSpoilsIsFoundWithinAMoment() {
    long batch = api.newBatch("A hole by hand");
    long picture = api.cutPicture(batch, "a.jpg", TestPictures.discJpeg(400, 300, 0x205A8A));
    api.verdict(picture, "touch-up");
    Answer stroke =
        api.post(
            "/api/v1/pictures/" + picture + "/edits",
            """
            {"clientKey": "stroke-hole", "edit": {"mode": "erase", "sizePx": 40, "softness": 0,
             "strength": 1, "points": [200, 150]}}
            """);
    assertThat(stroke.status()).isEqualTo(201);
    api.post("/api/v1/pictures/" + picture + "/touch-up/done", "");

    await().atMost(Api.PATIENCE).until(() -> api.picture(picture).get("inspected").asBoolean());

    JsonNode worst = api.picture(picture).get("findings").get(0);
    assertThat(worst.get("kind").asString()).isEqualTo("hole");
    assertThat(worst.get("severity").asDouble()).isGreaterThan(0.3);
    assertThat(worst.get("x").asInt()).isBetween(170, 190);
    assertThat(worst.get("width").asInt()).isBetween(25, 50);
  }

  @Test
  void aRemarkTravelsWithThePictureUntilTheVerdictIsTakenBack() {
    long batch = api.newBatch("Remarks");
    long picture = api.cutPicture(batch, "a.jpg", TestPictures.discJpeg(120, 90, 0x205A8A));
    String path = "/api/v1/pictures/" + picture + "/verdict";

    api.post(
        path,
        """
        {"verdict": "touch-up", "lookedMillis": 900, "remark": {"text": " mend the rim ",
         "reason": "edge", "x": 10, "y": 20, "width": 30, "height": 40}}
        """);

    JsonNode remark = api.picture(picture).get("remark");
    assertThat(remark.get("text").asString()).isEqualTo("mend the rim");
    assertThat(remark.get("reason").asString()).isEqualTo("edge");
    assertThat(remark.get("width").asInt()).isEqualTo(30);
    api.withBody("DELETE", path, "");
    assertThat(api.picture(picture).get("remark").isNull()).isTrue();
  }

  @Test
  void aRemarkOfNonsenseIsRefused() {
    long batch = api.newBatch("Nonsense");
    long picture = api.cutPicture(batch, "a.jpg", TestPictures.discJpeg(120, 90, 0x205A8A));

    Answer answer =
        api.post(
            "/api/v1/pictures/" + picture + "/verdict",
            "{\"verdict\": \"touch-up\", \"remark\": {\"reason\": \"ugly\"}}");

    assertThat(answer.status()).isEqualTo(400);
    assertThat(api.picture(picture).get("state").asString()).isEqualTo("to-check");
  }

  @Test
  void manyArePassedAtOnceAndTakenBackWhole() {
    long batch = api.newBatch("Many");
    List<Long> pictures = cut(batch, 4);
    List<String> seen = new ArrayList<>();
    pictures.forEach(id -> seen.add(seen(id)));
    api.verdict(pictures.get(3), "reject");
    String path = "/api/v1/batches/" + batch + "/verdicts";

    Answer given =
        api.post(path, "{\"verdict\": \"pass\", \"pictures\": [" + String.join(",", seen) + "]}");

    assertThat(given.body().get("done").asInt()).isEqualTo(3);
    assertThat(given.body().get("leftAlone").asInt()).isEqualTo(1);
    assertThat(states(pictures)).containsExactly("passed", "passed", "passed", "rejected");

    api.verdict(pictures.get(0), "touch-up");
    Answer back = api.withBody("DELETE", path + "/" + given.body().get("together").asString(), "");

    assertThat(back.body().get("done").asInt()).isEqualTo(2);
    assertThat(back.body().get("leftAlone").asInt()).isEqualTo(1);
    assertThat(states(pictures)).containsExactly("in-touch-up", "to-check", "to-check", "rejected");
  }

  @Test
  void aVerdictOnAPictureThatWasRecutMeanwhileIsNotRecorded() {
    long batch = api.newBatch("Stale");
    long picture = cut(batch, 1).get(0);
    long seen = api.picture(picture).get("revision").asLong();
    api.post("/api/v1/pictures/" + picture + "/recut", "{\"method\": \"plain\"}");
    await()
        .atMost(Api.PATIENCE)
        .until(() -> api.picture(picture).get("state").asString().equals("to-check"));

    Answer answer =
        api.post(
            "/api/v1/pictures/" + picture + "/verdict",
            "{\"verdict\": \"pass\", \"revision\": %d}".formatted(seen));

    assertThat(answer.status()).isEqualTo(409);
    assertThat(answer.body().get("detail").asString()).contains("not recorded");
    assertThat(api.picture(picture).get("state").asString()).isEqualTo("to-check");
  }

  @Test
  void verdictsOnNothingAreRefused() {
    long batch = api.newBatch("Nothing");
    String path = "/api/v1/batches/" + batch + "/verdicts";

    assertThat(api.post(path, "{\"verdict\": \"pass\", \"pictures\": []}").status()).isEqualTo(400);
    assertThat(api.post(path, "{\"verdict\": \"pass\", \"pictures\": [{\"id\": 1}]}").status())
        .isEqualTo(400);
    assertThat(api.withBody("DELETE", path + "/nobody", "").status()).isEqualTo(404);
  }

  @Test
  void theQualityOfABatchIsCounted() {
    long batch = api.newBatch("Counted");
    List<Long> pictures = cut(batch, 3);
    String quality = "/api/v1/batches/" + batch + "/quality";
    assertThat(api.get(quality).body().get("firstTimeRight").isNull()).isTrue();
    judge(pictures.get(0), "\"pass\", \"lookedMillis\": 700");
    judge(
        pictures.get(1), "\"touch-up\", \"lookedMillis\": 900, \"remark\": {\"reason\": \"gap\"}");
    judge(pictures.get(2), "\"reject\", \"lookedMillis\": 2000");
    api.withBody("DELETE", "/api/v1/pictures/" + pictures.get(2) + "/verdict", "");
    api.post("/api/v1/pictures/" + pictures.get(1) + "/touch-up/done", "");
    judge(pictures.get(1), "\"pass\", \"lookedMillis\": 800");

    JsonNode view = api.get(quality).body();

    assertThat(view.get("verdicts").get("passed").asInt()).isEqualTo(2);
    assertThat(view.get("verdicts").get("in-touch-up").asInt()).isEqualTo(1);
    assertThat(view.get("verdicts").has("rejected")).isFalse();
    assertThat(view.get("reasons").get("gap").asInt()).isEqualTo(1);
    assertThat(view.get("reasonsLately").get("gap").asInt()).isPositive();
    assertThat(view.get("medianLookedMillis").asLong()).isEqualTo(800);
    assertThat(view.get("firstTimeRight").asDouble()).isEqualTo(0.5);
    assertThat(view.get("hours").get(0).get("passed").asInt()).isPositive();
  }

  @Test
  void asSoonAsTheTicketAsksForMoreAPictureIsTooSmall() {
    long batch = api.newBatch("Too small");
    long picture = cut(batch, 1).get(0);
    assertThat(kinds(api.picture(picture))).doesNotContain("too-small");

    api.withBody(
        "PUT",
        "/api/v1/batches/" + batch + "/specs",
        "{\"specs\": [{\"name\": \"Poster\", \"width\": 2400, \"height\": 2400, \"format\": \"PNG\"}]}");

    assertThat(kinds(api.picture(picture))).contains("too-small");
    JsonNode page = api.get("/api/v1/batches/" + batch + "/pictures").body();
    JsonNode finding = page.get("content").get(0).get("findings").get(0);
    assertThat(finding.get("kind").asString()).isEqualTo("too-small");
    assertThat(finding.get("sentence").asString()).contains("“Poster”");
    assertThat(finding.get("severity").asDouble()).isEqualTo(1);
  }

  private static List<String> kinds(JsonNode picture) {
    List<String> kinds = new ArrayList<>();
    picture.get("findings").forEach(finding -> kinds.add(finding.get("kind").asString()));
    return kinds;
  }

  private void judge(long picture, String rest) {
    Answer answer =
        api.post("/api/v1/pictures/" + picture + "/verdict", "{\"verdict\": " + rest + "}");
    assertThat(answer.status()).isEqualTo(200);
  }

  private List<Long> cut(long batch, int count) {
    List<Long> pictures = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      pictures.add(api.cutPicture(batch, i + ".jpg", TestPictures.discJpeg(120, 90, 0x205A8A + i)));
    }
    return pictures;
  }

  private String seen(long id) {
    return "{\"id\": %d, \"revision\": %d}".formatted(id, api.picture(id).get("revision").asLong());
  }

  private List<String> states(List<Long> pictures) {
    return pictures.stream().map(id -> api.picture(id).get("state").asString()).toList();
  }
}
