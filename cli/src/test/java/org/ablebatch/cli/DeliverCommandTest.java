package org.ablebatch.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class DeliverCommandTest {
  private static final String SPECS =
      """
      {"format": "able-batch-specs", "version": 1, "specs": [
        {"name": "Square", "width": 90, "height": 90, "format": "PNG",
         "fileName": [{"part": "code"}, {"part": "text", "text": "_"}, {"part": "counter"},
                      {"part": "text", "text": "_"}, {"part": "spec"}]},
        {"name": "Zoom", "size": "trimmed", "marginPx": 5, "format": "WEBP", "lossless": true}]}
      """;

  @TempDir private Path folder;
  private Path in;
  private Path out;
  private Path specs;
  private final StringWriter said = new StringWriter();

  @BeforeEach
  void threeCutouts() throws IOException {
    in = Files.createDirectories(folder.resolve("in"));
    out = folder.resolve("out");
    specs = Files.writeString(folder.resolve("specs.json"), SPECS);
    for (String name : List.of("a", "b", "c")) {
      Files.write(in.resolve(name + ".png"), PictureWriter.png(bar(name.charAt(0) * 1000)));
    }
  }

  @Test
  void everyPictureIsMadeUnderEverySpecWithAManifest() throws Exception {
    Path list = Files.writeString(folder.resolve("list.csv"), "file,code\na,QG-1\nb,QG-2\n");
    Path look = folder.resolve("look.json");
    Files.write(look, new LookFile("Oat", Look.plain(new Fill.Solid(0xE9E0CE), 10)).write());

    int code = deliver("--look", look.toString(), "--list", list.toString());

    assertThat(code).as(said.toString()).isZero();
    assertThat(names(out))
        .containsExactly(
            "QG-1_001_square.png",
            "QG-2_002_square.png",
            "a_zoom.webp",
            "b_zoom.webp",
            "c_003_square.png",
            "c_zoom.webp",
            "manifest.json");
    Picture square = read(Files.readAllBytes(out.resolve("QG-1_001_square.png")));
    assertThat(square.width()).isEqualTo(90);
    assertThat(square.at(1, 1)).isEqualTo(0xFFE9E0CE);
    Picture zoom = read(Files.readAllBytes(out.resolve("b_zoom.webp")));
    assertThat(new int[] {zoom.width(), zoom.height()}).containsExactly(50, 30);
    JsonNode manifest = new JsonMapper().readTree(Files.readAllBytes(out.resolve("manifest.json")));
    for (JsonNode file : manifest.get(0).get("files")) {
      byte[] bytes = Files.readAllBytes(out.resolve(file.get("name").asString()));
      assertThat(file.get("sha256").asString()).isEqualTo(sha256(bytes));
      assertThat(file.get("bytes").asInt()).isEqualTo(bytes.length);
    }
    assertThat(said.toString()).contains("has no code");
  }

  @Test
  void besideThePicturesNothingThatIsThereIsTouched() throws Exception {
    Files.writeString(in.resolve("a_zoom.webp"), "somebody's");
    deliver();

    assertThat(deliver("--beside")).isZero();
    List<String> once = names(in);
    assertThat(deliver("--beside")).as("somebody's is no picture").isEqualTo(1);

    assertThat(names(in)).as("what was made is not made of").isEqualTo(once);
    assertThat(once).contains("a_zoom-2.webp", "b_zoom.webp");
    assertThat(Files.readString(in.resolve("a_zoom.webp"))).isEqualTo("somebody's");
    assertThat(Files.readAllBytes(in.resolve("a_zoom-2.webp")))
        .isEqualTo(Files.readAllBytes(out.resolve("a_zoom.webp")));
    assertThat(deliver("--beside", "--zip")).isEqualTo(2);
  }

  @Test
  void aZipHoldsTheSameBytes() throws Exception {
    deliver();
    deliver("--zip", "--threads", "1");

    Map<String, byte[]> zipped = new TreeMap<>();
    byte[] zip = Files.readAllBytes(out.resolve("delivery.zip"));
    try (ZipInputStream entries = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry e = entries.getNextEntry(); e != null; e = entries.getNextEntry()) {
        zipped.put(e.getName(), entries.readAllBytes());
      }
    }
    assertThat(zipped).hasSize(7);
    for (Map.Entry<String, byte[]> file : zipped.entrySet()) {
      assertThat(Files.readAllBytes(out.resolve(file.getKey()))).isEqualTo(file.getValue());
    }
  }

  @Test
  void aDamagedPictureIsSaidAndTheOthersGoOn() throws Exception {
    Files.writeString(in.resolve("b.png"), "no picture");

    int code = deliver();

    assertThat(code).isEqualTo(1);
    assertThat(names(out))
        .contains("a_zoom.webp", "c_002_square.png")
        .doesNotContain("b_zoom.webp");
    assertThat(said.toString()).contains("b.png: ");
  }

  @Test
  void wrongUseIsSaidInASentence() throws Exception {
    Files.writeString(specs, SPECS.replace("\"version\": 1", "\"version\": 9"));
    assertThat(deliver()).isEqualTo(2);
    assertThat(said.toString()).contains("specs.json: version: ", "newer than the 1");
    Files.writeString(specs, SPECS.replace("\"width\": 90", "\"width\": 0"));
    assertThat(deliver()).isEqualTo(2);
    assertThat(said.toString()).contains("width: ", "1 to 20,000 pixels");
    Files.delete(specs);
    assertThat(deliver()).isEqualTo(2);
    assertThat(said.toString()).contains("specs.json does not exist");
  }

  private int deliver(String... more) {
    List<String> arguments = new ArrayList<>(List.of("deliver", specs.toString(), in.toString()));
    arguments.addAll(List.of("--out", out.toString()));
    arguments.addAll(Arrays.asList(more));
    return new CommandLine(new Able())
        .setErr(new PrintWriter(said))
        .setOut(new PrintWriter(said))
        .execute(arguments.toArray(String[]::new));
  }

  private static List<String> names(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.map(file -> file.getFileName().toString()).sorted().toList();
    }
  }

  private static String sha256(byte[] bytes) throws Exception {
    return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
  }

  private static Picture read(byte[] file) throws Exception {
    return new PictureReader(ReadLimits.DEFAULT).read(file).picture();
  }

  /** 40 × 20 pixels of a colour in the middle of nothing. */
  private static Picture bar(int rgb) {
    int[] argb = new int[100 * 60];
    for (int y = 20; y < 40; y++) {
      Arrays.fill(argb, y * 100 + 30, y * 100 + 70, 0xFF000000 | rgb);
    }
    return new Picture(100, 60, argb);
  }
}
