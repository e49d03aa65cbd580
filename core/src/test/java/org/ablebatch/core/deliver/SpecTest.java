package org.ablebatch.core.deliver;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.sets.SetPlace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SpecTest {
  @ParameterizedTest
  @ValueSource(ints = {0, -5, 20_001, 100_000})
  void impossibleSizesNameTheFieldAndTheLimit(int width) {
    assertThatThrownBy(() -> spec(width, 600, OutputFormat.PNG))
        .isInstanceOfSatisfying(InvalidSpec.class, e -> assertThat(e.field()).isEqualTo("width"))
        .hasMessageContaining("1 to 20,000 pixels");
  }

  @Test
  void sidesThatAreFineAloneMayBeTooMuchTogether() {
    assertThatThrownBy(() -> spec(20_000, 20_000, OutputFormat.PNG))
        .hasMessageContaining("100 million pixels");
  }

  @Test
  void aFormatWithoutTransparencyGetsWhite() {
    assertThat(spec(800, 800, OutputFormat.JPEG).lookWith(Look.DEFAULT).backdrop())
        .isEqualTo(Fill.Solid.WHITE);
    assertThat(spec(800, 800, OutputFormat.WEBP).lookWith(Look.DEFAULT).backdrop())
        .isEqualTo(new Fill.Clear());
  }

  @Test
  void preflightSaysWhatWillBeLost() {
    SubjectMeasures small = SubjectMeasures.whole(200, 100, Labels.NONE);

    assertThat(
            Preflight.notes(small, SetPlace.NONE, spec(800, 800, OutputFormat.JPEG), Look.DEFAULT))
        .extracting(Preflight.Note::kind)
        .containsExactly(Preflight.Kind.ENLARGED, Preflight.Kind.LOSES_TRANSPARENCY);
    assertThat(
            Preflight.notes(
                SubjectMeasures.whole(2000, 1500, Labels.NONE),
                SetPlace.NONE,
                spec(800, 800, OutputFormat.PNG),
                Look.DEFAULT))
        .isEmpty();
  }

  @Test
  void namesArePutTogetherFromParts() {
    Spec spec =
        spec(
            800,
            600,
            OutputFormat.JPEG,
            new NamePart.Counter(4),
            new NamePart.Text("_"),
            new NamePart.OriginalName(),
            new NamePart.Text("_"),
            new NamePart.SpecName(),
            new NamePart.Text("-"),
            new NamePart.Size());

    assertThat(new FileNames().next("enamel jug.tif", SetPlace.NONE, spec, 7))
        .isEqualTo("0007_enamel jug_shop-square-800x600.jpg");
  }

  @Test
  void codesAndGroupsNameFilesAndAreMissedInWords() {
    Spec spec =
        spec(
            8,
            8,
            OutputFormat.PNG,
            new NamePart.Group(),
            new NamePart.Text("_"),
            new NamePart.Code());
    FileNames names = new FileNames();

    assertThat(names.next("DSC1.jpg", new SetPlace("QG-104", "spades"), spec, 1))
        .isEqualTo("spades_QG-104.png");
    assertThat(names.next("DSC2.jpg", SetPlace.NONE, spec, 2)).isEqualTo("ungrouped_DSC2.png");
    assertThat(
            Preflight.notes(
                SubjectMeasures.whole(90, 90, Labels.NONE), SetPlace.NONE, spec, Look.DEFAULT))
        .extracting(Preflight.Note::kind)
        .containsExactly(Preflight.Kind.NO_CODE);
  }

  @Test
  void noTwoFilesShareAName() {
    FileNames names = new FileNames();
    Spec spec = spec(8, 8, OutputFormat.PNG, new NamePart.OriginalName());

    assertThat(
            List.of(
                names.next("a.jpg", SetPlace.NONE, spec, 1),
                names.next("A.png", SetPlace.NONE, spec, 2)))
        .containsExactly("a.png", "A-2.png");
  }

  @Test
  void hostileNamesBecomeHarmless() {
    Spec spec = spec(8, 8, OutputFormat.PNG, new NamePart.OriginalName());
    FileNames names = new FileNames();

    assertThat(names.next("../../etc/passwd", SetPlace.NONE, spec, 1))
        .doesNotContain("/")
        .doesNotStartWith(".");
    assertThat(FileNames.cleaned("../up/and/🌿 fern.jpg")).isEqualTo("🌿 fern.jpg");
    assertThat(FileNames.cleaned("C:\\photos\\a<b>.png")).isEqualTo("ab.png");
    assertThat(FileNames.cleaned("..")).isEqualTo("unnamed");
    assertThat(FileNames.cleaned(null)).isEqualTo("unnamed");
  }

  @Test
  void aLongNameKeepsItsEndingAndItsLastWholeCharacter() {
    assertThat(FileNames.shortened("fern.jpg", 8)).isEqualTo("fern.jpg");
    assertThat(FileNames.shortened("a long fern.jpg", 8)).isEqualTo("a lo.jpg");
    assertThat(FileNames.shortened("fer🌿 in a pot.jpg", 8)).isEqualTo("fer.jpg");
    assertThat(FileNames.shortened("fern without an ending", 4)).isEqualTo("fern");
  }

  private static Spec spec(int width, int height, OutputFormat format, NamePart... parts) {
    return new Spec(
        "Shop square",
        width,
        height,
        format,
        90,
        null,
        null,
        parts.length == 0 ? Spec.DEFAULT_NAME : List.of(parts));
  }
}
