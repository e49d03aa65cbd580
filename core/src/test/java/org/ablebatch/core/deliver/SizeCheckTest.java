package org.ablebatch.core.deliver;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class SizeCheckTest {
  private static final Rect CONTENT = new Rect(10, 20, 500, 250);
  private static final Rect PICTURE = new Rect(0, 0, 600, 400);
  private static final SubjectMeasures SUBJECT = measures(CONTENT);

  @Test
  void theSpecThatWouldEnlargeMostIsNamed() {
    List<Finding> found =
        new SizeCheck(List.of(spec("Shop", 800), spec("Print", 2000)), Look.DEFAULT).find(SUBJECT);

    assertThat(found)
        .singleElement()
        .satisfies(
            one -> {
              assertThat(one.kind()).isEqualTo(FindingKind.TOO_SMALL);
              assertThat(one.box()).isEqualTo(CONTENT);
              assertThat(one.measured()).isBetween(3.0, 4.0);
              assertThat(one.severity()).isEqualTo(1);
              assertThat(one.sentence()).contains("500 × 250", "“Print”");
            });
  }

  @Test
  void aLittleEnlargingIsWorthLessThanMuch() {
    double little = severity(spec("A", 700));
    double much = severity(spec("A", 1000));

    assertThat(little).isGreaterThanOrEqualTo(Finding.SERIOUS).isLessThan(much);
  }

  @Test
  void whatIsLargeEnoughIsNotFound() {
    assertThat(new SizeCheck(List.of(spec("Thumb", 300)), Look.DEFAULT).find(SUBJECT)).isEmpty();
    assertThat(new SizeCheck(List.of(), Look.DEFAULT).find(SUBJECT)).isEmpty();
  }

  @Test
  void nothingKeptIsNotTooSmallButEmpty() {
    Rect none = new Rect(0, 0, 0, 0);

    assertThat(new SizeCheck(List.of(spec("Shop", 800)), Look.DEFAULT).find(measures(none)))
        .isEmpty();
  }

  @Test
  void whatThePhotographCutsOffIsReckonedUpToTheFramesSide() {
    SubjectMeasures cutBelow = measures(new Rect(10, 150, 500, 250));
    SubjectMeasures cutAtBothSides = measures(new Rect(0, 20, 600, 250));

    assertThat(times(cutBelow)).isEqualTo(times(SUBJECT));
    assertThat(times(cutAtBothSides)).isEqualTo(2000 / 600.0);
  }

  private static double times(SubjectMeasures subject) {
    return new SizeCheck(List.of(spec("Print", 2000)), Look.DEFAULT)
        .find(subject)
        .get(0)
        .measured();
  }

  private static SubjectMeasures measures(Rect content) {
    return new SubjectMeasures(content, PICTURE, Labels.NONE);
  }

  private static double severity(Spec spec) {
    return new SizeCheck(List.of(spec), Look.DEFAULT).find(SUBJECT).get(0).severity();
  }

  private static Spec spec(String name, int side) {
    return Spec.exact(name, side, side, new Encoding.Png(Encoding.Palette.NEVER));
  }
}
