package org.ablebatch.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import org.ablebatch.core.deliver.InvalidSpec;
import org.ablebatch.core.deliver.NamePart;
import org.ablebatch.core.deliver.OutputFormat;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.look.Fill;
import org.ablebatch.server.delivery.SpecRequest.PartRequest;
import org.junit.jupiter.api.Test;

class SpecRequestTest {
  @Test
  void fourThingsAreEnough() {
    Spec spec = new SpecRequest("Card", 800, 600, "jpeg", null, null, null, null).toSpec();

    assertThat(spec.format()).isEqualTo(OutputFormat.JPEG);
    assertThat(spec.quality()).isEqualTo(Spec.DEFAULT_QUALITY);
    assertThat(spec.backdrop()).isNull();
    assertThat(spec.fileName()).isEqualTo(Spec.DEFAULT_NAME);
  }

  @Test
  void everythingCanBeSaid() {
    Spec spec =
        new SpecRequest(
                "Card",
                800,
                600,
                "WEBP",
                70,
                "#E9E0CE",
                5.0,
                List.of(
                    new PartRequest("spec", null, null),
                    new PartRequest("counter", null, null),
                    new PartRequest("text", "_x", null)))
            .toSpec();

    assertThat(spec.backdrop()).isEqualTo(new Fill.Solid(0xE9E0CE));
    assertThat(spec.marginPercent()).isEqualTo(5.0);
    assertThat(spec.fileName())
        .containsExactly(new NamePart.SpecName(), new NamePart.Counter(3), new NamePart.Text("_x"));
  }

  @Test
  void whatIsMissingOrWrongIsNamedByItsField() {
    assertThat(refused(null, 600, "PNG", null, null).field()).isEqualTo("width");
    assertThat(refused(800, null, "PNG", null, null).field()).isEqualTo("height");
    assertThat(refused(800, 600, "BMP", null, null).field()).isEqualTo("format");
    assertThat(refused(800, 600, null, null, null).field()).isEqualTo("format");
    assertThat(refused(800, 600, "PNG", "mauve", null).field()).isEqualTo("backdrop");
    assertThat(refused(0, 600, "PNG", null, null).field()).isEqualTo("width");
    assertThat(refused(800, 100_000, "PNG", null, null).field()).isEqualTo("height");
  }

  @Test
  void refusalsAreSentences() {
    assertThat(refused(800, 600, "BMP", null, null))
        .hasMessage("“BMP” is not a format; use PNG, JPEG or WEBP");
    assertThat(refused(null, 600, "PNG", null, null)).hasMessage("A spec needs a width in pixels");
  }

  @Test
  void anUnknownNamePartIsRefused() {
    InvalidSpec refusal =
        refused(800, 600, "PNG", null, List.of(new PartRequest("weather", null, null)));

    assertThat(refusal.field()).isEqualTo("fileName");
    assertThat(refusal)
        .hasMessageContaining("original-name, code, group, spec, size, counter or text");
  }

  private static InvalidSpec refused(
      Integer width, Integer height, String format, String backdrop, List<PartRequest> name) {
    SpecRequest request =
        new SpecRequest("Card", width, height, format, null, backdrop, null, name);
    return catchThrowableOfType(InvalidSpec.class, request::toSpec);
  }
}
