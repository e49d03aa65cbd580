package org.ablebatch.core.deliver;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.naming.NamePart;
import org.junit.jupiter.api.Test;

class WordsPlanTest {
  private static final Labels SPADE =
      new Labels(
          "spade.jpg", "QG-7", "spades", Map.of("colour", "moss green", "for", "beds; borders"));

  @Test
  void wordsArePutTogetherFromWhatIsKnown() {
    WordsPlan plan =
        new WordsPlan(
            List.of(
                new NamePart.OriginalName(),
                new NamePart.Text(", "),
                new NamePart.Column("colour")),
            List.of(new NamePart.Group(), new NamePart.Text(" "), new NamePart.Code()),
            List.of(new NamePart.Text("Quillmoor Garden Works")),
            List.of(),
            List.of(new NamePart.Text("garden, "), new NamePart.Column("for")));

    assertThat(plan.of(SPADE))
        .isEqualTo(
            new FileWords(
                "spade, moss green",
                "spades QG-7",
                "Quillmoor Garden Works",
                null,
                List.of("garden", "beds", "borders")));
  }

  @Test
  void whatIsNotKnownIsLeftOut() {
    WordsPlan plan =
        new WordsPlan(
            List.of(new NamePart.Code()),
            List.of(new NamePart.Column("weight")),
            List.of(),
            List.of(),
            List.of(new NamePart.Column("weight")));

    assertThat(plan.of(Labels.NONE).isEmpty()).isTrue();
    assertThat(WordsPlan.NONE.of(SPADE)).isEqualTo(FileWords.NONE);
  }

  @Test
  void whatBelongsToAFileAndNotToAPictureIsRefused() {
    for (NamePart part :
        List.of(new NamePart.Counter(3), new NamePart.Size(), new NamePart.SpecName())) {
      assertThatThrownBy(
              () -> new WordsPlan(List.of(part), List.of(), List.of(), List.of(), List.of()))
          .isInstanceOfSatisfying(InvalidSpec.class, e -> assertThat(e.field()).isEqualTo("words"));
    }
  }

  @Test
  void aColumnOfTenThousandCharactersIsCut() {
    Labels many = new Labels("a.jpg", null, null, Map.of("text", "x".repeat(10_000)));
    WordsPlan plan =
        new WordsPlan(
            List.of(), List.of(new NamePart.Column("text")), List.of(), List.of(), List.of());

    assertThat(plan.of(many).description()).hasSize(4000);
  }
}
