package org.ablebatch.codec.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.ablebatch.core.look.InvalidLook;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.Setting;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class LookFileTest {
  private static final Path LOOKS = Path.of("..", "demo", "looks");

  static List<Path> demoLooks() throws IOException {
    try (Stream<Path> files = Files.list(LOOKS)) {
      return files.sorted().toList();
    }
  }

  @ParameterizedTest
  @MethodSource("demoLooks")
  void whatIsWrittenIsReadBack(Path path) throws IOException {
    LookFile file = LookFile.read(Files.readAllBytes(path));

    LookFile again = LookFile.read(file.write());

    assertThat(again).isEqualTo(file);
    assertThat(again.write()).isEqualTo(file.write());
    assertThat(LookFile.ofParts(LookFile.partsOf(file.look()))).isEqualTo(file.look());
  }

  @Test
  void everyKindOfPartHasItsName() {
    List<String> kinds =
        Stream.of(Setting.class.getPermittedSubclasses()).map(Class::getSimpleName).toList();

    for (Class<?> kind : Setting.class.getPermittedSubclasses()) {
      assertThat(LookJson.kindOf(kind)).as(kind.getSimpleName()).isNotBlank();
    }
    assertThat(kinds).hasSizeGreaterThanOrEqualTo(12);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          "version": 1   | "version": 2                  | version | newer than the 1 that is understood
          "version": 1   | "version": 0                  | version | expected 1
          able-batch     | other-batch                   | format | this is no look file
          "name": "Slat  | "name": "" , "x": "Slat       | x | is not known here
          "gradient"     | "fireworks"                   | parts[0].setting.fill.kind | “fireworks” is not known here
          "at": 0        | "at": NaN                     | file | is not the JSON of a look
          "at": 0        | "at": "0"                     | parts[0].setting.fill.stops[0].at | of another kind
          "at": 0        | "at": -3                      | parts[0].setting.fill.stops[0].at | 0 to 100
          "at": 0        | "at": 1e999                   | parts[0].setting.fill.stops[0].at | 0 to 100
          "percent": 84  | "percent": null               | parts[1].setting.percent | of another kind, or none
          "percent": 84  | "percent": -84                | parts[1].setting.percent | -84
          #7C8B97        | red                           | parts[0].setting.fill.stops[0].colour | such as #E9E0CE
          "height"       | "depth"                       | parts[1].setting.size | of another kind
          "on": true     | "on": true, "script": "go()"  | parts[0].script | is not known here
          "subject"      | "backdrop"                    | parts[1].id | twice
          "left"         | "sideways"                    | parts[2].setting.across | of another kind
          """)
  void whatIsWrongIsSaidWithItsField(String good, String bad, String field, String sentence)
      throws IOException {
    String whole = Files.readString(LOOKS.resolve("portrait-slate.json"));
    whole = whole.replace("Portrait, slate", "Slate");
    assertThat(whole).contains(good);
    byte[] bytes = whole.replaceFirst(java.util.regex.Pattern.quote(good), bad).getBytes();

    InvalidLook problem = catchThrowableOfType(InvalidLook.class, () -> LookFile.read(bytes));

    assertThat(problem).as(bad).isNotNull();
    assertThat(problem.field()).isEqualTo(field);
    assertThat(problem).hasMessageContaining(sentence);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          null           | file
          []             | file
          {}             | format
          ''             | file
          {"format":     | file
          """)
  void whatIsNoLookFileIsNone(String text, String field) {
    byte[] bytes = text.getBytes(StandardCharsets.UTF_8);

    InvalidLook problem = catchThrowableOfType(InvalidLook.class, () -> LookFile.read(bytes));

    assertThat(problem).isNotNull();
    assertThat(problem.field()).isEqualTo(field);
  }

  @Test
  void aFileThatIsTooLargeIsNotRead() {
    byte[] large = new byte[LookFile.MOST_BYTES + 1];

    InvalidLook problem = catchThrowableOfType(InvalidLook.class, () -> LookFile.read(large));

    assertThat(problem).hasMessageContaining("more than 1 MB");
  }

  @Test
  void aMissingPartIsNamedByItsPlace() {
    InvalidLook problem = catchThrowableOfType(InvalidLook.class, () -> LookFile.ofParts("[null]"));

    assertThat(problem).isNotNull();
    assertThat(problem.field()).startsWith("parts[0]");
  }

  @Test
  void partsKeepTheirOrder() throws IOException {
    Look look = LookFile.read(Files.readAllBytes(LOOKS.resolve("portrait-slate.json"))).look();

    assertThat(look.parts())
        .extracting(Part::id)
        .containsExactly("backdrop", "subject", "name", "role");
  }
}
