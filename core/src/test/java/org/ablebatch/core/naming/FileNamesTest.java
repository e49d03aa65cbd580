package org.ablebatch.core.naming;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.ablebatch.core.naming.FileNames.Mend;
import org.ablebatch.core.naming.NameRules.Capitals;
import org.ablebatch.core.naming.NameRules.Letters;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FileNamesTest {
  private static final FileNames.OfSpec SPEC =
      new FileNames.OfSpec("Shop square", "800x600", "jpg");
  private static final List<NamePart> ORIGINAL = List.of(new NamePart.OriginalName());

  private final FileNames names = new FileNames();

  @Test
  void namesArePutTogetherFromParts() {
    List<NamePart> parts =
        List.of(
            new NamePart.Counter(4),
            new NamePart.Text("_"),
            new NamePart.OriginalName(),
            new NamePart.Text("_"),
            new NamePart.SpecName(),
            new NamePart.Text("-"),
            new NamePart.Size());

    assertThat(names.next(picture("enamel jug.tif", 7), parts, NameRules.DEFAULT, SPEC).name())
        .isEqualTo("0007_enamel jug_shop-square-800x600.jpg");
  }

  @Test
  void codesGroupsAndColumnsNameFilesAndWhatIsMissingIsSaid() {
    List<NamePart> parts =
        List.of(
            new NamePart.Group(),
            new NamePart.Text("_"),
            new NamePart.Code(),
            new NamePart.Text("_"),
            new NamePart.Column("colour"));
    Named full = new Named("a.jpg", "QG-104", "spades", Map.of("colour", "moss green"), 1, 1);

    assertThat(names.next(full, parts, NameRules.DEFAULT, SPEC))
        .isEqualTo(new FileNames.Given("spades_QG-104_moss green.jpg", List.of()));
    assertThat(names.next(picture("b.jpg", 2), parts, NameRules.DEFAULT, SPEC))
        .isEqualTo(new FileNames.Given("ungrouped_b_.jpg", List.of(Mend.COLUMN_EMPTY)));
  }

  @Test
  void countersBeginWhereTheyAreToldAndAnewInEveryGroup() {
    Named fifth = new Named("a.jpg", null, "spades", Map.of(), 5, 2);

    assertThat(name(fifth, new NamePart.Counter(3, 100, false))).isEqualTo("104.jpg");
    assertThat(name(fifth, new NamePart.Counter(2, 1, true))).isEqualTo("02.jpg");
    assertThatThrownBy(() -> new NamePart.Counter(9)).hasMessageContaining("1 to 8 digits");
    assertThatThrownBy(() -> new NamePart.Counter(3, -1, false)).hasMessageContaining("begins at");
  }

  @Test
  void noTwoFilesShareANameCapitalsAside() {
    FileNames.Given first = names.next(picture("a.jpg", 1), ORIGINAL, NameRules.DEFAULT, SPEC);
    FileNames.Given second = names.next(picture("A.png", 2), ORIGINAL, NameRules.DEFAULT, SPEC);
    FileNames.Given third = names.next(picture("a.tif", 3), ORIGINAL, NameRules.DEFAULT, SPEC);

    assertThat(first).isEqualTo(new FileNames.Given("a.jpg", List.of()));
    assertThat(second).isEqualTo(new FileNames.Given("A-2.jpg", List.of(Mend.NUMBERED)));
    assertThat(third.name()).isEqualTo("a-3.jpg");
  }

  @ParameterizedTest
  @CsvSource({
    "con,con_.jpg",
    "LPT1,LPT1_.jpg",
    "COM10,COM10.jpg",
    "ends in dots...,ends in dots.jpg",
    "a:b*c,a-b-c.jpg",
    ".hidden,hidden.jpg",
    "...,picture.jpg"
  })
  void whatSomeSystemRefusesIsChangedAndSaid(String stem, String expected) {
    FileNames.Given given =
        names.next(picture(stem + ".png", 1), ORIGINAL, NameRules.DEFAULT, SPEC);

    assertThat(given.name()).isEqualTo(expected);
    assertThat(given.mends())
        .isEqualTo(expected.startsWith(stem + ".") ? List.of() : List.of(Mend.MADE_SAFE));
  }

  @Test
  void aNameOfThreeHundredCharactersIsCutAndStaysItsOwn() {
    Named long1 = picture("x".repeat(300) + ".jpg", 1);
    NameRules rules = new NameRules(Capitals.AS_THEY_ARE, Letters.ALL, 30);

    FileNames.Given first = names.next(long1, ORIGINAL, rules, SPEC);
    FileNames.Given second = names.next(long1, ORIGINAL, rules, SPEC);

    assertThat(first.name()).hasSize(30).endsWith("x.jpg");
    assertThat(first.mends()).containsExactly(Mend.SHORTENED);
    assertThat(second.name()).hasSize(30).endsWith("x-2.jpg");
    assertThat(second.mends()).containsExactly(Mend.SHORTENED, Mend.NUMBERED);
  }

  @ParameterizedTest
  @CsvSource({
    "ALL,AS_THEY_ARE,Größe Ælf żółw,Größe Ælf żółw",
    "PLAIN,AS_THEY_ARE,Größe Ælf żółw,Grosse Aelf zolw",
    "TWO_FOR_ONE,AS_THEY_ARE,Größe Ælf Öl Ørsted,Groesse Aelf Oel Oersted",
    "PLAIN,SMALL,Élan VITAL,elan vital",
    "TWO_FOR_ONE,CAPITAL,süß,SUESS",
    "PLAIN,AS_THEY_ARE,Ζευς 花,____ _"
  })
  void lettersAndCapitalsAreWrittenAsAsked(
      Letters letters, Capitals capitals, String words, String expected) {
    NameRules rules = new NameRules(capitals, letters, 120);

    assertThat(names.next(picture(words + ".png", 1), ORIGINAL, rules, SPEC).name())
        .isEqualTo(expected + ".jpg");
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 11, 201})
  void aLengthThatNoSystemTakesIsRefused(int longest) {
    assertThatThrownBy(() -> new NameRules(Capitals.SMALL, Letters.ALL, longest))
        .isInstanceOf(InvalidName.class)
        .hasMessageContaining("12 to 200");
  }

  @Test
  void hostileNamesBecomeHarmless() {
    assertThat(names.next(picture("../../etc/passwd", 1), ORIGINAL, NameRules.DEFAULT, SPEC).name())
        .doesNotContain("/")
        .doesNotStartWith(".");
    assertThat(SafeNames.cleaned("../up/and/🌿 fern.jpg")).isEqualTo("🌿 fern.jpg");
    assertThat(SafeNames.cleaned("C:\\photos\\a<b>.png")).isEqualTo("ab.png");
    assertThat(SafeNames.cleaned("..")).isEqualTo("unnamed");
    assertThat(SafeNames.cleaned(null)).isEqualTo("unnamed");
  }

  @Test
  void aLongNameKeepsItsEndingAndItsLastWholeCharacter() {
    assertThat(SafeNames.shortened("fern.jpg", 8)).isEqualTo("fern.jpg");
    assertThat(SafeNames.shortened("a long fern.jpg", 8)).isEqualTo("a lo.jpg");
    assertThat(SafeNames.shortened("fer🌿 in a pot.jpg", 8)).isEqualTo("fer.jpg");
    assertThat(SafeNames.shortened("fern without an ending", 4)).isEqualTo("fern");
  }

  private String name(Named picture, NamePart part) {
    return new FileNames().next(picture, List.of(part), NameRules.DEFAULT, SPEC).name();
  }

  private static Named picture(String originalName, int number) {
    return new Named(originalName, null, null, Map.of(), number, number);
  }
}
