package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.ablebatch.server.Api.Answer;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A batch is accepted or not by a sample of it. */
@ExtendWith(RunningServer.class)
class SamplingTest {
  private static final int LOT = 12;
  private final Api api;

  SamplingTest(Api api) {
    this.api = api;
  }

  @Test
  void aPlanIsShownDrawnAndLeadsToAcceptance() {
    long batch = lot("Accepted <b>lot</b>");
    JsonNode plan = api.get(path(batch) + "?level=I&limit=6.5").body();
    assertThat(plan.get("verdict").asString()).isEqualTo("none");
    assertThat(plan.get("recorded").asBoolean()).isFalse();
    assertThat(plan.get("lotSize").asInt()).isEqualTo(LOT);
    assertThat(plan.get("letter").asString()).isEqualTo("A");
    assertThat(plan.get("sampleSize").asInt()).isEqualTo(2);

    List<Long> sample = draw(batch, "I", "6.5");
    assertThat(sample).hasSize(2).doesNotHaveDuplicates();
    assertThat(api.post(path(batch), "{\"level\": \"I\", \"limit\": \"6.5\"}").status())
        .isEqualTo(409);
    api.verdict(sample.get(0), "pass");
    assertThat(verdict(batch)).isEqualTo("open");
    api.verdict(sample.get(1), "pass");
    assertThat(verdict(batch)).isEqualTo("accepted");

    String record = new String(api.bytes(path(batch) + "/record.html"), StandardCharsets.UTF_8);
    assertThat(record)
        .contains("ISO 2859-1", "accepted, ", "0 faulty of 2 judged", "&lt;b&gt;lot&lt;/b&gt;")
        .doesNotContain("<b>lot");
    assertThat(api.withBody("DELETE", path(batch), "").body().get("verdict").asString())
        .isEqualTo("accepted");
    assertThat(verdict(batch)).isEqualTo("none");
    assertThat(api.get(path(batch)).body().get("recorded").asBoolean()).isTrue();
  }

  @Test
  void oneFaultyTooManyAndTheLotIsNotAccepted() {
    long batch = lot("Refused lot");
    List<Long> sample = draw(batch, "I", "6.5");

    api.post(
        "/api/v1/pictures/" + sample.get(0) + "/verdict",
        "{\"verdict\": \"touch-up\", \"remark\": {\"text\": \"open it\", \"reason\": \"gap\"}}");

    assertThat(new String(api.bytes(path(batch) + "/record.html"), StandardCharsets.UTF_8))
        .contains("Gap left closed: open it");
    JsonNode view = api.get(path(batch)).body();
    assertThat(view.get("verdict").asString()).isEqualTo("not-accepted");
    assertThat(view.get("faulty").asInt()).isEqualTo(1);
    api.post("/api/v1/pictures/" + sample.get(0) + "/touch-up/done", "");
    api.verdict(sample.get(0), "pass");
    assertThat(verdict(batch)).as("mended later, and still").isEqualTo("not-accepted");
  }

  @Test
  void aVerdictThatWasTakenBackDoesNotCount() {
    long batch = lot("Taken back");
    List<Long> sample = draw(batch, "II", "10");
    long first = sample.get(0);

    api.verdict(first, "pass");
    assertThat(api.get(path(batch)).body().get("judged").asInt()).isEqualTo(1);
    api.withBody("DELETE", "/api/v1/pictures/" + first + "/verdict", "");

    assertThat(api.get(path(batch)).body().get("judged").asInt()).isZero();
  }

  @Test
  void nonsenseIsRefused() {
    long batch = api.newBatch("Empty lot");

    assertThat(api.post(path(batch), "{\"level\": \"I\", \"limit\": \"6.5\"}").status())
        .isEqualTo(409);
    assertThat(api.post(path(batch), "{\"level\": \"IV\", \"limit\": \"6.5\"}").status())
        .isEqualTo(400);
    assertThat(api.get(path(batch) + "?limit=3").status()).isEqualTo(400);
    assertThat(api.withBody("DELETE", path(batch), "").status()).isEqualTo(409);
    assertThat(api.get(path(batch) + "/record.html").status()).isEqualTo(404);
  }

  private List<Long> draw(long batch, String level, String limit) {
    Answer answer =
        api.post(path(batch), "{\"level\": \"%s\", \"limit\": \"%s\"}".formatted(level, limit));
    assertThat(answer.status()).isEqualTo(200);
    List<Long> ids = new ArrayList<>();
    answer.body().get("pictures").forEach(id -> ids.add(id.asLong()));
    return ids;
  }

  private String verdict(long batch) {
    return api.get(path(batch)).body().get("verdict").asString();
  }

  private static String path(long batch) {
    return "/api/v1/batches/" + batch + "/sampling";
  }

  private long lot(String name) {
    long batch = api.newBatch(name.replace("\"", ""));
    List<Long> ids = new ArrayList<>();
    for (int i = 0; i < LOT; i++) {
      byte[] file = TestPictures.discJpeg(80, 60, 0x205A8A + 3 * i);
      ids.add(api.upload(batch, new UploadedFile(i + ".jpg", file)).get(0).get("id").asLong());
    }
    api.post("/api/v1/batches/" + batch + "/cut", "");
    ids.forEach(id -> api.awaitState(id, "to-check"));
    return batch;
  }
}
