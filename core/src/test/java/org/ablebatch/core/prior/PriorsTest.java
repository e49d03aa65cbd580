package org.ablebatch.core.prior;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PriorsTest {
  private final LearnedTrees one = LearnedTrees.parse("1");
  private final LearnedTrees two = LearnedTrees.parse("2");

  @Test
  void aLessonCanBeLearnedAndLeftOut() {
    Priors both = Priors.none().knowing(Lesson.JUDGE, one).knowing(Lesson.FORECAST, two);

    assertThat(both.trees(Lesson.JUDGE)).containsSame(one);
    assertThat(both.without(Lesson.FORECAST).trees(Lesson.FORECAST)).isEmpty();
    assertThat(both.without(Lesson.FORECAST).trees(Lesson.JUDGE)).containsSame(one);
    assertThat(both.trees(Lesson.FORECAST)).containsSame(two);
  }

  @Test
  void whatWasNeverLearnedCanBeLeftOutToo() {
    assertThat(Priors.none().without(Lesson.STRANDS).trees()).isEmpty();
  }
}
