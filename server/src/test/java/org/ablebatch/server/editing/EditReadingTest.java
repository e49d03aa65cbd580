package org.ablebatch.server.editing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.mend.AreaEdit;
import org.ablebatch.core.mend.BrushEdit;
import org.ablebatch.core.mend.EdgeEdit;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.HintEdit;
import org.ablebatch.core.mend.LimitedEdit;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.mend.PickEdit;
import org.ablebatch.core.mend.SubjectEdit;
import org.ablebatch.core.mend.TakeEdit;
import org.ablebatch.core.mend.TraceEdit;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;
import org.ablebatch.server.problem.BadInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

class EditReadingTest {
  private static final String BOX =
      "{'parts': [{'joining': 'add', 'shape': 'box', 'points': [1, 2, 9, 8]}]}";

  @Test
  void aStrokeThatWasKeptBeforeThereWereKindsIsABrush() {
    BrushEdit brush =
        (BrushEdit)
            read("{'mode': 'restore', 'sizePx': 40, 'softness': 0.5, 'points': [10, 20, 30.5, 4]}");

    assertThat(brush.mode()).isEqualTo(Mode.RESTORE);
    assertThat(brush.edgeAware()).isFalse();
    assertThat(brush.stroke().strength01()).isEqualTo(1);
    assertThat(brush.stroke().points())
        .containsExactly(new StrokePoint(10, 20), new StrokePoint(30.5, 4));
  }

  @Test
  void aHintWithAFrameIsAboutItAndWithoutAnyoneToAskItsSubjectIsCut() {
    EditData hint =
        data(
            "{'kind': 'hint', 'mode': 'backdrop', 'wide': true, 'sizePx': 9, 'points': [15, 25],"
                + " 'box': [10, 20, 30, 40]}");

    Area frame = EditReading.frame(hint).orElseThrow();
    assertThat(frame.parts().get(0).shape().points())
        .containsExactly(new StrokePoint(10, 20), new StrokePoint(40, 60));
    assertThat(EditReading.frame(data("{'kind': 'hint'}"))).isEmpty();
    assertThat(EditReading.edit(hint.asSubject()))
        .isEqualTo(new SubjectEdit(Mode.ERASE, new Rect(10, 20, 30, 40)));

    Hint mark = new Hint(Hint.Kind.BACKDROP, 4, List.of(new StrokePoint(33, 44)));
    assertThat(EditReading.hint(hint.withMark(mark))).isEqualTo(mark);
    assertThat(hint.withMark(mark).box()).isEqualTo(hint.box());
  }

  @Test
  void everyKindIsRead() {
    assertThat(
            ((PickEdit)
                    read(
                        "{'kind': 'pick', 'mode': 'erase', 'everywhere': true, 'samples':"
                            + " [{'x': 1, 'y': 2, 'tolerance': 0.1}]}"))
                .everywhere())
        .isTrue();
    assertThat(
            ((AreaEdit) read("{'kind': 'area', 'mode': 'erase', 'area': " + BOX + "}"))
                .area()
                .parts())
        .hasSize(1);
    assertThat(
            ((HintEdit) read("{'kind': 'hint', 'mode': 'mixed', 'sizePx': 9, 'points': [1, 1]}"))
                .hint()
                .kind())
        .isEqualTo(Hint.Kind.MIXED);
    assertThat(
            ((TraceEdit)
                    read(
                        "{'kind': 'trace', 'fromPx': 4, 'toPx': 1, 'colour': '#10FF20',"
                            + " 'points': [1, 1, 5, 5]}"))
                .rgb())
        .isEqualTo(0x10FF20);
    assertThat(((EdgeEdit) read("{'kind': 'edge', 'edge': {'growPx': -1.5}}")).growPx())
        .isEqualTo(-1.5);
    assertThat(
            ((TakeEdit) read("{'kind': 'take', 'versionId': 7, 'area': " + BOX + "}")).versionId())
        .isEqualTo(7);
    assertThat(
            ((SubjectEdit) read("{'kind': 'subject', 'mode': 'restore', 'box': [1, 2, 30, 40]}"))
                .box())
        .isEqualTo(new Rect(1, 2, 30, 40));
  }

  @Test
  void anyEditMayBeLimitedToAnArea() {
    LimitedEdit limited =
        (LimitedEdit)
            read("{'mode': 'erase', 'sizePx': 8, 'points': [3, 4], 'within': " + BOX + "}");

    assertThat(limited.edit()).isInstanceOf(BrushEdit.class);
    assertThat(limited.area().parts().get(0).joining()).isEqualTo(Area.Joining.ADD);
  }

  @ParameterizedTest
  @ValueSource(strings = {"[]", "[1]", "[1, 2, 3]", "null", "[1, null]"})
  void halfAPointIsRefused(String points) {
    refused("{'mode': 'erase', 'sizePx': 8, 'points': " + points + "}", "pairs of x and y");
  }

  @ParameterizedTest
  @CsvSource(
      quoteCharacter = '~',
      delimiter = '|',
      value = {
        "{'mode': 'smudge', 'sizePx': 8, 'points': [1, 1]} | edit.mode: one of erase, restore, not “smudge”",
        "{'sizePx': 8, 'points': [1, 1]} | edit.mode: one of erase, restore, not nothing",
        "{'mode': 'erase', 'sizePx': 0, 'points': [1, 1]} | 1 to 2000 px",
        "{'mode': 'erase', 'points': [1, 1]} | edit.sizePx: a number, not nothing",
        "{'kind': 'polish'} | edit.kind: one of brush, strand, pick, area, settle, hint, trace, edge, take, subject, not “polish”",
        "{'kind': 'trace', 'fromPx': 1, 'toPx': 1, 'points': [1, 1]} | 2 to 2000 points",
        "{'kind': 'edge'} | edit.edge: an object",
        "{'kind': 'edge', 'edge': {'growPx': 90}} | at most 20 px",
        "{'kind': 'pick', 'mode': 'erase', 'samples': []} | colours are picked",
        "{'kind': 'subject', 'mode': 'restore', 'box': [1, 2]} | x, y, width and height",
        "{'kind': 'trace', 'colour': 'red', 'fromPx': 1, 'toPx': 1, 'points': [1,1,2,2]} | edit.colour: a colour such as #3C78C8, not “red”"
      })
  void whatIsWrongIsSaidInASentence(String json, String sentence) {
    refused(json, sentence);
  }

  private static void refused(String json, String sentence) {
    assertThatThrownBy(() -> read(json))
        .isInstanceOf(BadInput.class)
        .hasMessageContaining(sentence)
        .satisfies(e -> assertThat(((BadInput) e).field()).startsWith("edit"));
  }

  private static Edit read(String json) {
    return EditReading.edit(data(json));
  }

  private static EditData data(String json) {
    return JsonMapper.builder().build().readValue(json.replace('\'', '"'), EditData.class);
  }
}
