package org.ablebatch.server.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.ablebatch.core.cut.Attempt;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.subject.SubjectRegion;
import org.junit.jupiter.api.Test;

class TriedWaysTest {

  @Test
  void comeBackFromTheDatabaseInTheirOrder() {
    SubjectRegion nothing = new SubjectRegion(1, 1, new boolean[1], new boolean[1], new float[1]);
    List<TriedWay> ways =
        TriedWay.of(
            List.of(
                new Attempt(Method.WEIGHED, nothing, new float[0], new float[0], 0.01234),
                new Attempt(Method.SEE_THROUGH, nothing, new float[0], new float[0], 1)));

    List<TriedWay> again = TriedWaysText.read(TriedWaysText.of(ways));

    assertThat(again)
        .containsExactly(new TriedWay("weighed", 0.012), new TriedWay("see-through", 1));
  }

  @Test
  void nothingCompetedBeforeThereWereAny() {
    assertThat(TriedWaysText.read(null)).isEmpty();
    assertThat(TriedWaysText.of(List.of())).isNull();
  }
}
