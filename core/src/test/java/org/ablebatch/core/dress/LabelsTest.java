package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.ablebatch.core.look.Word;
import org.junit.jupiter.api.Test;

class LabelsTest {
  private static final Labels JUG =
      new Labels("enamel-jug.jpg", "QG-214", null, Map.of("Title", "Enamel jug"));

  @Test
  void piecesAreFilledFromThePicture() {
    List<Word> words = List.of(new Word.Column("Title"), new Word.Fixed(", "), new Word.Code());

    assertThat(JUG.text(words)).isEqualTo("Enamel jug, QG-214");
    assertThat(JUG.text(List.of(new Word.FileName()))).isEqualTo("enamel-jug");
    assertThat(JUG.missing(words)).isEmpty();
  }

  @Test
  void whatIsMissingLeavesNoBracketsBehind() {
    List<Word> words = List.of(new Word.Fixed("Group "), new Word.Group());

    assertThat(JUG.text(words)).isEmpty();
    assertThat(JUG.missing(words)).containsExactly("group");
    assertThat(JUG.missing(List.of(new Word.Column("Price")))).containsExactly("“Price”");
  }

  @Test
  void fixedWordsAloneAlwaysStand() {
    assertThat(Labels.NONE.text(List.of(new Word.Fixed("Made to last")))).isEqualTo("Made to last");
  }

  @Test
  void lengthsAreReadAsPeopleWriteThem() {
    Labels labels =
        new Labels(
            "a.jpg",
            null,
            null,
            Map.of("a", "240", "b", " 240 mm ", "c", "1,5", "d", "tall", "e", "0"));

    assertThat(labels.millimetres("a")).hasValue(240);
    assertThat(labels.millimetres("b")).hasValue(240);
    assertThat(labels.millimetres("c")).hasValue(1.5);
    assertThat(labels.millimetres("d")).isEmpty();
    assertThat(labels.millimetres("e")).isEmpty();
    assertThat(labels.millimetres("none")).isEmpty();
  }
}
