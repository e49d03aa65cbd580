package org.ablebatch.core.sampling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SamplingTableTest {

  @ParameterizedTest
  @CsvSource({
    "2, I, A",
    "8, III, B",
    "9, II, B",
    "90, II, E",
    "91, II, F",
    "280, II, G",
    "281, II, H",
    "500, I, F",
    "1200, II, J",
    "1201, II, K",
    "3200, III, L",
    "10000, II, L",
    "35001, II, N",
    "500000, II, P",
    "500001, II, Q",
    "500001, III, R"
  })
  void codeLettersAreThoseOfTableOne(int lot, InspectionLevel level, CodeLetter letter) {
    assertThat(CodeLetter.of(lot, level)).isEqualTo(letter);
  }

  /** Entries of tables 2-A, 2-B and 2-C, with arrows followed. */
  @ParameterizedTest
  @CsvSource({
    "1000, II, NORMAL, 1.0, J, 80, 2",
    "2000, II, NORMAL, 1.0, K, 125, 3",
    "5000, II, NORMAL, 1.0, L, 200, 5",
    "400, II, NORMAL, 1.0, H, 50, 1",
    "200, II, NORMAL, 1.0, H, 50, 1",
    "120, II, NORMAL, 1.0, E, 13, 0",
    "60, II, NORMAL, 1.0, E, 13, 0",
    "30, II, NORMAL, 1.0, E, 13, 0",
    "1000, II, NORMAL, 4.0, J, 80, 7",
    "1000, II, NORMAL, 2.5, J, 80, 5",
    "1000, II, NORMAL, 0.10, K, 125, 0",
    "5000, II, NORMAL, 10, K, 125, 21",
    "1000, II, TIGHTENED, 1.0, J, 80, 1",
    "2000, II, TIGHTENED, 1.0, K, 125, 2",
    "60, II, TIGHTENED, 1.0, F, 20, 0",
    "1000, II, REDUCED, 1.0, J, 32, 1",
    "2000, II, REDUCED, 1.0, K, 50, 2",
    "5000, II, REDUCED, 1.0, L, 80, 3"
  })
  void plansAreThoseOfTheMasterTables(
      int lot,
      InspectionLevel level,
      Strictness strictness,
      String limit,
      CodeLetter letter,
      int size,
      int acceptUpTo) {
    SamplingPlan plan = SamplingTable.plan(lot, level, strictness, QualityLimit.ofPercent(limit));

    assertThat(plan).isEqualTo(new SamplingPlan(letter, size, acceptUpTo, acceptUpTo + 1));
  }

  @Test
  void aPlanThatAsksForMoreThanThereAreLooksAtAll() {
    SamplingPlan plan =
        SamplingTable.plan(40, InspectionLevel.II, Strictness.NORMAL, QualityLimit.Q0_25);

    assertThat(plan.sampleSize()).isEqualTo(40);
    assertThat(plan.acceptUpTo()).isZero();
  }

  @Test
  void everyLotHasAPlanUnderEveryRule() {
    for (int lot : new int[] {2, 9, 40, 300, 3000, 20_000, 400_000, 900_000}) {
      for (InspectionLevel level : InspectionLevel.values()) {
        for (Strictness strictness : Strictness.values()) {
          for (QualityLimit limit : QualityLimit.values()) {
            SamplingPlan plan = SamplingTable.plan(lot, level, strictness, limit);
            assertThat(plan.sampleSize()).isBetween(1, lot);
            assertThat(plan.acceptUpTo()).isBetween(0, 21);
          }
        }
      }
    }
  }

  @Test
  void oneAloneIsNoLot() {
    assertThatThrownBy(() -> CodeLetter.of(1, InspectionLevel.II))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aLotIsRefusedAsSoonAsItCantBeAcceptedAnyMore() {
    SamplingPlan plan = new SamplingPlan(CodeLetter.J, 80, 2, 3);

    assertThat(plan.verdict(79, 2)).isEqualTo(SamplingPlan.Verdict.OPEN);
    assertThat(plan.verdict(80, 2)).isEqualTo(SamplingPlan.Verdict.ACCEPTED);
    assertThat(plan.verdict(10, 3)).isEqualTo(SamplingPlan.Verdict.NOT_ACCEPTED);
  }
}
