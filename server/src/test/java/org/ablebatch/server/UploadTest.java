package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.ablebatch.server.Api.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Files that come in pieces, twice, in ZIPs, or not whole. */
@ExtendWith(RunningServer.class)
class UploadTest {
  private final Api api;
  private final Path data;

  UploadTest(Api api, Path data) {
    this.api = api;
    this.data = data;
  }

  @Test
  void aFileComesInPiecesAndBecomesAPictureWithItsFolder() {
    long batch = api.newBatch("Pieces");
    byte[] file = TestPictures.discJpeg(120, 90, 0x8A2020);
    long upload = declare(batch, "spring/spades/QG-1.jpg", file.length).get("id").asLong();

    assertThat(
            api.patch(upload, 0, Arrays.copyOf(file, 1000)).headers().firstValue("Upload-Offset"))
        .contains("1000");
    assertThat(api.head(upload).headers().firstValue("Upload-Offset")).contains("1000");
    assertThat(api.head(upload).headers().firstValue("Upload-Length"))
        .contains(String.valueOf(file.length));
    api.patch(upload, 1000, Arrays.copyOfRange(file, 1000, file.length));

    JsonNode picture = awaitPictures(batch, 1).get(0);
    assertThat(picture.get("fileName").asString()).isEqualTo("QG-1.jpg");
    assertThat(picture.get("folder").asString()).isEqualTo("spring/spades");
    assertThat(api.bytes("/api/v1/pictures/" + picture.get("id").asLong() + "/original"))
        .isEqualTo(file);
  }

  @Test
  void aFileWhoseLastByteWasNeverWrittenDownIsReadAllTheSame() throws IOException {
    long batch = api.newBatch("Killed at the last byte");
    byte[] file = TestPictures.discJpeg(120, 90, 0x8A2030);
    long upload = declare(batch, "a.jpg", file.length).get("id").asLong();

    Files.write(data.resolve("uploads").resolve(String.valueOf(upload)), file);

    awaitPictures(batch, 1);
  }

  @Test
  void aSenderWhoIsMistakenAboutTheOffsetIsToldAndNothingIsLost() {
    long batch = api.newBatch("Offset");
    byte[] file = TestPictures.discJpeg(120, 90, 0x8A2021);
    long upload = declare(batch, "a.jpg", file.length).get("id").asLong();
    api.patch(upload, 0, Arrays.copyOf(file, 700));

    assertThat(api.patch(upload, 0, file).statusCode()).isEqualTo(409);
    assertThat(api.patch(upload, 900, Arrays.copyOfRange(file, 900, 950)).statusCode())
        .isEqualTo(409);

    assertThat(api.head(upload).headers().firstValue("Upload-Offset")).contains("700");
  }

  @Test
  void moreThanWasAnnouncedIsNotTaken() {
    long batch = api.newBatch("Too much");
    byte[] file = TestPictures.discJpeg(120, 90, 0x8A2022);
    long upload = declare(batch, "a.jpg", file.length).get("id").asLong();

    api.patch(upload, 0, Arrays.copyOf(file, file.length + 500));

    long picture = awaitPictures(batch, 1).get(0).get("id").asLong();
    assertThat(api.bytes("/api/v1/pictures/" + picture + "/original")).isEqualTo(file);
  }

  @Test
  void theSameFolderDroppedAgainGoesOnWhereItStood() {
    long batch = api.newBatch("Again");
    byte[] whole = TestPictures.discJpeg(160, 120, 0x8A2023);
    byte[] half = TestPictures.discJpeg(160, 120, 0x8A2024);
    api.patch(declare(batch, "f/whole.jpg", whole.length).get("id").asLong(), 0, whole);
    long halfId = declare(batch, "f/half.jpg", half.length).get("id").asLong();
    api.patch(halfId, 0, Arrays.copyOf(half, 900));
    awaitPictures(batch, 1);

    assertThat(declare(batch, "f/whole.jpg", whole.length).get("state").asString())
        .isEqualTo("taken");
    JsonNode again = declare(batch, "f/half.jpg", half.length);
    assertThat(again.get("id").asLong()).isEqualTo(halfId);
    assertThat(again.get("state").asString()).isEqualTo("coming");
    assertThat(again.get("offset").asLong()).isEqualTo(900);
  }

  @Test
  void aPictureThatWasTakenOutComesInAgainWhenItsFileDoes() {
    long batch = api.newBatch("Taken out");
    byte[] file = TestPictures.discJpeg(160, 120, 0x8A2025);
    api.patch(declare(batch, "a.jpg", file.length).get("id").asLong(), 0, file);
    long picture = awaitPictures(batch, 1).get(0).get("id").asLong();
    api.act(batch, "remove", List.of(picture), "");

    JsonNode again = declare(batch, "a.jpg", file.length);

    assertThat(again.get("state").asString()).isEqualTo("coming");
    assertThat(again.get("offset").asLong()).isZero();
    api.patch(again.get("id").asLong(), 0, file);
    assertThat(awaitPictures(batch, 1).get(0).get("id").asLong()).isNotEqualTo(picture);
  }

  @Test
  void whatIsNoPictureIsNamedWithItsReasonAndADuplicateCanBeTakenAnyway() {
    long batch = api.newBatch("Refused");
    byte[] file = TestPictures.discJpeg(160, 120, 0x8A2026);
    byte[] text = "prices".getBytes(StandardCharsets.UTF_8);
    api.patch(declare(batch, "a.jpg", file.length).get("id").asLong(), 0, file);
    awaitPictures(batch, 1);
    api.patch(declare(batch, "copy of a.jpg", file.length).get("id").asLong(), 0, file);
    api.patch(declare(batch, "prices.jpg", text.length).get("id").asLong(), 0, text);
    declare(batch, "nothing.png", 0);

    await()
        .untilAsserted(() -> assertThat(uploads(batch).get("refusedCount").asInt()).isEqualTo(3));
    List<JsonNode> refused = uploads(batch).get("refused").valueStream().toList();
    assertThat(refused.stream().map(r -> r.get("problem").asString()))
        .anyMatch(problem -> problem.contains("already in this batch as “a.jpg”"))
        .anyMatch(problem -> problem.contains("text file"))
        .anyMatch(problem -> problem.contains("empty"));

    long duplicate = refused.get(0).get("id").asLong();
    assertThat(api.post("/api/v1/uploads/" + duplicate + "/take-anyway", "").status())
        .isEqualTo(200);
    JsonNode twin = awaitPictures(batch, 2).get(1);
    assertThat(twin.get("fileName").asString()).isEqualTo("copy of a.jpg");
    assertThat(twin.get("intake").get("duplicateOf").asLong())
        .isEqualTo(awaitPictures(batch, 2).get(0).get("id").asLong());

    api.withBody("DELETE", "/api/v1/batches/" + batch + "/uploads", "");
    assertThat(uploads(batch).get("refusedCount").asInt()).isZero();
  }

  @Test
  void everyFileInAZipIsTakenOnceWithItsFolder() throws IOException {
    long batch = api.newBatch("ZIP in pieces");
    byte[] zip =
        zip(
            "range/rakes/r1.jpg", TestPictures.discJpeg(90, 70, 0x8A2027),
            "range/hoes/h1.jpg", TestPictures.discJpeg(90, 70, 0x8A2028),
            "range/readme.txt", "hello".getBytes(StandardCharsets.UTF_8));
    long upload = declare(batch, "range.zip", zip.length).get("id").asLong();
    api.patch(upload, 0, Arrays.copyOf(zip, 400));
    api.patch(upload, 400, Arrays.copyOfRange(zip, 400, zip.length));

    List<JsonNode> pictures = awaitPictures(batch, 2);
    assertThat(pictures.stream().map(p -> p.get("folder").asString()))
        .containsExactly("range/rakes", "range/hoes");
    await().untilAsserted(() -> assertThat(uploads(batch).get("reading").asInt()).isZero());
    JsonNode refused = uploads(batch).get("refused").get(0);
    assertThat(refused.get("path").asString()).isEqualTo("range/readme.txt");
    assertThat(refused.get("inArchive").asBoolean()).isTrue();

    assertThat(declare(batch, "range.zip", zip.length).get("state").asString()).isEqualTo("taken");
    api.act(batch, "remove", pictures.stream().map(p -> p.get("id").asLong()).toList(), "");
    JsonNode again = declare(batch, "range.zip", zip.length);
    assertThat(again.get("state").asString()).as("all of it was taken out").isEqualTo("coming");
    api.patch(again.get("id").asLong(), 0, zip);
    awaitPictures(batch, 2);
  }

  @Test
  void picturesStandInTheOrderOfTheFilesHoweverTheyCome() {
    long batch = api.newBatch("Order");
    byte[] first = TestPictures.discJpeg(90, 70, 0x8A2041);
    byte[] second = TestPictures.discJpeg(90, 70, 0x8A2042);
    JsonNode declared =
        api.post(
                path(batch),
                "{\"files\": [{\"path\": \"1.jpg\", \"bytes\": %d, \"modified\": 1},"
                        .formatted(first.length)
                    + "{\"path\": \"2.jpg\", \"bytes\": %d, \"modified\": 1}]}"
                        .formatted(second.length))
            .body();
    api.patch(declared.get(1).get("id").asLong(), 0, second);
    awaitPictures(batch, 1);
    api.upload(batch, new Api.UploadedFile("late.jpg", TestPictures.discJpeg(90, 70, 0x8A2043)));
    api.patch(declared.get(0).get("id").asLong(), 0, first);

    assertThat(awaitPictures(batch, 3))
        .extracting(picture -> picture.get("fileName").asString())
        .containsExactly("1.jpg", "2.jpg", "late.jpg");
  }

  @Test
  void badAnnouncementsAndAddressesAreRefusedInWords() {
    long batch = api.newBatch("Bad");

    assertThat(api.post(path(batch), "{\"files\": []}").status()).isEqualTo(400);
    assertThat(
            api.post(
                    path(batch),
                    "{\"files\": [{\"path\": \"x.zip\", \"bytes\": 9000000000, \"modified\": 1}]}")
                .body()
                .get("detail")
                .asString())
        .contains("at most 8 GB");
    assertThat(api.patch(987_654_321, 0, new byte[] {1}).statusCode()).isEqualTo(404);
    Answer none = api.post("/api/v1/uploads/987654321/take-anyway", "");
    assertThat(none.status()).isEqualTo(404);
  }

  private static String path(long batch) {
    return "/api/v1/batches/" + batch + "/uploads";
  }

  private JsonNode declare(long batch, String name, long bytes) {
    Answer answer =
        api.post(
            path(batch),
            "{\"files\": [{\"path\": \"%s\", \"bytes\": %d, \"modified\": 1000}]}"
                .formatted(name, bytes));
    assertThat(answer.status()).isEqualTo(201);
    return answer.body().get(0);
  }

  private JsonNode uploads(long batch) {
    return api.get(path(batch)).body();
  }

  private List<JsonNode> awaitPictures(long batch, int count) {
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(() -> assertThat(api.pictures(batch)).hasSize(count));
    return api.pictures(batch);
  }

  private static byte[] zip(Object... namesAndBytes) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (int i = 0; i < namesAndBytes.length; i += 2) {
        zip.putNextEntry(new ZipEntry((String) namesAndBytes[i]));
        zip.write((byte[]) namesAndBytes[i + 1]);
      }
    }
    return bytes.toByteArray();
  }
}
