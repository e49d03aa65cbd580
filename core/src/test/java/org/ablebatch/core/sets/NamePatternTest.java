package org.ablebatch.core.sets;

import static org.ablebatch.core.sets.NamePattern.Role.CODE;
import static org.ablebatch.core.sets.NamePattern.Role.GROUP;
import static org.ablebatch.core.sets.NamePattern.Role.NOTHING;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NamePatternTest {
  private static final NamePattern PATTERN =
      new NamePattern("_-", List.of(CODE, CODE, GROUP), false);

  @ParameterizedTest
  @CsvSource({
    "QG-104_spades_front.jpg, QG-104, spades",
    "QG-104_spades.jpg, QG-104, spades",
    "QG-104.tiff, QG-104,",
    "QG_104--spades_x_y_z.png, QG_104, spades",
    "QG.jpg, QG,",
    "__QG-7_rakes.jpg, QG-7, rakes"
  })
  void neighbouringPartsOfOneRoleStayJoinedAsTheyStood(String name, String code, String group) {
    assertThat(PATTERN.of("", name)).isEqualTo(new SetPlace(code, group));
  }

  @Test
  void namesWithoutTheirPartsGiveNothing() {
    assertThat(PATTERN.of("", "---.jpg")).isEqualTo(SetPlace.NONE);
    assertThat(new NamePattern("_", List.of(NOTHING, CODE), false).of("", "plain.jpg"))
        .isEqualTo(SetPlace.NONE);
  }

  @Test
  void theInnermostFolderIsTheGroupWhereTheNameGivesNone() {
    NamePattern pattern = new NamePattern(" ", List.of(CODE, GROUP), true);

    assertThat(pattern.of("spring/spades", "104.jpg")).isEqualTo(new SetPlace("104", "spades"));
    assertThat(pattern.of("spring/spades", "104 rakes.jpg"))
        .isEqualTo(new SetPlace("104", "rakes"));
    assertThat(pattern.of("", "104.jpg")).isEqualTo(new SetPlace("104", null));
  }

  @Test
  void aNameIsShownInItsParts() {
    assertThat(PATTERN.partsOf("QG-104_spades front.v2.jpg"))
        .containsExactly("QG", "104", "spades front.v2");
  }

  @Test
  void patternsThatCannotBeAreRefusedInWords() {
    assertThatThrownBy(() -> new NamePattern("", List.of(), false))
        .hasMessageContaining("1 to 8 different characters");
    assertThatThrownBy(() -> new NamePattern("d", List.of(), false))
        .hasMessageContaining("letters or digits");
  }

  @Test
  void aListIsFoundWithOrWithoutEndingAndNamesItsLeftovers() {
    SetList list =
        new SetList(
            List.of(
                new SetList.Line("spade.jpg", new SetPlace("1", "tools")),
                new SetList.Line("Rake", new SetPlace("2", null)),
                new SetList.Line("hoe.jpg", new SetPlace("3", null))));

    assertThat(list.of("SPADE.JPG").map(SetList.Line::place)).contains(new SetPlace("1", "tools"));
    assertThat(list.of("rake.png").map(SetList.Line::place)).contains(new SetPlace("2", null));
    assertThat(list.of("spade.png")).isEmpty();
    assertThat(list.unused()).containsExactly("hoe.jpg");
  }

  @ParameterizedTest
  @CsvSource({
    "a/b/c.jpg, a/b",
    "C:\\photos\\spring\\c.jpg, photos/spring",
    "../../etc/passwd, etc",
    "c.jpg, ''"
  })
  void foldersAreNamesOnly(String path, String folder) {
    assertThat(FolderPath.of(path)).isEqualTo(folder);
  }
}
