package org.ablebatch.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.ablebatch.server.delivery.DeliveryViews.Manifest;
import org.ablebatch.server.delivery.DeliveryViews.ManifestFile;
import org.junit.jupiter.api.Test;

class ManifestCsvTest {
  @Test
  void everyFileIsALineUnderTheHead() {
    String csv =
        csv(file("can_square.jpg", "can.jpg", null), file("jug_square.jpg", "jug.jpg", null));

    assertThat(csv.split("\r\n")).hasSize(3);
    assertThat(csv)
        .startsWith("name,sha256,bytes,width,height,format,quality,likeness,spec,change,original,");
    assertThat(csv).endsWith("\r\n");
  }

  @Test
  void commasQuotesAndLineEndsAreQuoted() {
    String csv = csv(file("a, \"b\".jpg", "two\nlines.jpg", null));

    assertThat(csv).contains("\"a, \"\"b\"\".jpg\"").contains("\"two\nlines.jpg\"");
  }

  @Test
  void aNameThatLooksLikeAFormulaIsText() {
    assertThat(csv(file("=1+1.jpg", "@cmd.jpg", null)))
        .contains("'=1+1.jpg,")
        .contains("'@cmd.jpg");
  }

  @Test
  void whatCouldNotBeMadeSaysWhy() {
    String csv =
        csv(
            new ManifestFile(
                "a.jpg",
                null,
                0,
                8,
                8,
                "JPEG",
                null,
                null,
                "s",
                "new",
                1L,
                "a.png",
                "f0",
                null,
                "There is no room left"));

    assertThat(csv).contains("a.jpg,,0,8,8,JPEG,,,s,new,a.png,f0,,There is no room left");
  }

  private static ManifestFile file(String name, String original, String problem) {
    return new ManifestFile(
        name, "ab12", 1200L, 800, 800, "JPEG", 81, 0.97, "Square", "changed", 7L, original, "cd34",
        3L, problem);
  }

  private static String csv(ManifestFile... files) {
    return ManifestCsv.of(
        new Manifest(
            1, "Spring tools", Instant.parse("2026-03-01T09:00:00Z"), null, List.of(files)));
  }
}
