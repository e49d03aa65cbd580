package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.ablebatch.cli.Able;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;

/** The command line makes the same bytes as the server, from the server's own cutouts. */
@ExtendWith(RunningServer.class)
class SameBytesTest {
  private static final String SPECS =
      """
      [{"name": "Zoom", "size": "trimmed", "marginPx": 9, "format": "PNG", "dpi": 300},
       {"name": "Light", "width": 400, "height": 300, "format": "JPEG", "mostBytes": 9000,
        "leastLikeness": 0.5, "fit": "share", "sharePercent": 70, "backdrop": "#E9E0CE"},
       {"name": "Web", "width": 200, "height": 200, "format": "WEBP", "enlarge": false},
       {"name": "Print", "width": 2, "height": 1, "unit": "in", "dpi": 150, "bleedMm": 2,
        "format": "TIFF", "bits": 16, "backdrop": "#FFFFFF"},
       {"name": "Page", "width": 40, "height": 30, "unit": "mm", "dpi": 150, "format": "PDF",
        "cropMarks": true}]
      """;

  @TempDir private Path folder;
  private final Api api;

  SameBytesTest(Api api) {
    this.api = api;
  }

  @Test
  void theCommandLineAndTheServerAgreeToTheByte() throws Exception {
    long batch = api.newBatch("Same bytes");
    Path cutouts = Files.createDirectory(folder.resolve("cutouts"));
    for (String name : List.of("one", "two")) {
      long picture =
          api.cutPicture(
              batch, name + ".jpg", TestPictures.discJpeg(260, 180, name.hashCode() & 0x7F7F7F));
      api.verdict(picture, "pass");
      Files.write(
          cutouts.resolve(name + ".png"), api.bytes("/api/v1/pictures/" + picture + "/cutout.png"));
    }
    api.withBody("PUT", "/api/v1/batches/" + batch + "/specs", "{\"specs\": " + SPECS + "}");
    Path specs = folder.resolve("specs.json");
    Files.write(specs, api.bytes("/api/v1/batches/" + batch + "/specs.json"));
    JsonNode look = api.get("/api/v1/batches/" + batch).body().get("look");
    Path lookFile = folder.resolve("look.json");
    Files.write(lookFile, api.bytes("/api/v1/looks/" + look.get("id").asLong() + "/file"));

    JsonNode manifest = delivered(batch);
    StringWriter said = new StringWriter();
    Path out = folder.resolve("out");
    int code =
        new CommandLine(new Able())
            .setErr(new PrintWriter(said))
            .execute(
                "deliver",
                specs.toString(),
                cutouts.toString(),
                "--look",
                lookFile.toString(),
                "--out",
                out.toString());

    assertThat(code).as(said.toString()).isZero();
    assertThat(manifest.get("files")).hasSize(10);
    for (JsonNode file : manifest.get("files")) {
      String name = file.get("name").asString();
      assertThat(file.get("problem").isNull()).as(name).isTrue();
      byte[] bytes = Files.readAllBytes(out.resolve(name));
      assertThat(bytes).as(name).hasSize(file.get("bytes").asInt());
      assertThat(TestPictures.sha256(bytes)).as(name).isEqualTo(file.get("sha256").asString());
    }
  }

  private JsonNode delivered(long batch) {
    long delivery =
        api.post("/api/v1/batches/" + batch + "/deliveries", "{\"specs\": " + SPECS + "}")
            .body()
            .get("id")
            .asLong();
    String path = "/api/v1/deliveries/" + delivery;
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(
            () -> assertThat(api.get(path).body().get("state").asString()).isEqualTo("done"));
    return api.get(path + "/manifest.json").body();
  }
}
