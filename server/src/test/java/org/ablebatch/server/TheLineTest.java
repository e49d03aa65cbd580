package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.Api.Answer;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningServer.class)
class TheLineTest {
  private final Api api;

  TheLineTest(Api api) {
    this.api = api;
  }

  @Test
  void aPictureGoesFromUploadToDeliveredFiles() throws Exception {
    long batch = api.newBatch("Whole line");
    long picture = api.cutPicture(batch, "disc.jpg", TestPictures.discJpeg(300, 200, 0xB03028));
    assertThat(api.verdict(picture, "pass").status()).isEqualTo(200);

    Answer queued =
        api.post(
            "/api/v1/batches/" + batch + "/deliveries",
            """
            {"specs": [
              {"name": "Square", "width": 120, "height": 120, "format": "PNG"},
              {"name": "On oat", "width": 90, "height": 60, "format": "JPEG", "backdrop": "#E9E0CE"}]}
            """);
    assertThat(queued.status()).isEqualTo(202);
    long delivery = queued.body().get("id").asLong();
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(
            () ->
                assertThat(api.get("/api/v1/deliveries/" + delivery).body().get("state").asString())
                    .isEqualTo("done"));

    Map<String, byte[]> files = unzip(api.bytes("/api/v1/deliveries/" + delivery + "/files.zip"));
    assertThat(files)
        .containsOnlyKeys("disc_square.png", "disc_on-oat.jpg", "manifest.json", "manifest.csv");
    Picture square = api.image(files.get("disc_square.png"));
    assertThat(square.width()).isEqualTo(120);
    assertThat(square.at(0, 0) >>> 24).isZero();
    assertThat(square.at(60, 60) >>> 24).isEqualTo(255);
    assertThat(api.image(files.get("disc_on-oat.jpg")).at(1, 1) & 0xFF).isBetween(0xC8, 0xD4);

    JsonNode manifest = new JsonMapper().readTree(files.get("manifest.json"));
    for (JsonNode file : manifest.get("files")) {
      assertThat(TestPictures.sha256(files.get(file.get("name").asString())))
          .isEqualTo(file.get("sha256").asString());
    }
    assertThat(api.picture(picture).get("state").asString()).isEqualTo("delivered");
  }

  @Test
  void cuttingTwiceQueuesOnce() {
    long batch = api.newBatch("Twice");
    api.upload(batch, new UploadedFile("a.jpg", TestPictures.discJpeg(90, 60, 0x204060)));

    Answer first = api.post("/api/v1/batches/" + batch + "/cut", "");
    Answer second = api.post("/api/v1/batches/" + batch + "/cut", "");

    assertThat(first.status()).isEqualTo(202);
    assertThat(first.body().get("queued").asInt()).isEqualTo(1);
    assertThat(second.body().get("queued").asInt()).isZero();
  }

  @Test
  void recuttingMakesANewVersionAndKeepsTheOld() {
    long batch = api.newBatch("Recut");
    long picture = api.cutPicture(batch, "b.jpg", TestPictures.discJpeg(120, 90, 0x3A6020));
    long first = api.picture(picture).get("versionId").asLong();

    Answer answer = api.post("/api/v1/pictures/" + picture + "/recut", "{\"method\": \"uneven\"}");
    assertThat(answer.status()).isEqualTo(202);
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(
            () -> assertThat(api.picture(picture).get("versionNumber").asInt()).isEqualTo(2));

    assertThat(api.picture(picture).get("method").asString()).isEqualTo("uneven");
    assertThat(api.bytes("/api/v1/pictures/" + picture + "/matte.png?v=" + first)).isNotEmpty();
  }

  @Test
  void aVerdictOnAPictureThatHasMovedOnIsRefusedInWords() {
    long batch = api.newBatch("Stale");
    long picture = api.cutPicture(batch, "c.jpg", TestPictures.discJpeg(100, 80, 0x602060));
    long seen = api.picture(picture).get("revision").asLong();
    api.verdict(picture, "touch-up");

    Answer stale =
        api.post(
            "/api/v1/pictures/" + picture + "/verdict",
            "{\"verdict\": \"pass\", \"revision\": " + seen + "}");

    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.body().get("detail").asString())
        .contains("c.jpg", "has changed since you opened it", "in touch up");
    assertThat(api.picture(picture).get("state").asString()).isEqualTo("in-touch-up");
  }

  @Test
  void theLastVerdictCanBeTakenBackOnce() {
    long batch = api.newBatch("Undo");
    long picture = api.cutPicture(batch, "d.jpg", TestPictures.discJpeg(100, 80, 0x206020));
    api.verdict(picture, "reject");
    String path = "/api/v1/pictures/" + picture + "/verdict";

    assertThat(api.withBody("DELETE", path, "").body().get("state").asString())
        .isEqualTo("to-check");
    assertThat(api.withBody("DELETE", path, "").status()).isEqualTo(409);
  }

  @Test
  void nothingIsDeliveredWithoutAPass() {
    long batch = api.newBatch("Nothing passed");
    api.cutPicture(batch, "e.jpg", TestPictures.discJpeg(100, 80, 0x884422));

    Answer answer =
        api.post(
            "/api/v1/batches/" + batch + "/deliveries",
            "{\"specs\": [{\"name\": \"x\", \"width\": 8, \"height\": 8, \"format\": \"PNG\"}]}");

    assertThat(answer.status()).isEqualTo(409);
    assertThat(answer.body().get("detail").asString()).contains("Pass some in Check");
  }

  @Test
  void aPictureLeftWholeIsDeliveredAsItIs() {
    long batch = api.newBatch("Whole");
    long picture =
        api.upload(batch, new UploadedFile("f.jpg", TestPictures.discJpeg(80, 80, 0x113355)))
            .get(0)
            .get("id")
            .asLong();
    api.post("/api/v1/pictures/" + picture + "/leave-whole", "");

    Answer preflight =
        api.post(
            "/api/v1/batches/" + batch + "/preflight",
            "{\"specs\": [{\"name\": \"x\", \"width\": 400, \"height\": 400, \"format\": \"PNG\"}]}");

    assertThat(preflight.body().get("files").asInt()).isEqualTo(1);
    assertThat(
            preflight.body().get("content").get(0).get("notes").get(0).get("sentence").asString())
        .startsWith("enlarged");
  }

  private static Map<String, byte[]> unzip(byte[] zip) throws IOException {
    Map<String, byte[]> files = new HashMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        files.put(entry.getName(), in.readAllBytes());
      }
    }
    return files;
  }
}
