package org.ablebatch.core.deliver;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.ablebatch.core.deliver.Encoding.Chroma;
import org.ablebatch.core.deliver.Encoding.Palette;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.naming.NameRules;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpecTest {
  private static final Encoding PNG = new Encoding.Png(Palette.WHEN_EXACT);
  private static final Encoding JPEG = new Encoding.Jpeg(90, Chroma.HALF, false);
  private static final SubjectMeasures SUBJECT =
      new SubjectMeasures(new Rect(100, 50, 600, 300), new Rect(0, 0, 1000, 500), Labels.NONE);

  @Test
  void sidesAndTheirProductHaveLimits() {
    assertThatThrownBy(() -> new SpecSize.Pixels(0, 600, null)).hasMessageContaining("width");
    assertThatThrownBy(() -> new SpecSize.Pixels(800, 100_000, null))
        .hasMessageContaining("height")
        .hasMessageContaining("100,000");
    assertThatThrownBy(() -> new SpecSize.Pixels(20_000, 20_000, null))
        .hasMessageContaining("100 million pixels");
  }

  @ParameterizedTest
  @CsvSource({
    "4, 5, INCH, 300, 0, 1200, 1500, 0",
    "4, 5, INCH, 300, 3, 1270, 1570, 35",
    "100, 70, MILLIMETRE, 300, 3, 1251, 897, 35",
    "297, 420, MILLIMETRE, 150, 0, 1754, 2480, 0"
  })
  void printedSizesBecomePixels(
      double width, double height, Unit unit, int dpi, double bleed, int w, int h, int bleedPx) {
    SpecSize size = new SpecSize.Print(width, height, unit, dpi, bleed);

    assertThat(size.whole(SUBJECT)).isEqualTo(new Frame(w, h));
    assertThat(size.bleedPx()).isEqualTo(bleedPx);
    assertThat(size.dpi()).isEqualTo(dpi);
  }

  @Test
  void printedSizesNeedTheirDotsAndLimits() {
    assertThatThrownBy(() -> new SpecSize.Print(4, 5, Unit.INCH, null, 0))
        .hasMessageContaining("dots an inch");
    assertThatThrownBy(() -> new SpecSize.Print(4, 5, Unit.INCH, 5000, 0))
        .hasMessageContaining("1,200");
    assertThatThrownBy(() -> new SpecSize.Print(0, 5, Unit.INCH, 300, 0))
        .hasMessageContaining("width");
    assertThatThrownBy(() -> new SpecSize.Print(4, Double.NaN, Unit.INCH, 300, 0))
        .hasMessageContaining("height");
    assertThatThrownBy(() -> new SpecSize.Print(4, 5, Unit.INCH, 300, 60))
        .hasMessageContaining("bleed");
    assertThatThrownBy(() -> new SpecSize.Print(90, 90, Unit.INCH, 300, 0))
        .hasMessageContaining("20,000");
  }

  @Test
  void originalAndTrimmedSizesFollowThePicture() {
    assertThat(new SpecSize.Original(null, null).finished(SUBJECT)).isEqualTo(new Frame(1000, 500));
    assertThat(new SpecSize.Original(500, null).finished(SUBJECT)).isEqualTo(new Frame(500, 250));
    assertThat(new SpecSize.Original(5000, null).finished(SUBJECT)).isEqualTo(new Frame(1000, 500));
    assertThat(new SpecSize.Trimmed(24, null, null).finished(SUBJECT))
        .isEqualTo(new Frame(648, 348));
    assertThat(new SpecSize.Trimmed(24, 324, null).finished(SUBJECT))
        .isEqualTo(new Frame(324, 174));
  }

  @Test
  void aFormatWithoutTransparencyGetsWhite() {
    assertThat(Spec.exact("A", 800, 800, JPEG).lookWith(Look.DEFAULT).backdrop())
        .isEqualTo(Fill.Solid.WHITE);
    assertThat(Spec.exact("A", 800, 800, PNG).lookWith(Look.DEFAULT).backdrop())
        .isEqualTo(new Fill.Clear());
  }

  @Test
  void encodingsKnowTheirLimits() {
    assertThatThrownBy(() -> new Encoding.Jpeg(0, Chroma.FULL, true))
        .hasMessageContaining("1 to 100");
    assertThatThrownBy(() -> new Encoding.WebP(101)).hasMessageContaining("1 to 100");
    assertThatThrownBy(() -> new Encoding.Tiff(12)).hasMessageContaining("8 or 16");
    assertThat(new Encoding.WebP(null).atQuality(40)).isEqualTo(new Encoding.WebP(null));
    assertThat(new Encoding.Pdf(90, true).atQuality(40)).isEqualTo(new Encoding.Pdf(40, true));
    assertThat(PNG.quality()).isNull();
  }

  @Test
  void aLimitOfThreeBytesIsASlip() {
    assertThatThrownBy(() -> new WeightLimit(3, 0.9, false))
        .isInstanceOfSatisfying(
            InvalidSpec.class, e -> assertThat(e.field()).isEqualTo("mostBytes"))
        .hasMessageContaining("1,000 bytes or more");
    assertThatThrownBy(() -> new WeightLimit(5000, 1, false)).hasMessageContaining("likeness");
  }

  @Test
  void aPageNeedsItsDots() {
    assertThatThrownBy(() -> Spec.exact("Page", 800, 800, new Encoding.Pdf(90, false)))
        .isInstanceOfSatisfying(InvalidSpec.class, e -> assertThat(e.field()).isEqualTo("dpi"));
  }

  @Test
  void aPrintKeepsItsSizeWhateverItWeighs() {
    WeightLimit smaller = new WeightLimit(50_000, 0.9, true);
    SpecSize print = new SpecSize.Print(4, 5, Unit.INCH, 300, 3);

    assertThatThrownBy(() -> weighing(print, JPEG, smaller))
        .isInstanceOfSatisfying(
            InvalidSpec.class, e -> assertThat(e.field()).isEqualTo("maySmaller"));
    assertThatThrownBy(
            () -> weighing(new SpecSize.Pixels(90, 90, 300), new Encoding.Pdf(90, false), smaller))
        .hasMessageContaining("keeps its size");
    assertThat(weighing(print, JPEG, new WeightLimit(50_000, 0.9, false)).weight()).isNotNull();
  }

  private static Spec weighing(SpecSize size, Encoding encoding, WeightLimit weight) {
    return new Spec(
        "A",
        size,
        Fit.BY_LOOK,
        true,
        encoding,
        weight,
        null,
        null,
        Spec.DEFAULT_NAME,
        NameRules.DEFAULT);
  }

  @Test
  void aNameIsNeededAndNotTooLong() {
    assertThatThrownBy(() -> Spec.exact(" ", 8, 8, PNG)).hasMessageContaining("needs a name");
    assertThatThrownBy(() -> Spec.exact("x".repeat(61), 8, 8, PNG)).hasMessageContaining("60");
  }

  @Test
  void wordsWithoutLettersAreNone() {
    FileWords words = new FileWords(" ", null, "Quillmoor", "", List.of("spade", " ", "spade "));

    assertThat(words).isEqualTo(new FileWords(null, null, "Quillmoor", null, List.of("spade")));
    assertThat(new FileWords("", "", "", "", List.of("")).isEmpty()).isTrue();
  }
}
