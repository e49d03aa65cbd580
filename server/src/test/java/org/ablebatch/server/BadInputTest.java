package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.server.Api.Answer;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class BadInputTest {
  private final Api api;

  BadInputTest(Api api) {
    this.api = api;
  }

  @Test
  void badFilesAreNamedWithTheirReasonAndTheGoodOneGoesOn() {
    long batch = api.newBatch("Bad files");
    byte[] jpeg = TestPictures.discJpeg(200, 150, 0xAA5500);

    JsonNode results =
        api.upload(
            batch,
            new UploadedFile("notes.jpg", "Call the printer.\n".getBytes(StandardCharsets.UTF_8)),
            new UploadedFile("cut.jpg", Arrays.copyOf(jpeg, jpeg.length / 2)),
            new UploadedFile("empty.png", new byte[0]),
            new UploadedFile("huge.png", pngHeader(60_000, 60_000)),
            new UploadedFile("empty.zip", new byte[0]),
            new UploadedFile("pack.zip", new byte[] {'P', 'K', 3, 4, 0, 0}),
            new UploadedFile("good.jpg", jpeg));

    assertThat(problem(results, 0)).contains("text file");
    assertThat(problem(results, 1)).contains("ends too early");
    assertThat(problem(results, 2)).contains("empty");
    assertThat(problem(results, 3)).contains("60,000 × 60,000");
    assertThat(problem(results, 4)).contains("empty");
    assertThat(problem(results, 5)).contains("ZIP");
    assertThat(results.get(6).get("state").asString()).isEqualTo("waiting");
    assertThat(results.get(6).has("problem")).isFalse();
    assertThat(results.toString()).doesNotContain("Exception");
  }

  @Test
  void aZipIsOpenedAndEveryFileInItNamed() throws Exception {
    long batch = api.newBatch("ZIP");
    byte[] fern = TestPictures.discJpeg(80, 60, 0x205030);
    byte[] zip =
        zip(
            Map.of(
                "spring/fern.jpg", fern,
                "spring/again.jpg", fern,
                "spring/notes.txt", "Call the printer.\n".getBytes(StandardCharsets.UTF_8)));

    JsonNode results = api.upload(batch, new UploadedFile("spring.zip", zip));

    assertThat(results.size()).isEqualTo(3);
    assertThat(results.toString())
        .contains("text file", "The same picture is already in this batch")
        .contains("\"state\":\"waiting\"");
    assertThat(problem(api.upload(batch, new UploadedFile("no.zip", zip(Map.of()))), 0))
        .contains("ZIP");
  }

  private static byte[] zip(Map<String, byte[]> files) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (Map.Entry<String, byte[]> file : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue());
      }
    }
    return out.toByteArray();
  }

  @Test
  void twoFilesOfOneNameAreBothKept() {
    long batch = api.newBatch("One name");

    JsonNode results =
        api.upload(
            batch,
            new UploadedFile("same.jpg", TestPictures.discJpeg(80, 60, 0x102030)),
            new UploadedFile("same.jpg", TestPictures.discJpeg(80, 60, 0x302010)));

    assertThat(results.get(0).get("id").asLong()).isNotEqualTo(results.get(1).get("id").asLong());
  }

  @Test
  void namesWithPathsAndPicturesInThemAreMadeHarmless() {
    long batch = api.newBatch("Names");

    JsonNode results =
        api.upload(
            batch,
            new UploadedFile("../../etc/passwd.jpg", TestPictures.discJpeg(80, 60, 0x111111)),
            new UploadedFile("🌿 fern.jpg", TestPictures.discJpeg(80, 60, 0x222222)));

    assertThat(results.get(0).get("fileName").asString()).isEqualTo("passwd.jpg");
    assertThat(results.get(1).get("fileName").asString()).isEqualTo("🌿 fern.jpg");
    assertThat(api.picture(results.get(1).get("id").asLong()).get("fileName").asString())
        .isEqualTo("🌿 fern.jpg");
  }

  @Test
  void theSamePictureTwiceIsRecognisedAndMayBeKept() {
    long batch = api.newBatch("Twins");
    byte[] bytes = TestPictures.discJpeg(80, 60, 0x333333);
    long first = api.upload(batch, new UploadedFile("one.jpg", bytes)).get(0).get("id").asLong();

    JsonNode second = api.upload(batch, new UploadedFile("two.jpg", bytes)).get(0);

    assertThat(second.get("problem").asString()).contains("“one.jpg”");
    assertThat(second.get("duplicateOf").asLong()).isEqualTo(first);
  }

  @ParameterizedTest
  @CsvSource({"200,150", "1,1"})
  void aPictureOfOneColourFailsInWords(int width, int height) {
    long batch = api.newBatch("Even");
    long id =
        api.upload(
                batch, new UploadedFile("even.png", TestPictures.evenPng(width, height, 0x8899AA)))
            .get(0)
            .get("id")
            .asLong();
    api.post("/api/v1/batches/" + batch + "/cut", "");
    api.awaitState(id, "failed");

    assertThat(api.picture(id).get("problem").asString())
        .isEqualTo("No subject found: the picture is one even colour");
  }

  @Test
  void whatFailedIsCutOnceMoreAllAtOnceWithAnotherMethod() {
    long batch = api.newBatch("Again");
    byte[] even = TestPictures.evenPng(90, 70, 0x8899AA);
    byte[] other = TestPictures.evenPng(90, 70, 0x99AA88);
    JsonNode taken =
        api.upload(batch, new UploadedFile("a.png", even), new UploadedFile("b.png", other));
    String again = "/api/v1/batches/" + batch + "/cut-failed";
    assertThat(api.post(again, "{}").body().get("queued").asInt()).as("nothing failed").isZero();
    api.post("/api/v1/batches/" + batch + "/cut", "");
    taken.forEach(one -> api.awaitState(one.get("id").asLong(), "failed"));

    Answer queued = api.post(again, "{\"method\": \"busy\"}");

    assertThat(queued.status()).isEqualTo(202);
    assertThat(queued.body().get("queued").asInt()).isEqualTo(2);
    taken.forEach(one -> api.awaitState(one.get("id").asLong(), "failed"));
    assertThat(api.post(again, "{\"method\": \"magic\"}").status()).isEqualTo(400);
  }

  @ParameterizedTest
  @CsvSource({"0,100,width", "100,0,height", "100000,100,width", "100,-3,height"})
  void impossibleSpecsNameTheField(int width, int height, String field) {
    long batch = api.newBatch("Specs");

    Answer answer =
        api.post(
            "/api/v1/batches/" + batch + "/preflight",
            "{\"specs\": [{\"name\": \"x\", \"width\": %d, \"height\": %d, \"format\": \"PNG\"}]}"
                .formatted(width, height));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().get("field").asString()).isEqualTo(field);
    assertThat(answer.body().get("detail").asString()).contains("1 to 20,000 pixels");
  }

  @Test
  void wrongRequestsAreAnsweredInWordsWithoutTheInside() {
    assertThat(api.get("/api/v1/batches/999999").body().get("detail").asString())
        .isEqualTo("There is no batch 999999");
    assertThat(api.get("/api/v1/batches/x").status()).isEqualTo(400);
    assertThat(api.post("/api/v1/batches", "{").status()).isEqualTo(400);
    assertThat(api.post("/api/v1/batches", "{\"name\": \" \"}").status()).isEqualTo(400);
    Answer method = api.post("/api/v1/batches", "{\"name\": \"a\", \"method\": \"magic\"}");
    assertThat(method.body().get("field").asString()).isEqualTo("method");
    assertThat(api.get("/api/v1/nowhere").status()).isEqualTo(404);
  }

  @ParameterizedTest
  @CsvSource(
      quoteCharacter = '~',
      delimiter = '|',
      value = {
        "/pictures/1/verdict | {'verdict': 'pass', 'remark': 'mend it'} | remark"
            + " | remark: an object with text, reason, x, y, width and height, not a string",
        "/pictures/1/verdict | {'verdict': 'pass', 'remark': {'reason': 'ugly'}} | remark.reason"
            + " | reason: one of empty, nearly-all, ",
        "/batches | {'name': {}} | name | name: a string, not an object",
        "/batches | {'name': ' '} | name | name: must not be blank, not “ ”",
        "/batches | {} | name | name: must not be blank, not nothing",
        "/batches | {'name' |  | The body is not JSON: it breaks off or goes wrong in line 1",
        "/batches | [] | | The body: an object with name and method, not a list",
        "/batches/1/pictures/act | {'action': 'crop', 'ids': [1, 'two']} | ids[1]"
            + " | ids[1]: a whole number, not “two”",
        "/pictures/1/edits | {'clientKey': 'short', 'edit': {}} | clientKey"
            + " | clientKey: size must be between 8 and 36, not “short”"
      })
  void aWrongRequestIsToldWhichFieldWhatCameAndWhatIsExpected(
      String path, String json, String field, String sentence) {
    Answer answer = api.post("/api/v1" + path, json.replace('\'', '"'));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().get("field").asString()).isEqualTo(field == null ? "" : field);
    assertThat(answer.body().get("detail").asString()).startsWith(sentence);
  }

  @Test
  void wrongAndMissingParametersAreNamedToo() {
    long batch = api.newBatch("Parameters");
    String pictures = "/api/v1/batches/" + batch + "/pictures";

    assertThat(detail(pictures + "?page=first")).isEqualTo("page: a whole number, not “first”");
    assertThat(detail(pictures + "?size=0")).isEqualTo("size: 1 to 1000, not 0");
    assertThat(detail(pictures + "?sort=luck")).isEqualTo("sort: place or risk, not “luck”");
    assertThat(detail("/api/v1/pictures/1/dressed.png?look=1&height=8"))
        .isEqualTo("width: a whole number, not nothing");
  }

  private String detail(String path) {
    Answer answer = api.get(path);
    assertThat(answer.status()).isEqualTo(400);
    return answer.body().get("detail").asString();
  }

  private static String problem(JsonNode results, int index) {
    return results.get(index).get("problem").asString();
  }

  /** A PNG that claims a size and holds nothing of it. */
  private static byte[] pngHeader(int width, int height) {
    byte[] small = PictureWriter.png(TestPictures.disc(4, 4, 0));
    ByteBuffer bytes = ByteBuffer.wrap(small);
    bytes.putInt(16, width);
    bytes.putInt(20, height);
    CRC32 crc = new CRC32();
    crc.update(small, 12, 17);
    bytes.putInt(29, (int) crc.getValue());
    return small;
  }
}
