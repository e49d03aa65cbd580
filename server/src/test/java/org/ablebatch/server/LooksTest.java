package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.Api.Answer;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Looks: kept in versions, used by batches, done otherwise by single pictures, and mended. */
@ExtendWith(RunningServer.class)
class LooksTest {
  private static final Path SLATE = Path.of("..", "demo", "looks", "portrait-slate.json");
  private static final String PARTS =
      """
      [{"id": "backdrop", "name": "Wall", "on": true,
        "setting": {"kind": "backdrop", "fill": {"kind": "colour", "colour": "%s"}}},
       {"id": "subject", "name": "Subject", "on": true,
        "setting": {"kind": "subject", "size": "margin", "percent": %s, "stand": "centre",
          "floor": 10, "x": 0, "y": 0, "rotate": 0, "flip": false, "keepCutSides": true,
          "column": null, "copies": null}},
       {"id": "title", "name": "Title", "on": true,
        "setting": {"kind": "text", "words": [{"kind": "code"}, {"kind": "words", "text": " written across"}],
          "box": {"x": 5, "y": %s, "width": 90, "height": 12}, "family": "atkinson", "bold": true,
          "size": 8, "least": 3, "colour": "#1B2333", "across": "left", "down": "top",
          "lineHeight": 115, "spacing": 0, "opacity": 100, "shadow": false, "plate": null}}]
      """;

  private final Api api;

  LooksTest(Api api) {
    this.api = api;
  }

  @Test
  void aLookComesBackAsTheFileThatItCameAs() throws Exception {
    String file = Files.readString(SLATE).replace("Portrait, slate", "Came and went");
    JsonNode kept = keep(file);

    JsonNode again = api.get("/api/v1/looks/" + kept.get("id") + "/file").body();

    assertThat(again.get("name").asString()).isEqualTo("Came and went");
    assertThat(again.get("parts")).isEqualTo(kept.get("parts"));
    assertThat(keep(file).get("name").asString()).isEqualTo("Came and went 2");
  }

  @Test
  void whatIsNoLookIsRefusedWithItsField() throws Exception {
    String file = Files.readString(SLATE);

    Answer newer = api.post("/api/v1/looks", file.replace("\"version\": 1", "\"version\": 3"));
    Answer unknown = api.post("/api/v1/looks", file.replace("\"gradient\"", "\"fireworks\""));
    Answer negative = api.post("/api/v1/looks", file.replace("\"percent\": 84", "\"percent\": -1"));
    Answer text = api.post("/api/v1/looks", "no JSON");

    assertThat(newer.status()).isEqualTo(400);
    assertThat(newer.body().get("detail").asString()).contains("newer than the 1");
    assertThat(unknown.body().get("field").asString()).isEqualTo("parts[0].setting.fill.kind");
    assertThat(negative.body().get("field").asString()).isEqualTo("parts[1].setting.percent");
    assertThat(text.status()).isEqualTo(400);
  }

  @Test
  void anotherBatchKeepsItsVersionAndIsToldOfTheNewerOne() {
    long one = api.newBatch("One");
    long other = api.newBatch("Other");
    JsonNode kept = keep(file("Shared", PARTS.formatted("#E9E0CE", 10, 86)));
    use(one, kept);
    use(other, kept);

    save(one, PARTS.formatted("#224466", 10, 86), 200);

    assertThat(look(one).get("version").asInt()).isEqualTo(2);
    assertThat(look(other).get("version").asInt()).isEqualTo(1);
    assertThat(look(other).get("newest").asBoolean()).isFalse();
    assertThat(colourOf(look(other))).isEqualTo("#E9E0CE");
    save(one, PARTS.formatted("#335577", 10, 86), 200);
    assertThat(look(one).get("version").asInt()).as("nobody else uses it").isEqualTo(2);
    assertThat(colourOf(look(one))).isEqualTo("#335577");
  }

  @Test
  void whoSavesSecondIsToldAndWritesOverNothing() {
    long batch = api.newBatch("Two people");
    use(batch, keep(file("Contested", PARTS.formatted("#E9E0CE", 10, 86))));
    JsonNode seen = look(batch);
    save(batch, PARTS.formatted("#224466", 10, 86), 200);

    Answer second = save(batch, seen, PARTS.formatted("#AA3322", 10, 86));

    assertThat(second.status()).isEqualTo(409);
    assertThat(second.body().get("detail").asString())
        .contains("changed by somebody else")
        .contains("Keep as a new look");
    assertThat(colourOf(look(batch))).isEqualTo("#224466");
  }

  @Test
  void aLookThatABatchUsesStaysOnTheShelf() {
    long batch = api.newBatch("Uses it");
    JsonNode kept = keep(file("In use", PARTS.formatted("#E9E0CE", 10, 86)));
    use(batch, kept);
    String path = "/api/v1/looks/" + kept.get("id");

    assertThat(api.withBody("DELETE", path, "").status()).isEqualTo(409);
    use(batch, keep(file("Another", PARTS.formatted("#FFFFFF", 10, 86))));
    assertThat(api.withBody("DELETE", path, "").status()).isEqualTo(204);
    assertThat(api.get("/api/v1/looks").body().toString()).doesNotContain("\"In use\"");
  }

  @Test
  void ownChangesStayWhenTheLookChangesAndGoToTheGroup() {
    long batch = passed("Own changes", "A_rakes.jpg", "B_rakes.jpg", "C_spades.jpg");
    use(batch, keep(file("Own", PARTS.formatted("#E9E0CE", 10, 86))));
    long first = api.pictures(batch).get(0).get("id").asLong();
    String own = "/api/v1/pictures/" + first + "/look-changes";
    JsonNode parts = json(PARTS.formatted("#C04030", 10, 86));

    api.withBody("PUT", own, "{\"parts\": [" + parts.get(0) + "]}");
    save(batch, PARTS.formatted("#224466", 10, 86), 200);

    assertThat(corner(batch, 0)).isEqualTo(0xC04030);
    assertThat(corner(batch, 1)).isEqualTo(0x224466);
    assertThat(api.post(own + "/to-group", "").body().get("pictures").asInt()).isEqualTo(1);
    assertThat(corner(batch, 1)).isEqualTo(0xC04030);
    assertThat(corner(batch, 2)).isEqualTo(0x224466);
    api.withBody("PUT", own, "{\"parts\": []}");
    assertThat(corner(batch, 0)).isEqualTo(0x224466);
  }

  @Test
  void whatTheLookHurtsIsFoundOnAllAndMendedOnAll() {
    long batch = passed("Hurt", "A_rakes.jpg", "B_rakes.jpg");
    use(batch, keep(file("Over it", PARTS.formatted("#E9E0CE", 10, 44))));
    String problems = "/api/v1/batches/" + batch + "/look-problems";
    JsonNode found = lookedOver(problems);

    assertThat(found.get("pictures").asInt()).isEqualTo(2);
    assertThat(kinds(found)).contains("text-over-subject");
    assertThat(found.get("backdrops")).isNotEmpty();
    JsonNode mended =
        api.post(
                problems + "/mend",
                "{\"kind\": \"text-over-subject\", \"width\": 400, \"height\": 400}")
            .body();

    assertThat(mended.get("pictures")).hasSize(2);
    assertThat(mended.get("pictures").get(0).get("parts")).isEmpty();
    assertThat(kinds(lookedOver(problems))).doesNotContain("text-over-subject");
    assertThat(api.pictures(batch).get(0).get("lookChanges").get(0).get("id").asString())
        .isEqualTo("title");
    Answer unknown =
        api.post(problems + "/mend", "{\"kind\": \"gloom\", \"width\": 4, \"height\": 4}");
    assertThat(unknown.status()).isEqualTo(400);
  }

  @Test
  void whatHelpsAllAlikeIsProposedForTheLookItself() {
    long batch = api.newBatch("Cut off below", "auto");
    for (int i = 0; i < 2; i++) {
      Picture bust = filled(80, 100, 0);
      for (int y = 30; y < 100; y++) {
        Arrays.fill(bust.argb(), y * 80 + 20, y * 80 + 60, 0xFF2E7D46 + i);
      }
      api.cutPicture(batch, "bust-" + i + ".png", PictureWriter.png(bust));
    }
    api.pictures(batch).forEach(p -> api.verdict(p.get("id").asLong(), "pass"));
    String free = PARTS.formatted("#E9E0CE", 10, 2).replace("Sides\": true", "Sides\": false");
    use(batch, keep(file("Lets them float", free)));
    String problems = "/api/v1/batches/" + batch + "/look-problems";
    assertThat(kinds(lookedOver(problems))).contains("cut-edge");

    JsonNode mended =
        api.post(problems + "/mend", "{\"kind\": \"cut-edge\", \"width\": 400, \"height\": 400}")
            .body();

    assertThat(mended.get("pictures")).isEmpty();
    assertThat(mended.get("helps").asInt()).isEqualTo(2);
    assertThat(mended.get("part").get("setting").get("keepCutSides").asBoolean()).isTrue();
    assertThat(api.pictures(batch).get(0).get("lookChanges")).isEmpty();
  }

  @Test
  void aDeliveryIsMadeAgainToTheByteWhateverTheLookBecame() {
    long batch = passed("Again", "A_rakes.jpg");
    use(batch, keep(file("First state", PARTS.formatted("#E9E0CE", 10, 86))));
    String version = look(batch).get("versionId").asString();
    String address =
        "/api/v1/pictures/"
            + api.pictures(batch).get(0).get("id")
            + "/dressed.png?width=300&height=300&look=";
    byte[] before = api.bytes(address + version);
    api.post(
        "/api/v1/batches/" + batch + "/deliveries",
        """
        {"specs": [{"name": "Shop", "width": 300, "height": 300, "format": "PNG"}]}
        """);

    save(batch, PARTS.formatted("#224466", 10, 86), 200);

    assertThat(look(batch).get("versionId").asString()).isNotEqualTo(version);
    assertThat(api.bytes(address + version)).isEqualTo(before);
  }

  @Test
  void picturesOfALookAreTakenInOnceAndBadOnesAreNamed() {
    String path = "/api/v1/look-pictures";
    byte[] good = PictureWriter.png(filled(40, 30, 0x803366AA));

    JsonNode taken = api.postFile(path, new UploadedFile("wall.png", good)).body();
    JsonNode again = api.postFile(path, new UploadedFile("other.png", good)).body();
    Answer tiny =
        api.postFile(path, new UploadedFile("dot.png", PictureWriter.png(filled(1, 1, -1))));
    Answer damaged = api.postFile(path, new UploadedFile("cut.png", Arrays.copyOf(good, 40)));
    Answer text =
        api.postFile(
            path, new UploadedFile("words.png", "wall\n".getBytes(StandardCharsets.UTF_8)));

    assertThat(again.get("name")).isEqualTo(taken.get("name"));
    assertThat(tiny.status()).isEqualTo(400);
    assertThat(tiny.body().get("detail").asString()).contains("1 × 1 px");
    assertThat(damaged.status()).isEqualTo(400);
    assertThat(text.body().get("detail").asString()).contains("“words.png” can’t be used");
    assertThat(api.get(path).body()).hasSizeGreaterThanOrEqualTo(13);
    assertThat(api.image(api.bytes(path + "/linen/thumbnail.png")).width()).isEqualTo(160);
  }

  @Test
  void aTriedLookSaysWhereTheSubjectStands() throws Exception {
    long batch = passed("Tried", "A_rakes.jpg");
    long picture = api.pictures(batch).get(0).get("id").asLong();
    String parts = PARTS.formatted("#E9E0CE", 10, 86);

    byte[] png =
        api.postForBytes(
            "/api/v1/pictures/" + picture + "/dressed.png",
            "{\"parts\": " + parts + ", \"ownChanges\": true, \"width\": 200, \"height\": 100}");

    Picture tried = api.image(png);
    assertThat(tried.width()).isEqualTo(200);
    assertThat(tried.at(1, 1)).isEqualTo(0xFFE9E0CE);
    Answer wrong =
        api.post(
            "/api/v1/pictures/" + picture + "/dressed.png",
            "{\"parts\": [{\"id\": \"a\"}], \"ownChanges\": true, \"width\": 9, \"height\": 9}");
    assertThat(wrong.status()).isEqualTo(400);
    JsonNode tone = api.get("/api/v1/pictures/" + picture + "/tone").body();
    assertThat(tone.get("meanL").asDouble()).isCloseTo(0.6, within(0.4));
  }

  private JsonNode keep(String file) {
    Answer answer = api.post("/api/v1/looks", file);
    assertThat(answer.status()).as(String.valueOf(answer.body())).isEqualTo(201);
    return answer.body();
  }

  private static String file(String name, String parts) {
    return "{\"format\": \"able-batch-look\", \"version\": 1, \"name\": \"%s\", \"parts\": %s}"
        .formatted(name, parts);
  }

  private void use(long batch, JsonNode kept) {
    Answer answer =
        api.withBody(
            "PATCH", "/api/v1/batches/" + batch, "{\"look\": {\"id\": " + kept.get("id") + "}}");
    assertThat(answer.status()).as(String.valueOf(answer.body())).isEqualTo(200);
  }

  private JsonNode look(long batch) {
    return api.get("/api/v1/batches/" + batch).body().get("look");
  }

  private String colourOf(JsonNode look) {
    return api.get("/api/v1/looks/versions/" + look.get("versionId"))
        .body()
        .get("parts")
        .get(0)
        .get("setting")
        .get("fill")
        .get("colour")
        .asString();
  }

  private void save(long batch, String parts, int status) {
    Answer answer = save(batch, look(batch), parts);
    assertThat(answer.status()).as(String.valueOf(answer.body())).isEqualTo(status);
  }

  private Answer save(long batch, JsonNode seen, String parts) {
    return api.withBody(
        "PUT",
        "/api/v1/batches/" + batch + "/look",
        "{\"name\": %s, \"versionId\": %s, \"revision\": %s, \"parts\": %s}"
            .formatted(seen.get("name"), seen.get("versionId"), seen.get("revision"), parts));
  }

  /** A batch of passed discs with codes and groups from their names. */
  private long passed(String name, String... files) {
    long batch = api.newBatch(name);
    for (int i = 0; i < files.length; i++) {
      api.upload(
          batch,
          new UploadedFile(
              files[i], TestPictures.discJpeg(120, 100, 0x800000 + name.hashCode() % 999 + i)));
    }
    api.withBody(
        "PUT",
        "/api/v1/batches/" + batch + "/sets/pattern",
        "{\"separators\": \"_\", \"parts\": [\"code\", \"group\"], \"folderIsGroup\": true}");
    api.post("/api/v1/batches/" + batch + "/cut", "");
    for (JsonNode picture : api.pictures(batch)) {
      long id = picture.get("id").asLong();
      api.awaitState(id, "to-check");
      assertThat(api.verdict(id, "pass").status()).isEqualTo(200);
    }
    return batch;
  }

  private int corner(long batch, int index) {
    String address =
        "/api/v1/pictures/"
            + api.pictures(batch).get(index).get("id")
            + "/dressed.png?width=120&height=120&look="
            + look(batch).get("versionId");
    return api.image(api.bytes(address)).at(1, 1) & 0xFFFFFF;
  }

  private JsonNode lookedOver(String path) {
    String address = path + "?width=400&height=400";
    org.awaitility.Awaitility.await()
        .atMost(Api.PATIENCE)
        .until(
            () -> {
              JsonNode now = api.get(address).body();
              return now.get("checked").equals(now.get("of"));
            });
    return api.get(address).body();
  }

  private static java.util.List<String> kinds(JsonNode problems) {
    return problems.get("counts").valueStream().map(c -> c.get("kind").asString()).toList();
  }

  private static JsonNode json(String text) {
    return new tools.jackson.databind.json.JsonMapper().readTree(text);
  }

  private static Picture filled(int width, int height, int argb) {
    int[] pixels = new int[width * height];
    Arrays.fill(pixels, argb);
    return new Picture(width, height, pixels);
  }
}
