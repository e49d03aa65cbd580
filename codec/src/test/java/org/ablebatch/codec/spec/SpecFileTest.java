package org.ablebatch.codec.spec;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.deliver.Fit;
import org.ablebatch.core.deliver.InvalidSpec;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.deliver.SpecSize;
import org.ablebatch.core.deliver.Unit;
import org.ablebatch.core.deliver.WeightLimit;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.naming.NamePart;
import org.ablebatch.core.naming.NameRules;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpecFileTest {
  @Test
  void fourThingsAreEnough() {
    Spec spec = SpecEntry.exact("Card", 800, 600, "jpeg", null, null).toSpec();

    assertThat(spec.encoding())
        .isEqualTo(new Encoding.Jpeg(Encoding.DEFAULT_QUALITY, Encoding.Chroma.HALF, false));
    assertThat(spec.size()).isEqualTo(new SpecSize.Pixels(800, 600, null));
    assertThat(spec.backdrop()).isNull();
    assertThat(spec.weight()).isNull();
    assertThat(spec.fileName()).isEqualTo(Spec.DEFAULT_NAME);
    assertThat(spec.nameRules()).isEqualTo(NameRules.DEFAULT);
  }

  @Test
  void everythingCanBeSaid() {
    Spec spec =
        read(
            """
            "name":"Print","width":4,"height":5,"unit":"in","dpi":300,"bleedMm":3,"fit":"share",
            "sharePercent":84,"enlarge":false,"format":"PDF","quality":88,"cropMarks":true,
            "mostBytes":500000,"leastLikeness":0.95,"maySmaller":false,"backdrop":"#E9E0CE",
            "marginPercent":5,"fileName":[{"part":"spec"},{"part":"counter","digits":4,"start":10,
            "perGroup":true},{"part":"text","text":"_x"},{"part":"column","column":"colour"}],
            "names":{"capitals":"small","letters":"two-for-one","longest":60}""");

    assertThat(spec)
        .isEqualTo(
            new Spec(
                "Print",
                new SpecSize.Print(4, 5, Unit.INCH, 300, 3),
                new Fit.Share(84),
                false,
                new Encoding.Pdf(88, true),
                new WeightLimit(500_000, 0.95, false),
                new Fill.Solid(0xE9E0CE),
                5.0,
                List.of(
                    new NamePart.SpecName(),
                    new NamePart.Counter(4, 10, true),
                    new NamePart.Text("_x"),
                    new NamePart.Column("colour")),
                new NameRules(NameRules.Capitals.SMALL, NameRules.Letters.TWO_FOR_ONE, 60)));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          width         | "format":"PNG","height":600
          height        | "format":"PNG","width":800
          width         | "format":"PNG","width":0,"height":600
          width         | "format":"PNG","width":8.5,"height":600
          height        | "format":"PNG","width":800,"height":100000
          format        | "format":"BMP","width":800,"height":600
          format        | "width":800,"height":600
          backdrop      | "format":"PNG","width":800,"height":600,"backdrop":"mauve"
          quality       | "format":"JPEG","width":800,"height":600,"quality":0
          mostBytes     | "format":"JPEG","width":800,"height":600,"mostBytes":3
          leastLikeness | "format":"JPEG","width":800,"height":600,"mostBytes":5000,"leastLikeness":1.5
          unit          | "format":"JPEG","width":4,"height":5,"unit":"ell","dpi":300
          dpi           | "format":"JPEG","width":4,"height":5,"unit":"in"
          size          | "format":"JPEG","size":"huge"
          fit           | "format":"JPEG","width":8,"height":6,"fit":"squeeze"
          sharePercent  | "format":"JPEG","width":8,"height":6,"fit":"share"
          chroma        | "format":"JPEG","width":8,"height":6,"chroma":"4:2:2"
          palette       | "format":"PNG","width":8,"height":6,"palette":"maybe"
          bits          | "format":"TIFF","width":8,"height":6,"bits":12
          edge          | "format":"GIF","width":8,"height":6,"edge":"mauve"
          fileName      | "format":"PNG","width":8,"height":6,"fileName":[{"part":"weather"}]
          fileName      | "format":"PNG","width":8,"height":6,"fileName":[{"part":"counter","digits":9}]
          names         | "format":"PNG","width":8,"height":6,"names":{"longest":3}
          names         | "format":"PNG","width":8,"height":6,"names":{"letters":"runes"}
          colour        | "format":"PNG","width":8,"height":6,"colour":"green"
          """)
  void whatIsMissingOrWrongIsNamedByItsField(String field, String entry) {
    InvalidSpec refusal =
        catchThrowableOfType(InvalidSpec.class, () -> read("\"name\":\"A\"," + entry));

    assertThat(refusal).isNotNull();
    assertThat(refusal.field()).isEqualTo(field);
    assertThat(refusal.getMessage()).isNotBlank();
  }

  @Test
  void anotherFileAndANewerVersionAreSaid() {
    assertThat(refused("{\"format\":\"able-batch-look\",\"version\":1}"))
        .hasMessageContaining("no file of specs");
    assertThat(refused("{\"format\":\"able-batch-specs\",\"version\":2,\"news\":1}"))
        .hasMessageContaining("newer than the 1");
    assertThat(refused("[1, 2")).hasMessageContaining("no file of specs");
    assertThat(refused("null")).hasMessageContaining("empty");
    assertThat(refused("{\"format\":\"able-batch-specs\",\"version\":1,\"specs\":[]}"))
        .hasMessageContaining("1 to 40");
    assertThat(refused("{\"format\":\"able-batch-specs\",\"version\":1,\"specs\":[null]}"))
        .hasMessageContaining("is empty");
  }

  @Test
  void whatIsWrittenIsReadAgain() {
    SpecFile file = new SpecFile(List.of(SpecEntry.exact("Card", 800, 600, "WEBP", 82, "#E9E0CE")));

    String text = new String(file.bytes(), StandardCharsets.UTF_8);

    assertThat(SpecFile.read(file.bytes())).isEqualTo(file);
    assertThat(text).contains("able-batch-specs").doesNotContain("null");
  }

  @Test
  void whatAFileIsCalledChangesNothingInIt() {
    SpecEntry card = SpecEntry.exact("Card", 800, 600, "WEBP", 82, "#E9E0CE");
    SpecEntry tile = SpecEntry.exact("Tile", 800, 600, "WEBP", 82, "#E9E0CE");

    assertThat(card.withoutNames()).isEqualTo(tile.withoutNames());
    assertThat(card.withoutNames())
        .isNotEqualTo(SpecEntry.exact("Card", 800, 600, "WEBP", 81, "#E9E0CE").withoutNames());
  }

  @Test
  void twentySpecsShip() {
    List<Spec> shipped = SpecFile.shipped().toSpecs();

    assertThat(shipped).hasSize(20);
    assertThat(shipped).extracting(Spec::name).doesNotHaveDuplicates();
    assertThat(shipped)
        .extracting(Spec::format)
        .contains(org.ablebatch.core.deliver.OutputFormat.values());
  }

  private static Spec read(String entry) {
    return SpecFile.read(
            ("{\"format\":\"able-batch-specs\",\"version\":1,\"specs\":[{" + entry + "}]}")
                .getBytes(StandardCharsets.UTF_8))
        .toSpecs()
        .get(0);
  }

  private static InvalidSpec refused(String text) {
    return catchThrowableOfType(
        InvalidSpec.class, () -> SpecFile.read(text.getBytes(StandardCharsets.UTF_8)));
  }
}
