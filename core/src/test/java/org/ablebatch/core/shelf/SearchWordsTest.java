package org.ablebatch.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class SearchWordsTest {
  @Test
  void wordsAreSmallLettersAndDigitsWithoutAccents() {
    assertThat(SearchWords.kept(List.of("Größe_Crème.JPG")))
        .containsExactly("grosse", "creme", "jpg");
  }

  @Test
  void aWordOfLettersAndDigitsIsFoundByItsPartsToo() {
    assertThat(SearchWords.kept(List.of("IMG1234-b2")))
        .containsExactly("img1234", "img", "1234", "b2", "b", "2");
  }

  @Test
  void theSameWordIsKeptOnceAndNullsAreNothing() {
    assertThat(SearchWords.kept(Arrays.asList("red can", null, "Can red")))
        .containsExactly("red", "can");
  }

  @Test
  void aSizeIsOneWordHoweverItIsWritten() {
    assertThat(SearchWords.asked("2000 × 1500")).containsExactly("2000x1500");
    assertThat(SearchWords.asked("2000x1500")).containsExactly(SearchWords.size(2000, 1500));
    assertThat(SearchWords.kept(List.of(SearchWords.size(20, 15)))).contains("20x15", "20", "15");
  }

  @Test
  void whatIsAskedKeepsToWordsThatCanBeThere() {
    assertThat(SearchWords.asked(null)).isEmpty();
    assertThat(SearchWords.asked(" +-\"*() ")).isEmpty();
    assertThat(SearchWords.asked("Gieß* OR -kanne kanne")).containsExactly("giess", "or", "kanne");
    assertThat(SearchWords.asked("a b c d e f g h i j k l m n o p")).hasSize(12);
  }
}
