package org.ablebatch.server;

import static org.ablebatch.server.Deliveries.CARD;
import static org.ablebatch.server.Deliveries.SQUARE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.ablebatch.server.Api.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Deliveries beside the one before: what is the same is not made again. */
@ExtendWith(RunningServer.class)
class DeliverAgainTest {
  private final Api api;
  private final Deliveries deliveries;

  DeliverAgainTest(Api api) {
    this.api = api;
    this.deliveries = new Deliveries(api);
  }

  @Test
  void onlyWhatChangedIsMadeAndTheManifestSaysWhatBecameOfEach() throws Exception {
    long batch = api.newBatch("Again");
    deliveries.passed(batch, "red.jpg", 0xB03028);
    long green = deliveries.passed(batch, "green.jpg", 0x28A030);
    JsonNode first = delivered(batch, specs(SQUARE, CARD), "");
    assertThat(changes(first))
        .containsOnly(
            Map.entry(
                "new",
                Set.of("red_square.png", "red_card.jpg", "green_square.png", "green_card.jpg")));

    deliveries.mirror(green);
    JsonNode seen =
        api.post("/api/v1/batches/" + batch + "/preflight", body(specs(SQUARE, CARD), "")).body();
    assertThat(seen.get("same").asInt()).isEqualTo(2);
    JsonNode second = delivered(batch, specs(SQUARE, CARD), "");

    assertThat(changes(second))
        .containsOnly(
            Map.entry("same", Set.of("red_square.png", "red_card.jpg")),
            Map.entry("changed", Set.of("green_square.png", "green_card.jpg")));
    long delivery = second.get("deliveryId").asLong();
    assertThat(second.get("previousDeliveryId")).isEqualTo(first.get("deliveryId"));
    assertThat(zipped(delivery, "?onlyChanged=true"))
        .containsOnly("green_square.png", "green_card.jpg", "manifest.json", "manifest.csv");
    assertThat(zipped(delivery, "")).hasSize(6);
    assertThat(hash(second, "red_card.jpg")).isEqualTo(hash(first, "red_card.jpg"));
    assertThat(hash(second, "green_card.jpg")).isNotEqualTo(hash(first, "green_card.jpg"));

    JsonNode third = delivered(batch, specs(SQUARE), "");
    assertThat(changes(third))
        .containsOnly(
            Map.entry("same", Set.of("red_square.png", "green_square.png")),
            Map.entry("gone", Set.of("red_card.jpg", "green_card.jpg")));
    assertThat(zipped(third.get("deliveryId").asLong(), ""))
        .containsOnly("red_square.png", "green_square.png", "manifest.json", "manifest.csv");
  }

  @Test
  void whatIsLeftOutIsNotMade() throws Exception {
    long batch = api.newBatch("Left out");
    long picture = deliveries.passed(batch, "one.jpg", 0x3040B0);

    JsonNode manifest =
        delivered(
            batch, specs(SQUARE, CARD), "[{\"pictureId\": " + picture + ", \"specIndex\": 0}]");

    assertThat(names(manifest)).containsExactly("one_card.jpg");
    Answer nothing =
        api.post(
            "/api/v1/batches/" + batch + "/deliveries",
            body(specs(SQUARE), "[{\"pictureId\": " + picture + ", \"specIndex\": 0}]"));
    assertThat(nothing.status()).isEqualTo(409);
    assertThat(nothing.body().get("detail").asString()).contains("left out");
  }

  @Test
  void withoutSpecsThoseOnTheTicketCount() throws Exception {
    long batch = api.newBatch("By the ticket");
    deliveries.passed(batch, "t.jpg", 0x3070B0);
    String preflight = "/api/v1/batches/" + batch + "/preflight";
    JsonNode none = api.post(preflight, "{}").body();
    assertThat(none.get("files").asInt()).isZero();
    assertThat(none.get("pictures").asInt()).isOne();
    assertThat(api.post(preflight, "{\"specs\": []}").status()).isEqualTo(400);
    assertThat(api.post("/api/v1/batches/" + batch + "/deliveries", "{}").status()).isEqualTo(400);

    api.withBody("PUT", "/api/v1/batches/" + batch + "/specs", body(specs(SQUARE, CARD), ""));

    assertThat(api.post(preflight, "{}").body())
        .isEqualTo(api.post(preflight, body(specs(SQUARE, CARD), "")).body());
    Answer queued = api.post("/api/v1/batches/" + batch + "/deliveries", "{}");
    assertThat(queued.status()).isEqualTo(202);
    long delivery = queued.body().get("id").asLong();
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(() -> assertThat(deliveries.state(delivery)).isEqualTo("done"));
    assertThat(api.get("/api/v1/deliveries/" + delivery).body().get("made").asInt()).isEqualTo(2);
  }

  @Test
  void theMostBytesAreMetOrItSaysHowNearItComes() throws Exception {
    long batch = api.newBatch("Weight");
    deliveries.passed(batch, "w.jpg", 0x90B030);
    String large = "{\"name\": \"%s\", \"width\": 600, \"height\": 600, \"format\": \"%s\", %s}";

    JsonNode manifest =
        delivered(
            batch,
            specs(
                large.formatted(
                    "fits",
                    "JPEG",
                    "\"quality\": 95, \"mostBytes\": 16000, \"leastLikeness\": 0.8"),
                large.formatted("never", "TIFF", "\"mostBytes\": 1000")),
            "");

    JsonNode fits = file(manifest, "w_fits.jpg");
    assertThat(fits.get("bytes").asLong()).isBetween(1L, 16_000L);
    assertThat(fits.get("quality").asInt()).isBetween(1, 95);
    assertThat(fits.get("likeness").asDouble()).isBetween(0.8, 1.0);
    JsonNode never = file(manifest, "w_never.tif");
    assertThat(never.get("sha256").isNull()).isTrue();
    assertThat(never.get("problem").asString()).contains("1,000 allowed");
  }

  @Test
  void aPausedDeliveryGoesOnWhereItWas() throws Exception {
    long batch = api.newBatch("Paused");
    deliveries.passed(batch, "p.jpg", 0x705090);
    long delivery = start(batch, specs(SQUARE), "");
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(() -> assertThat(deliveries.state(delivery)).isEqualTo("done"));
    assertThat(api.post("/api/v1/deliveries/" + delivery + "/pause", "").status()).isEqualTo(409);

    long other = start(batch, specs(SQUARE, CARD), "");
    int status = api.post("/api/v1/deliveries/" + other + "/pause", "").status();
    // It is small: it may have been finished before the pause came.
    if (status == 200) {
      assertThat(deliveries.state(other)).isEqualTo("paused");
    }
    api.post("/api/v1/deliveries/" + other + "/go-on", "");
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(() -> assertThat(deliveries.state(other)).isEqualTo("done"));
    assertThat(names(deliveries.manifest(other)))
        .containsExactlyInAnyOrder("p_square.png", "p_card.jpg");
  }

  @Test
  void weightsAreJudgedFromAFewThatAreMadeAndKnownOnceTheyAre() throws Exception {
    long batch = api.newBatch("Weights");
    for (int i = 0; i < 8; i++) {
      deliveries.passed(batch, "w" + i + ".jpg", 0x302010 * (i + 1));
    }
    String path = "/api/v1/batches/" + batch + "/weights";
    String body = body(specs(SQUARE, CARD), "");
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(
            () -> assertThat(api.post(path, body).body().get("complete").asBoolean()).isTrue());
    JsonNode judged = api.post(path, body).body();
    assertThat(judged.get("bytes")).hasSize(16);

    long real =
        delivered(batch, specs(SQUARE, CARD), "")
            .get("files")
            .valueStream()
            .mapToLong(file -> file.get("bytes").asLong())
            .sum();

    assertThat(judged.get("total").asDouble() / real).isBetween(0.85, 1.15);
    assertThat(api.post(path, body).body().get("total").asLong()).isEqualTo(real);
  }

  @Test
  void whatTheTicketSaysStandsInTheFilesAndInTheContactSheet() throws Exception {
    long batch = api.newBatch("Words");
    deliveries.passed(batch, "spade.jpg", 0x506070);
    Answer kept =
        api.withBody(
            "PUT",
            "/api/v1/batches/" + batch + "/file-words",
            """
            {"title": [{"part": "original-name"}, {"part": "text", "text": " by Quillmoor"}],
             "keywords": [{"part": "text", "text": "spade; garden"}]}
            """);
    assertThat(kept.status()).as("%s", kept.body()).isEqualTo(200);

    long delivery = delivered(batch, specs(CARD), "").get("deliveryId").asLong();

    byte[] zip = api.bytes("/api/v1/deliveries/" + delivery + "/files.zip");
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      in.getNextEntry();
      String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      assertThat(text).contains("spade by Quillmoor", "<rdf:li>garden</rdf:li>");
    }
    byte[] sheet = api.bytes("/api/v1/batches/" + batch + "/contact-sheet.pdf?perPage=6");
    assertThat(new String(sheet, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
    assertThat(
            api.withBody(
                    "PUT",
                    "/api/v1/batches/" + batch + "/file-words",
                    "{\"title\": [{\"part\": \"counter\"}]}")
                .body()
                .get("field")
                .asString())
        .isEqualTo("words");
  }

  /** Pausing and going on at once must not end a run that was stopped in the middle. */
  @Test
  void goingOnBeforeThePauseHasTakenHoldLosesNothing() throws Exception {
    long batch = api.newBatch("Paused at once");
    for (int i = 0; i < 6; i++) {
      deliveries.passed(batch, "q" + i + ".jpg", 0x203010 * (i + 1));
    }
    long delivery = start(batch, specs(SQUARE, CARD), "");
    for (int i = 0; i < 5; i++) {
      api.post("/api/v1/deliveries/" + delivery + "/pause", "");
      api.post("/api/v1/deliveries/" + delivery + "/go-on", "");
    }

    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(() -> assertThat(deliveries.state(delivery)).isEqualTo("done"));
    assertThat(deliveries.manifest(delivery).get("files").valueStream())
        .hasSize(12)
        .allMatch(file -> !file.get("sha256").isNull());
  }

  @Test
  void aFileThatIsOnlyCalledOtherwiseIsNotMadeAgainButFetchedAgain() throws Exception {
    long batch = api.newBatch("Renamed");
    deliveries.passed(batch, "r.jpg", 0x606020);
    JsonNode first = delivered(batch, specs(CARD), "");
    String renamed =
        CARD.replace("}", ", \"fileName\": [{\"part\": \"text\", \"text\": \"new\"}]}");

    JsonNode second = delivered(batch, specs(renamed), "");

    assertThat(changes(second)).containsOnly(Map.entry("changed", Set.of("new.jpg")));
    assertThat(hash(second, "new.jpg")).isEqualTo(hash(first, "r_card.jpg"));
    assertThat(zipped(second.get("deliveryId").asLong(), "?onlyChanged=true")).contains("new.jpg");
  }

  @Test
  void whatATryCouldNotMakeIsSaidWithTheWeights() throws Exception {
    long batch = api.newBatch("Too heavy");
    deliveries.passed(batch, "h.jpg", 0x204080);
    String path = "/api/v1/batches/" + batch + "/weights";
    String heavy =
        "{\"name\": \"Heavy\", \"width\": 300, \"height\": 300, \"format\": \"TIFF\","
            + " \"mostBytes\": 1000}";
    String body = body(specs(SQUARE, heavy), "");

    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(
            () -> assertThat(api.post(path, body).body().get("complete").asBoolean()).isTrue());

    JsonNode problems = api.post(path, body).body().get("problems");
    assertThat(problems.propertyNames()).containsExactly("1");
    assertThat(problems.get("1").asString()).contains("1,000 allowed");
  }

  private JsonNode delivered(long batch, String specs, String leaveOut) {
    long delivery = start(batch, specs, leaveOut);
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(() -> assertThat(deliveries.state(delivery)).isEqualTo("done"));
    return deliveries.manifest(delivery);
  }

  private long start(long batch, String specs, String leaveOut) {
    Answer queued = api.post("/api/v1/batches/" + batch + "/deliveries", body(specs, leaveOut));
    assertThat(queued.status()).as("%s", queued.body()).isEqualTo(202);
    return queued.body().get("id").asLong();
  }

  private static String specs(String... all) {
    return "[" + String.join(", ", all) + "]";
  }

  private static String body(String specs, String leaveOut) {
    return "{\"specs\": " + specs + (leaveOut.isEmpty() ? "" : ", \"leaveOut\": " + leaveOut) + "}";
  }

  private static Map<String, Set<String>> changes(JsonNode manifest) {
    return manifest
        .get("files")
        .valueStream()
        .collect(
            Collectors.groupingBy(
                file -> file.get("change").asString(),
                TreeMap::new,
                Collectors.mapping(file -> file.get("name").asString(), Collectors.toSet())));
  }

  private static List<String> names(JsonNode manifest) {
    return manifest.get("files").valueStream().map(f -> f.get("name").asString()).toList();
  }

  private static JsonNode file(JsonNode manifest, String name) {
    return manifest
        .get("files")
        .valueStream()
        .filter(f -> f.get("name").asString().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static String hash(JsonNode manifest, String name) {
    return file(manifest, name).get("sha256").asString();
  }

  private Set<String> zipped(long delivery, String query) throws IOException {
    Set<String> names = new TreeSet<>();
    byte[] zip = api.bytes("/api/v1/deliveries/" + delivery + "/files.zip" + query);
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        names.add(entry.getName());
      }
    }
    return names;
  }
}
