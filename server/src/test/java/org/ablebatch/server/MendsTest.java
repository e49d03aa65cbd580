package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import org.ablebatch.server.Api.Answer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** A finding brings its mend; somebody takes it, or says that nothing is wrong. */
@ExtendWith(RunningServer.class)
class MendsTest {
  private static final int WIDTH = 400;
  private static final int HEIGHT = 300;
  private static final String WIDE_HINT =
      "{\"kind\": \"hint\", \"mode\": \"subject\", \"sizePx\": 6, \"wide\": true, \"points\": [%s]}";

  private final Api api;
  private final JdbcTemplate database;
  private long batch;
  private long picture;

  MendsTest(Api api, ApplicationContext context) {
    this.api = api;
    this.database = context.getBean(JdbcTemplate.class);
  }

  /** A disc out of which a hand has erased a piece of the middle. */
  @BeforeEach
  void aDiscWithAHole() {
    batch = api.newBatch("Mends");
    picture = api.cutPicture(batch, "a.jpg", TestPictures.discJpeg(WIDTH, HEIGHT, 0x205A8A));
    api.verdict(picture, "touch-up");
    api.post(
        "/api/v1/pictures/" + picture + "/edits",
        """
        {"clientKey": "stroke-hole", "edit": {"mode": "erase", "sizePx": 40, "softness": 0,
         "strength": 1, "points": [200, 150]}}
        """);
    api.post("/api/v1/pictures/" + picture + "/touch-up/done", "");
    awaitInspected();
  }

  private void awaitInspected() {
    await()
        .atMost(Api.PATIENCE)
        .until(
            () -> {
              JsonNode now = api.picture(picture);
              return now.get("inspected").asBoolean() && !now.get("redrawing").asBoolean();
            });
  }

  private int middle() {
    return api.matte(picture).at(WIDTH / 2, HEIGHT / 2);
  }

  private long version() {
    return api.picture(picture).get("versionId").asLong();
  }

  private String mends() {
    return "/api/v1/pictures/" + picture + "/mends";
  }

  private Answer take(long version, String findings) {
    return api.post(mends(), "{\"versionId\": " + version + ", \"findings\": " + findings + "}");
  }

  @Test
  void theHoleBringsItsMendAndOnePressFillsIt() {
    JsonNode worst = api.picture(picture).get("findings").get(0);
    assertThat(worst.get("kind").asString()).isEqualTo("hole");
    assertThat(worst.get("mend").get("goes").asString()).isEqualTo("back");
    assertThat(worst.get("mend").get("pixels").asInt()).isBetween(900, 1900);
    JsonNode proposed = api.get(mends()).body();
    assertThat(proposed.get("versionId").asLong()).isEqualTo(version());
    assertThat(proposed.get("mends").get(0).get("area").get("parts")).isNotEmpty();
    assertThat(middle()).isZero();
    long before = version();

    JsonNode taken = take(before, "[0]").body();

    assertThat(taken.get("mends").asInt()).isEqualTo(1);
    await().atMost(Api.PATIENCE).until(() -> version() != before);
    awaitInspected();
    assertThat(middle()).isEqualTo(255);
    JsonNode edits = api.get("/api/v1/pictures/" + picture + "/edits").body().get("edits");
    assertThat(edits.get(1).get("edit").get("kind").asString()).isEqualTo("settle");
    assertThat(answers()).isEqualTo("hole 1 taken 0 right");

    JsonNode back =
        api.withBody(
                "DELETE",
                "/api/v1/batches/" + batch + "/mends/" + taken.get("together").asString(),
                "")
            .body();
    assertThat(back.get("mends").asInt()).isEqualTo(1);
    await().atMost(Api.PATIENCE).until(() -> middle() == 0);
    assertThat(answers()).isEmpty();
  }

  @Test
  void itsPlaceIsShownAsItIsAndAsItWouldBe() {
    String look = mends() + "/0/look.png?version=" + version() + "&mended=";

    int now = api.image(api.bytes(look + "false")).at(40, 40) >>> 24;
    var mended = api.image(api.bytes(look + "true"));

    assertThat(now).as("nothing there").isLessThan(40);
    assertThat(mended.at(mended.width() / 2, mended.height() / 2) >>> 24).isGreaterThan(250);
    assertThat(middle()).as("looking changes nothing").isZero();
  }

  @Test
  void aFindingThatIsRightCountsNoMoreUntilItIsTakenBack() {
    int doubted = api.picture(picture).get("confidence").asInt();
    String right = "/api/v1/pictures/" + picture + "/findings/0/right";

    JsonNode said = api.post(right, "{\"versionId\": " + version() + "}").body();

    assertThat(said.get("findings").get(0).get("right").asBoolean()).isTrue();
    assertThat(said.get("confidence").asInt()).isGreaterThanOrEqualTo(doubted);
    assertThat(api.get(mends()).body().get("mends")).isEmpty();
    assertThat(answers()).isEqualTo("hole 0 taken 1 right");
    assertThat(take(version(), "[0]").body().get("mends").asInt()).isZero();

    JsonNode after = api.withBody("DELETE", right + "?version=" + version(), "").body();
    assertThat(after.get("findings").get(0).get("right").asBoolean()).isFalse();
    assertThat(after.get("confidence").asInt()).isEqualTo(doubted);
    assertThat(answers()).isEmpty();
  }

  @Test
  void whatAHintHasSaidIsRightAndNoMendTakesItBack() {
    api.verdict(picture, "touch-up");
    String found = "/api/v1/pictures/" + picture + "/bench/findings";
    assertThat(api.get(found).body().toString()).contains("\"hole\"");
    api.post(
        "/api/v1/pictures/" + picture + "/edits",
        """
        {"clientKey": "hint-hole", "edit": {"kind": "hint", "mode": "backdrop", "sizePx": 12,
         "points": [200, 150]}}
        """);
    assertThat(api.get(found).body().toString()).doesNotContain("\"hole\"");
    api.post("/api/v1/pictures/" + picture + "/touch-up/done", "");
    awaitInspected();

    JsonNode hole = api.picture(picture).get("findings").get(0);
    assertThat(hole.get("kind").asString()).isEqualTo("hole");
    assertThat(hole.get("right").asBoolean()).isTrue();
    assertThat(api.get(mends()).body().get("mends")).isEmpty();
  }

  @Test
  void whatIsNotTheNewestIsNotAnswered() {
    Answer stale = take(version() - 1, "[0]");

    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.body().get("detail").asString()).contains("has changed since you looked");
    assertThat(middle()).isZero();
    assertThat(api.post(mends(), "{}").status()).isEqualTo(400);
    String beyond = "/api/v1/pictures/" + picture + "/findings/99/right";
    assertThat(api.post(beyond, "{\"versionId\": " + version() + "}").status()).isEqualTo(404);
  }

  @Test
  void whatWasPassedIsNotMendedBehindTheCheckersBack() {
    long version = version();
    api.verdict(picture, "pass");

    assertThat(take(version, "[0]").status()).isEqualTo(409);
    assertThat(middle()).isZero();
  }

  @Test
  void safeOnesAreTakenInAWholeBatchAndAllOfThemBack() {
    sure(0.5);
    String all = "/api/v1/batches/" + batch + "/mends";
    assertThat(api.post(all, "").body().get("mends").asInt()).as("not safe").isZero();
    sure(0.99);
    assertThat(api.post(all + "?kind=haze", "").body().get("mends").asInt()).isZero();

    JsonNode taken = api.post(all + "?kind=hole", "").body();

    assertThat(taken.get("mends").asInt()).isEqualTo(1);
    assertThat(taken.get("pictures").asInt()).isEqualTo(1);
    await().atMost(Api.PATIENCE).until(() -> middle() == 255);
    api.withBody("DELETE", all + "/" + taken.get("together").asString(), "");
    await().atMost(Api.PATIENCE).until(() -> middle() == 0);
    assertThat(api.withBody("DELETE", all + "/nobody", "").status()).isEqualTo(404);
    assertThat(api.post(all + "?kind=ghosts", "").status()).isEqualTo(400);
  }

  @Test
  void aTicketTakesSafeMendsByItselfAndOnceAndTheRecordNamesIt() {
    sure(0.99);
    database.update("UPDATE cutout_version SET maker = 'ENGINE' WHERE id = ?", version());
    long cut = version();

    api.withBody("PATCH", "/api/v1/batches/" + batch, "{\"takeSafeMends\": true}");

    await().atMost(Api.PATIENCE).until(() -> version() != cut);
    awaitInspected();
    assertThat(middle()).isEqualTo(255);
    assertThat(answers()).isEqualTo("hole 1 taken 1 by the ticket 0 right");
    api.verdict(picture, "touch-up");
    JsonNode edit = api.get("/api/v1/pictures/" + picture + "/edits").body().get("edits").get(0);
    assertThat(edit.get("byTicket").asBoolean()).isTrue();

    String path = "/api/v1/pictures/" + picture + "/edits/" + edit.get("id").asLong();
    api.withBody("PATCH", path, "{\"enabled\": false}");
    api.post("/api/v1/pictures/" + picture + "/touch-up/done", "");
    awaitInspected();
    assertThat(middle()).as("what a person has taken back is not taken again").isZero();
  }

  /** How sure the program is of the mend is not what is tried here. */
  private void sure(double odds) {
    database.update(
        "UPDATE cutout_version SET findings = JSON_SET(findings, '$[0].mend.odds', ?) WHERE id = ?",
        odds,
        version());
  }

  @Test
  void aHintMeansTheThingThatItLiesOn() {
    api.verdict(picture, "touch-up");
    String edits = "/api/v1/pictures/" + picture + "/edits";
    String hint = WIDE_HINT.formatted("200, 150");

    JsonNode shown =
        api.post("/api/v1/pictures/" + picture + "/bench/thing", hint).body().get("area");
    assertThat(shown.get("parts")).isNotEmpty();
    assertThat(middle()).as("only shown").isZero();
    api.post(edits, "{\"clientKey\": \"wide-hint\", \"edit\": " + hint + "}");

    assertThat(middle()).isEqualTo(255);
    assertThat(api.matte(picture).at(200 + 17, 150)).as("the rim of the hole").isEqualTo(255);
    assertThat(api.matte(picture).at(20, 20)).as("far away").isZero();
    JsonNode kept = api.get(edits).body().get("edits").get(1).get("edit");
    assertThat(kept.get("area").get("parts")).isNotEmpty();
  }

  @Test
  void gettingReadyForHintsAnswersThemNoOtherwise() {
    api.verdict(picture, "touch-up");
    String bench = "/api/v1/pictures/" + picture + "/bench/";
    String hint = WIDE_HINT.formatted("200, 150");

    assertThat(api.post(bench + "ready-for-hints", "").status()).isEqualTo(204);
    JsonNode first = api.post(bench + "thing", hint).body();
    assertThat(api.post(bench + "ready-for-hints", "").status()).isEqualTo(204);

    assertThat(first.get("area").get("parts")).isNotEmpty();
    assertThat(api.post(bench + "thing", hint).body()).isEqualTo(first);
    assertThat(middle()).as("nothing is made").isZero();
    assertThat(api.post("/api/v1/pictures/0/bench/ready-for-hints", "").status()).isEqualTo(404);
  }

  @Test
  void aHintThatIsMovedOnItsThingStillMeansIt() {
    api.verdict(picture, "touch-up");
    String edits = "/api/v1/pictures/" + picture + "/edits";
    api.post(
        edits,
        "{\"clientKey\": \"moved-hint\", \"edit\": " + WIDE_HINT.formatted("200, 150") + "}");
    long id = api.get(edits).body().get("edits").get(1).get("id").asLong();

    String moved = "{\"edit\": " + WIDE_HINT.formatted("206, 148") + "}";
    assertThat(api.withBody("PATCH", edits + "/" + id, moved).status()).isEqualTo(200);

    assertThat(middle()).isEqualTo(255);
    assertThat(api.matte(picture).at(200 - 17, 150)).as("the other rim of the hole").isEqualTo(255);
    JsonNode kept = api.get(edits).body().get("edits").get(1).get("edit");
    assertThat(kept.get("area").get("parts")).isNotEmpty();
  }

  @Test
  void aFrameMeansWhatStandsOutInItAndItsMarkIsPutThere() {
    api.verdict(picture, "touch-up");
    String edits = "/api/v1/pictures/" + picture + "/edits";
    // Its middle is beside the hole.
    String frame = framed(160, 120, 120, 60);

    JsonNode shown =
        api.post("/api/v1/pictures/" + picture + "/bench/thing", frame).body().get("area");
    assertThat(shown.get("parts")).isNotEmpty();
    api.post(edits, "{\"clientKey\": \"around-it\", \"edit\": " + frame + "}");

    assertThat(middle()).isEqualTo(255);
    assertThat(api.matte(picture).at(20, 20)).as("far away").isZero();
    JsonNode kept = api.get(edits).body().get("edits").get(1).get("edit");
    assertThat(kept.get("points").get(0).asDouble()).isBetween(180.0, 220.0);
    assertThat(kept.get("points").get(1).asDouble()).isBetween(130.0, 170.0);

    Answer nothing =
        api.post(
            edits, "{\"clientKey\": \"empty-frame\", \"edit\": " + framed(180, 130, 40, 40) + "}");
    assertThat(nothing.status()).isEqualTo(409);
    assertThat(nothing.body().get("detail").asString()).contains("Nothing in this box");
    assertThat(api.get(edits).body().get("edits")).hasSize(2);
  }

  private static String framed(int x, int y, int width, int height) {
    return """
        {"kind": "hint", "mode": "subject", "wide": true, "sizePx": 20,
         "points": [%d, %d], "box": [%d, %d, %d, %d]}
        """
        .formatted(x + width / 2 + 30, y + height / 2, x, y, width, height);
  }

  private String answers() {
    StringBuilder text = new StringBuilder();
    for (JsonNode one : api.get("/api/v1/batches/" + batch + "/mends").body()) {
      text.append(one.get("kind").asString())
          .append(' ')
          .append(one.get("taken").asInt())
          .append(" taken ")
          .append(byTicket(one.get("byTicket").asInt()))
          .append(one.get("right").asInt())
          .append(" right");
    }
    return text.toString();
  }

  private static String byTicket(int mends) {
    return mends == 0 ? "" : mends + " by the ticket ";
  }
}
