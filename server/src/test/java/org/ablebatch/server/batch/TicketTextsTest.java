package org.ablebatch.server.batch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.sets.NamePattern;
import org.ablebatch.core.sets.NamePattern.Role;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a ticket says comes back from the database as it was. */
class TicketTextsTest {
  @ParameterizedTest
  @ValueSource(strings = {"_- .", " ", "+", "-"})
  void aPatternComesBackWhateverItsSeparators(String separators) {
    for (boolean folder : new boolean[] {true, false}) {
      NamePattern pattern =
          new NamePattern(separators, List.of(Role.CODE, Role.NOTHING, Role.GROUP), folder);
      assertThat(PatternText.parse(PatternText.of(pattern))).contains(pattern);
    }
    NamePattern empty = new NamePattern(separators, List.of(), true);
    assertThat(PatternText.parse(PatternText.of(empty))).contains(empty);
  }

  @Test
  void noPatternIsNoText() {
    assertThat(PatternText.of(null)).isNull();
    assertThat(PatternText.parse(null)).isEmpty();
  }

  @Test
  void rulesComeBackWithGroupsOfAnyName() {
    MethodRules rules =
        new MethodRules(
            Map.of("glass & cloches", Method.SEE_THROUGH, "Größe 3", Method.BUSY, "x", Method.INK));

    assertThat(MethodRules.parse(rules.toText())).isEqualTo(rules);
    assertThat(rules.of("glass & cloches")).contains(Method.SEE_THROUGH);
    assertThat(rules.of("spades")).isEmpty();
    assertThat(rules.of(null)).isEmpty();
    assertThat(MethodRules.parse("").byGroup()).isEmpty();
    assertThat(rules.byName()).containsEntry("Größe 3", "busy");
  }
}
