package org.ablebatch.server.editing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.Shape;
import org.ablebatch.core.mend.EdgeEdit;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.LimitedEdit;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.mend.SettleEdit;
import org.ablebatch.core.mend.SubjectEdit;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;
import org.junit.jupiter.api.Test;

/** What the program proposes comes back from the wire as it went. */
class EditWritingTest {
  private static final Area RING =
      new Area(
          List.of(
              new Area.Part(Area.Joining.ADD, outline(0, 0, 9.5, 0, 9.5, 8)),
              new Area.Part(Area.Joining.SUBTRACT, outline(2, 2, 3, 2, 3, 3))),
          false,
          0);

  private static Shape outline(double... xy) {
    return new Shape(
        Shape.Kind.OUTLINE,
        List.of(
            new StrokePoint(xy[0], xy[1]),
            new StrokePoint(xy[2], xy[3]),
            new StrokePoint(xy[4], xy[5])));
  }

  @Test
  void aSettledAreaIsTheSame() {
    Edit edit = new SettleEdit(Mode.RESTORE, RING);

    assertThat(EditReading.edit(EditWriting.of(edit))).isEqualTo(edit);
  }

  @Test
  void anOutlineInAnAreaIsTheSame() {
    Edit edit = new LimitedEdit(RING, new EdgeEdit(4.5, 0, 0, 0, 0, 0, 0, 0, false, 1));

    assertThat(EditReading.edit(EditWriting.of(edit))).isEqualTo(edit);
  }

  @Test
  void whatOnlyPeopleDoIsNotWritten() {
    assertThatThrownBy(() -> EditWriting.of(new SubjectEdit(Mode.ERASE, new Rect(0, 0, 9, 9))))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
