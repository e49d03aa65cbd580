package org.ablebatch.core.hint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;
import org.junit.jupiter.api.Test;

/** Strokes that mark what lies under them. */
class HintTest {
  private static final Rect PICTURE = new Rect(0, 0, 400, 200);

  @Test
  void aStrokeLandsOnTheGridWhereItLiesInThePicture() {
    HintMarks marks = HintMarks.of(List.of(stroke(Hint.Kind.SUBJECT, 40)), 100, 50, PICTURE);

    assertThat(marks.any()).isTrue();
    assertThat(marks.subject()[25 * 100 + 50]).isTrue();
    assertThat(marks.subject()[21 * 100 + 50]).isTrue();
    assertThat(marks.subject()[18 * 100 + 50]).isFalse();
    assertThat(marks.backdrop()).doesNotContain(true);
  }

  @Test
  void aHairlineStillMarksTheCoarseGrid() {
    HintMarks marks = HintMarks.of(List.of(stroke(Hint.Kind.BACKDROP, 1)), 40, 20, PICTURE);
    assertThat(marks.backdrop()).contains(true);
  }

  @Test
  void theLaterOfTwoHintsWins() {
    HintMarks marks =
        HintMarks.of(
            List.of(stroke(Hint.Kind.SUBJECT, 40), stroke(Hint.Kind.MIXED, 20)), 100, 50, PICTURE);

    assertThat(marks.mixed()[25 * 100 + 50]).isTrue();
    assertThat(marks.subject()[25 * 100 + 50]).isFalse();
    assertThat(marks.subject()[21 * 100 + 50]).as("the wider stroke’s rim").isTrue();
  }

  @Test
  void insideAFramePlacesAreCountedFromItsCorner() {
    Hint moved = stroke(Hint.Kind.SUBJECT, 10).inFrame(50, 20);
    assertThat(moved.points()).containsExactly(new StrokePoint(50, 80), new StrokePoint(250, 80));
    assertThat(moved.sizePx()).isEqualTo(10);
  }

  @Test
  void nonsenseIsNamed() {
    List<StrokePoint> one = List.of(new StrokePoint(1, 1));
    assertThatThrownBy(() -> new Hint(Hint.Kind.SUBJECT, 0, one))
        .hasMessage("A hint is 1 to 2000 px wide, not 0.0");
    assertThatThrownBy(() -> new Hint(Hint.Kind.SUBJECT, Double.NaN, one))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Hint(Hint.Kind.SUBJECT, 5, List.of()))
        .hasMessage("A hint has 1 to 20000 points, not 0");
    assertThatThrownBy(
            () -> new Hint(Hint.Kind.SUBJECT, 5, Collections.nCopies(20_001, one.get(0))))
        .isInstanceOf(IllegalArgumentException.class);
  }

  private static Hint stroke(Hint.Kind kind, double size) {
    return new Hint(kind, size, List.of(new StrokePoint(100, 100), new StrokePoint(300, 100)));
  }
}
