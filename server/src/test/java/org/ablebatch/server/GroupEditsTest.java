package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.server.Api.Answer;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** One outline's settings for all pictures of a group. */
@ExtendWith(RunningServer.class)
class GroupEditsTest {
  private static final int SIDE = 160;
  private static final String KEY = "thinner-by-nine";
  private static final String THINNER = "{\"kind\": \"edge\", \"edge\": {\"growPx\": -9}}";

  /** Just inside the disc's rim: nine pixels less of it and this is backdrop. */
  private static final int RIM_Y = SIDE / 2 - 30 * SIDE / 100 + 5;

  private final Api api;
  private long batch;
  private final List<Long> pictures = new ArrayList<>();

  GroupEditsTest(Api api) {
    this.api = api;
  }

  @BeforeEach
  void fourPicturesOfOneKind() {
    batch = api.newBatch("Group");
    for (int i = 0; i < 4; i++) {
      byte[] file = TestPictures.discJpeg(SIDE, SIDE, 0xB03028 + i);
      pictures.add(api.upload(batch, new UploadedFile(i + ".jpg", file)).get(0).get("id").asLong());
    }
    api.post("/api/v1/batches/" + batch + "/cut", "");
    pictures.forEach(id -> api.awaitState(id, "to-check"));
    api.verdict(pictures.get(0), "touch-up");
    api.verdict(pictures.get(1), "touch-up");
    api.verdict(pictures.get(3), "pass");
  }

  @Test
  void theBenchAndCheckAreReachedAndWhatWasPassedStays() {
    long firstVersion = version(2);
    assertThat(rim(2)).as("inside before").isGreaterThan(200);

    JsonNode reach = spread(0).body();

    assertThat(reach.get("onBench").asInt()).isEqualTo(1);
    assertThat(reach.get("inCheck").asInt()).isEqualTo(1);
    assertThat(reach.get("left").asInt()).isEqualTo(1);
    assertThat(rim(1)).as("on the bench").isZero();
    await().until(() -> version(2) != firstVersion);
    assertThat(rim(2)).as("in Check").isZero();
    assertThat(api.picture(pictures.get(2)).get("state").asString()).isEqualTo("to-check");
    assertThat(rim(3)).as("passed").isGreaterThan(200);
    assertThat(edits(0)).as("its own list is the browser's business").isZero();
  }

  @Test
  void theEditSaysInHowManyOthersItIs() {
    post(0, THINNER);
    api.post(
        "/api/v1/pictures/" + pictures.get(0) + "/edits",
        "{\"clientKey\": \"" + KEY + "\", \"edit\": " + THINNER + "}");
    assertThat(elsewhere(0)).isEqualTo("2 open, 0 judged");
    assertThat(elsewhere(1)).as("also seen from the others").isEqualTo("2 open, 0 judged");

    await().until(() -> !redrawing(2));
    api.verdict(pictures.get(2), "pass");
    assertThat(elsewhere(0)).isEqualTo("1 open, 1 judged");

    api.withBody("DELETE", "/api/v1/pictures/" + pictures.get(0) + "/group-edits/" + KEY, "");
    assertThat(elsewhere(0)).isEqualTo("0 open, 1 judged");
  }

  private String elsewhere(int index) {
    JsonNode edit =
        api.get("/api/v1/pictures/" + pictures.get(index) + "/edits").body().get("edits").get(0);
    JsonNode others = edit.get("elsewhere");
    return others.get("open").asInt() + " open, " + others.get("judged").asInt() + " judged";
  }

  @Test
  void askedTwiceItIsDoneOnceAndTakenBackEverywhere() {
    spread(0);
    spread(0);
    assertThat(edits(1)).isEqualTo(1);
    await().until(() -> !redrawing(2));

    JsonNode back =
        api.withBody("DELETE", "/api/v1/pictures/" + pictures.get(0) + "/group-edits/" + KEY, "")
            .body();

    assertThat(back.get("onBench").asInt() + back.get("inCheck").asInt()).isEqualTo(2);
    assertThat(rim(1)).isGreaterThan(200);
    await().until(() -> !redrawing(2));
    assertThat(rim(2)).isGreaterThan(200);
  }

  @Test
  void aVerdictOnAPictureThatIsBeingRedrawnIsNotTaken() {
    long firstVersion = version(2);
    spread(0);
    Answer answer = api.verdict(pictures.get(2), "pass");
    while (answer.status() == 409) {
      assertThat(answer.body().get("detail").asString()).contains("is being redrawn");
      assertThat(api.picture(pictures.get(2)).get("state").asString()).isEqualTo("to-check");
      answer = api.verdict(pictures.get(2), "pass");
    }

    assertThat(answer.status()).isEqualTo(200);
    assertThat(version(2)).as("what was passed is what was drawn").isNotEqualTo(firstVersion);
  }

  @Test
  void theBenchNeedsNoDrawingToBeFinished() {
    spread(0);

    assertThat(api.verdict(pictures.get(2), "touch-up").status()).isEqualTo(200);

    assertThat(rim(2)).as("on the bench, with the edges of its group").isZero();
    assertThat(edits(2)).isEqualTo(1);
  }

  @Test
  void onlyAWholeOutlineGoesToOthers() {
    Answer brush =
        post(0, "{\"kind\": \"brush\", \"mode\": \"erase\", \"sizePx\": 9, \"points\": [5, 5]}");

    assertThat(brush.status()).isEqualTo(400);
    assertThat(brush.body().get("detail").asString()).contains("whole outline");
    assertThat(edits(1)).isZero();
  }

  private Answer spread(int from) {
    Answer answer = post(from, THINNER);
    assertThat(answer.status()).isEqualTo(200);
    return answer;
  }

  private Answer post(int from, String edit) {
    return api.post(
        "/api/v1/pictures/" + pictures.get(from) + "/group-edits",
        "{\"clientKey\": \"" + KEY + "\", \"edit\": " + edit + "}");
  }

  private boolean redrawing(int index) {
    return api.picture(pictures.get(index)).get("redrawing").asBoolean();
  }

  private long version(int index) {
    return api.picture(pictures.get(index)).get("versionId").asLong();
  }

  private int rim(int index) {
    return api.matte(pictures.get(index)).at(SIDE / 2, RIM_Y);
  }

  private int edits(int index) {
    return api.get("/api/v1/pictures/" + pictures.get(index) + "/edits").body().get("edits").size();
  }
}
