package org.ablebatch.server;

import static org.ablebatch.server.Deliveries.CARD;
import static org.ablebatch.server.Deliveries.SQUARE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.ablebatch.server.Api.Answer;
import org.ablebatch.server.shelf.TidyUp;
import org.ablebatch.server.storage.Sha256;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Finished work is found again, tells its story, and is tidied away with a way back. */
@ExtendWith(RunningServer.class)
class ShelfTest {
  private final Api api;
  private final Deliveries deliveries;
  private final JdbcTemplate database;

  ShelfTest(Api api, ApplicationContext context) {
    this.api = api;
    this.database = context.getBean(JdbcTemplate.class);
    this.deliveries = new Deliveries(api);
  }

  @Test
  void aFileIsFoundByWordsOfAllThatItIs() {
    long batch = api.newBatch("Gießkannen");
    deliveries.passed(batch, "spout-12b.jpg", 0x308040);
    done(batch, "", SQUARE, CARD);

    assertThat(names(batch, "giess"))
        .containsExactlyInAnyOrder("spout-12b_square.png", "spout-12b_card.jpg");
    assertThat(names(batch, "spout squ")).containsExactly("spout-12b_square.png");
    assertThat(names(batch, "90 x 60")).containsExactly("spout-12b_card.jpg");
    assertThat(names(batch, "jpeg 12")).containsExactly("spout-12b_card.jpg");
    assertThat(names(batch, "the spout")).isEmpty();
    assertThat(names(batch, "+-*\"()~<>@ spout")).hasSize(2);
    assertThat(names(batch, "out")).as("not the middle of a word").isEmpty();

    assertThat(found(batch, "&spec=Card")).hasSize(1);
    assertThat(found(batch, "&format=PNG")).hasSize(1);
    assertThat(found(batch, "&until=2020-01-01T00:00:00Z")).isEmpty();
    assertThat(found(batch, "&since=2020-01-01T00:00:00Z")).hasSize(2);
    JsonNode page = api.get("/api/v1/shelf?batch=" + batch + "&offset=1&limit=1").body();
    assertThat(page.get("total").asInt()).isEqualTo(2);
    assertThat(page.get("files")).hasSize(1);
    assertThat(api.get("/api/v1/shelf?limit=0").status()).isEqualTo(400);
    assertThat(api.get("/api/v1/shelf/choices").body().get("specs").toString()).contains("Square");
  }

  @Test
  void whatIsReplacedStepsBackAndWhatIsTheSameStandsOnce() {
    long batch = api.newBatch("Replaced");
    long picture = deliveries.passed(batch, "pot.jpg", 0x905030);
    long original = done(batch, "", SQUARE);
    long again = done(batch, "", SQUARE);
    assertThat(found(batch, "")).hasSize(1);
    String first = found(batch, "").get(0).get("id").asString();

    deliveries.mirror(picture);
    long changed = done(batch, "", SQUARE);

    assertThat(found(batch, "")).hasSize(1);
    assertThat(found(batch, "").get(0).get("id").asString()).isNotEqualTo(first);
    assertThat(idsOf(batch, original)).as("as it was then").containsExactly(first);
    assertThat(idsOf(batch, again)).containsExactly(first);
    assertThat(idsOf(batch, changed)).hasSize(1).doesNotContain(first);
    List<JsonNode> all = found(batch, "&earlier=true");
    assertThat(all).hasSize(2);
    assertThat(all.get(1).get("id").asString()).isEqualTo(first);
    assertThat(all.get(1).get("replacedAt").isNull()).isFalse();

    JsonNode story = api.get("/api/v1/shelf/files/" + first).body();
    assertThat(story.get("original").get("name").asString()).isEqualTo("pot.jpg");
    assertThat(story.get("version").get("number").asInt()).isEqualTo(1);
    assertThat(story.get("passed").get("together").asBoolean()).isFalse();
    assertThat(story.get("deliveries").valueStream().map(d -> d.get("change").asString()))
        .containsExactly("changed", "same", "new");
    assertThat(story.get("deliveries").valueStream().map(d -> d.get("same").asBoolean()))
        .containsExactly(false, true, true);
  }

  private List<String> idsOf(long batch, long delivery) {
    return found(batch, "&delivery=" + delivery).stream()
        .map(file -> file.get("id").asString())
        .toList();
  }

  @Test
  void aFileComesOutAsItIsAndAsAPicture() {
    long batch = api.newBatch("Out");
    deliveries.passed(batch, "trowel.jpg", 0x4060A0);
    String line =
        "{\"name\": \"Line\", \"width\": 40, \"height\": 40, \"unit\": \"mm\", \"dpi\": 100, \"format\": \"CUT_LINE\"}";
    String page =
        "{\"name\": \"Page\", \"width\": 40, \"height\": 30, \"unit\": \"mm\", \"dpi\": 100, \"format\": \"PDF\"}";
    String layers = "{\"name\": \"Layers\", \"width\": 80, \"height\": 80, \"format\": \"ORA\"}";
    done(batch, "", SQUARE, line, page, layers);

    for (JsonNode file : found(batch, "")) {
      String path = "/api/v1/shelf/files/" + file.get("id").asString();
      byte[] bytes = api.bytes(path + "/file");
      assertThat(Sha256.of(bytes)).isEqualTo(api.get(path).body().get("sha256").asString());
      assertThat(api.image(api.bytes(path + "/thumbnail")).width()).isBetween(1, 240);
      assertThat(api.image(api.bytes(path + "/thumbnail")).width()).isPositive();
      assertThat(api.image(api.bytes(path + "/picture.png")).argb()).isNotEmpty();
    }
    long svg = found(batch, "&spec=Line").get(0).get("id").asLong();
    assertThat(
            api.fetch("/api/v1/shelf/files/" + svg + "/file").headers().firstValue("Content-Type"))
        .hasValue("application/octet-stream");
    assertThat(api.get("/api/v1/shelf/files/99999999").status()).isEqualTo(404);
  }

  @Test
  void smallPicturesAreThereBeforeSomebodyLooks() {
    long batch = api.newBatch("Small");
    deliveries.passed(batch, "fork.jpg", 0x806020);
    done(batch, "", SQUARE, CARD);

    await()
        .atMost(Api.PATIENCE)
        .until(() -> withThumbnails(batch) == 2 && found(batch, "").size() == 2);
  }

  private int withThumbnails(long batch) {
    return database.queryForObject(
        "SELECT COUNT(*) FROM shelf_file WHERE batch_id = ? AND thumbnail_blob IS NOT NULL",
        Integer.class,
        batch);
  }

  @Test
  void someFilesMoreDoNotCountAsTheLastDelivery() {
    long batch = api.newBatch("Some more");
    long one = deliveries.passed(batch, "a.jpg", 0x20A0A0);
    deliveries.passed(batch, "b.jpg", 0xA0A020);
    done(batch, "", SQUARE);

    long some = done(batch, ", \"pictures\": [" + one + "]", CARD);

    assertThat(deliveries.manifest(some).get("files")).hasSize(1);
    assertThat(found(batch, "")).hasSize(3);
    assertThat(found(batch, "&delivery=" + some)).hasSize(1);
    long next = done(batch, "", SQUARE);
    assertThat(deliveries.manifest(next).get("files").valueStream())
        .allMatch(file -> file.get("change").asString().equals("same"));
    Answer none =
        api.post(
            "/api/v1/batches/" + batch + "/deliveries",
            "{\"specs\": [" + CARD + "], \"pictures\": [999999]}");
    assertThat(none.status()).isEqualTo(409);
  }

  @Test
  void whatIsTakenOffComesBackAndAfterThirtyDaysItsBytesAreGone(ApplicationContext context) {
    long batch = api.newBatch("Tidied");
    deliveries.passed(batch, "rake.jpg", 0x7050B0);
    long delivery = done(batch, "", SQUARE, CARD);
    String ids = "{\"ids\": [" + found(batch, "&spec=Card").get(0).get("id").asString() + "]}";
    long bytes = found(batch, "&spec=Card").get(0).get("bytes").asLong();

    assertThat(api.post("/api/v1/shelf/tidy/weigh", ids).body().get("bytes").asLong())
        .isEqualTo(bytes);
    Answer taken = api.post("/api/v1/shelf/tidy", ids);
    assertThat(taken.status()).as("%s", taken.body()).isEqualTo(200);
    String path = "/api/v1/shelf/tidy/" + taken.body().get("id").asString() + "/bring-back";
    assertThat(found(batch, "")).hasSize(1);
    assertThat(api.post("/api/v1/shelf/tidy", ids).status()).isEqualTo(409);
    assertThat(deliveries.manifest(delivery).get("files").get(1).get("problem").isNull()).isTrue();
    assertThat(api.post(path, "").status()).isEqualTo(200);
    assertThat(found(batch, "")).hasSize(2);

    String again = api.post("/api/v1/shelf/tidy", ids).body().get("id").asString();
    context
        .getBean(JdbcTemplate.class)
        .update("UPDATE tidying SET done_at = done_at - INTERVAL 31 DAY WHERE id = " + again);
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(
            () -> {
              context.getBean(TidyUp.class).forgetOld();
              assertThat(
                      deliveries.manifest(delivery).get("files").get(1).get("problem").asString())
                  .contains("tidied away");
            });
    assertThat(api.post("/api/v1/shelf/tidy/" + again + "/bring-back", "").status()).isEqualTo(409);
    assertThat(found(batch, "")).hasSize(1);
    assertThat(api.fetch("/api/v1/deliveries/" + delivery + "/files.zip").statusCode())
        .isEqualTo(200);

    String makeAgain = "/api/v1/deliveries/" + delivery + "/again";
    assertThat(api.get("/api/v1/deliveries/" + delivery).body().get("forgotten").asInt()).isOne();
    assertThat(api.post(makeAgain, "").status()).isEqualTo(202);
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(() -> assertThat(found(batch, "")).as("as it was").hasSize(2));
    assertThat(deliveries.manifest(delivery).get("files").get(1).get("problem").isNull()).isTrue();
    assertThat(api.post(makeAgain, "").status()).isEqualTo(409);
  }

  @Test
  void whatCanNotBeMadeAsItWasIsNotMadeOtherwise(ApplicationContext context) {
    long batch = api.newBatch("Not as it was");
    long picture = deliveries.passed(batch, "hoe.jpg", 0x30A0B0);
    long delivery = done(batch, "", SQUARE);
    deliveries.mirror(picture);
    context
        .getBean(JdbcTemplate.class)
        .update("UPDATE delivered_file SET forgotten = TRUE WHERE delivery_id = " + delivery);

    assertThat(api.post("/api/v1/deliveries/" + delivery + "/again", "").status()).isEqualTo(202);

    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(
            () -> {
              assertThat(deliveries.state(delivery)).isIn("done", "failed");
              assertThat(
                      deliveries.manifest(delivery).get("files").get(0).get("problem").asString(""))
                  .contains("exactly as it was");
            });
    assertThat(
            deliveries
                .manifest(deliveries.done(batch, "", SQUARE))
                .get("files")
                .get(0)
                .get("change")
                .asString())
        .isEqualTo("changed");
  }

  /** Done, and on the shelf. */
  private long done(long batch, String more, String... specs) {
    long delivery = deliveries.done(batch, more, specs);
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(
            () -> assertThat(found(batch, "&earlier=true&delivery=" + delivery)).isNotEmpty());
    return delivery;
  }

  private List<JsonNode> found(long batch, String more) {
    return api.get("/api/v1/shelf?batch=" + batch + more)
        .body()
        .get("files")
        .valueStream()
        .toList();
  }

  private List<String> names(long batch, String words) {
    String asked = "&words=" + URLEncoder.encode(words, StandardCharsets.UTF_8);
    return found(batch, asked).stream().map(file -> file.get("name").asString()).toList();
  }
}
