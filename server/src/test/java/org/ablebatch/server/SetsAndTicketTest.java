package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.ablebatch.server.Api.Answer;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Codes and groups, and the ticket that is used again. */
@ExtendWith(RunningServer.class)
class SetsAndTicketTest {
  private static final String PATTERN =
      "{\"separators\": \"_\", \"parts\": [\"code\", \"group\"], \"folderIsGroup\": true}";
  private final Api api;

  SetsAndTicketTest(Api api) {
    this.api = api;
  }

  @Test
  void aPatternIsSeenBeforeItIsGivenAndReadsLaterPicturesToo() {
    long batch = coded("Sets");
    String sets = "/api/v1/batches/" + batch + "/sets";

    JsonNode preview = api.post(sets + "/preview", PATTERN).body();
    assertThat(preview.get("pictures").asInt()).isEqualTo(3);
    assertThat(preview.get("codes").asInt()).isEqualTo(3);
    assertThat(preview.get("groups").get(0).get("group").asString()).isEqualTo("spades");
    assertThat(preview.get("groups").get(0).get("pictures").asInt()).isEqualTo(2);
    assertThat(preview.get("changed").asInt()).isEqualTo(3);
    assertThat(api.pictures(batch).get(0).get("code").isNull()).isTrue();

    api.withBody("PUT", sets + "/pattern", PATTERN);
    api.upload(batch, new UploadedFile("autumn/QG-4.jpg", TestPictures.discJpeg(60, 50, 0x300001)));

    assertThat(api.pictures(batch))
        .extracting(p -> p.get("code").asString() + " " + p.get("group").asString())
        .containsExactly("QG-1 spades", "QG-2 spades", "QG-3 rakes", "QG-4 autumn");
    assertThat(api.get(sets + "/pattern").body().get("parts").get(1).asString()).isEqualTo("group");
  }

  @Test
  void aListGivesCodesAndNamesWhatItDoesNotFind() {
    long batch = coded("List");
    byte[] csv =
        "file;code;group\nQG-1_spades;S1;\"Spades; long\"\nqg-3_rakes.JPG;R1;\nnobody;X;\n"
            .getBytes(StandardCharsets.UTF_8);
    String path = "/api/v1/batches/" + batch + "/sets/list";

    JsonNode preview = api.postFile(path, new UploadedFile("sets.csv", csv)).body();
    assertThat(preview.get("unmatched").get(0).asString()).isEqualTo("nobody");
    assertThat(preview.get("withCode").asInt()).isEqualTo(2);
    api.postFile(path + "?give=true", new UploadedFile("sets.csv", csv));

    JsonNode first = api.pictures(batch).get(0);
    assertThat(first.get("code").asString()).isEqualTo("S1");
    assertThat(first.get("group").asString()).isEqualTo("Spades; long");
    assertThat(api.pictures(batch).get(1).get("code").isNull()).isTrue();
    assertThat(api.pictures(batch).get(2).get("code").asString()).isEqualTo("R1");
  }

  @Test
  void whatIsNoListIsRefusedInWords() {
    long batch = coded("No list");
    String path = "/api/v1/batches/" + batch + "/sets/list";

    Answer picture =
        api.postFile(path, new UploadedFile("a.csv", TestPictures.discJpeg(40, 40, 0x300002)));
    Answer names =
        api.postFile(
            path, new UploadedFile("b.csv", "only,\nnames,\n".getBytes(StandardCharsets.UTF_8)));

    assertThat(picture.status()).isEqualTo(400);
    assertThat(picture.body().get("detail").asString()).contains("not a CSV list");
    assertThat(names.body().get("detail").asString()).contains("gives no codes, groups or words");
    assertThat(
            api.post(
                    "/api/v1/batches/" + batch + "/sets/preview",
                    "{\"separators\": \"a\", \"parts\": []}")
                .status())
        .isEqualTo(400);
  }

  @Test
  void aTicketIsATemplateForAnotherBatch() {
    long batch = coded("Template");
    String path = "/api/v1/batches/" + batch;
    api.withBody("PUT", path + "/sets/pattern", PATTERN);
    api.withBody(
        "PATCH",
        path,
        "{\"method\": \"plain\", \"methodRules\": {\"rakes\": \"busy\"}, \"notes\": \"calm light\","
            + " \"sharpenEnlarged\": true, \"takeSafeMends\": true, \"look\": {\"backdrop\": \"#E9E0CE\","
            + " \"marginPercent\": 12}}");
    api.withBody(
        "PUT",
        path + "/specs",
        "{\"specs\": [{\"name\": \"Card\", \"width\": 800, \"height\": 600, \"format\": \"WEBP\"}]}");

    JsonNode ticket = api.get(path + "/ticket").body();
    assertThat(ticket.get("able-batch").asString()).isEqualTo("ticket");
    long next = api.newBatch("Next");
    Answer applied = api.withBody("PUT", "/api/v1/batches/" + next + "/ticket", ticket.toString());

    assertThat(applied.status()).isEqualTo(200);
    JsonNode again = api.get("/api/v1/batches/" + next + "/ticket").body();
    assertThat(again.get("name").asString()).isEqualTo("Next");
    for (String part :
        new String[] {
          "method",
          "methodByGroup",
          "look",
          "specs",
          "names",
          "sharpenEnlarged",
          "takeSafeMends",
          "notes"
        }) {
      assertThat(again.get(part)).as(part).isEqualTo(ticket.get(part));
    }
  }

  @Test
  void aTicketThatIsWrongSomewhereChangesNothing() {
    long batch = api.newBatch("Untouched");
    String path = "/api/v1/batches/" + batch + "/ticket";
    JsonNode before = api.get(path).body();

    Answer other = api.withBody("PUT", path, "{\"version\": 1}");
    Answer later = api.withBody("PUT", path, "{\"able-batch\": \"ticket\", \"version\": 7}");
    Answer spec =
        api.withBody(
            "PUT",
            path,
            "{\"able-batch\": \"ticket\", \"version\": 1, \"method\": \"busy\", \"specs\":"
                + " [{\"name\": \"x\", \"width\": 0, \"height\": 9, \"format\": \"PNG\"}]}");

    assertThat(other.body().get("detail").asString()).contains("not a ticket");
    assertThat(later.body().get("detail").asString()).contains("form 7");
    assertThat(spec.status()).isEqualTo(400);
    assertThat(api.get(path).body()).isEqualTo(before);
  }

  @Test
  void codesNameDeliveredFiles() {
    long batch = coded("Named");
    api.withBody("PUT", "/api/v1/batches/" + batch + "/sets/pattern", PATTERN);
    api.act(
        batch,
        "leave-whole",
        api.pictures(batch).stream().map(p -> p.get("id").asLong()).toList(),
        "");

    JsonNode preflight =
        api.post(
                "/api/v1/batches/" + batch + "/preflight",
                "{\"specs\": [{\"name\": \"x\", \"width\": 40, \"height\": 40, \"format\": \"PNG\","
                    + " \"fileName\": [{\"part\": \"group\"}, {\"part\": \"text\", \"text\": \"-\"},"
                    + " {\"part\": \"code\"}]}]}")
            .body();

    assertThat(preflight.get("content").valueStream().map(f -> f.get("name").asString()))
        .containsExactly("spades-QG-1.png", "spades-QG-2.png", "rakes-QG-3.png");
  }

  private long coded(String name) {
    long batch = api.newBatch(name);
    int colour = 0x500000 + (int) batch * 8;
    api.upload(
        batch,
        new UploadedFile("QG-1_spades.jpg", TestPictures.discJpeg(60, 50, colour)),
        new UploadedFile("QG-2_spades_back.jpg", TestPictures.discJpeg(60, 50, colour + 1)),
        new UploadedFile("QG-3_rakes.jpg", TestPictures.discJpeg(60, 50, colour + 2)));
    return batch;
  }
}
