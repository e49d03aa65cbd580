package org.ablebatch.core.mend;

import java.util.List;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.CutRequest;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Rect;

/** Lets the engine find what a box encloses, and adds it or takes it away. */
final class SubjectInBox {
  /** The engine looks at so much around the box; more of the picture would tell it nothing. */
  private static final double AROUND = 0.3;

  private SubjectInBox() {}

  /**
   * @throws NothingThere when nothing stands out in the box
   */
  static void carryOut(Workpiece piece, SubjectEdit edit, Cutter cutter) {
    Rect box = edit.box().intersect(piece.bounds());
    if (box.isEmpty()) {
      throw new NothingThere("The box lies outside the picture");
    }
    int around = (int) (AROUND * Math.max(box.width(), box.height())) + 8;
    Rect frame = box.grow(around).intersect(piece.bounds());
    CutRequest request =
        CutRequest.of(piece.original().crop(frame), Method.AUTO)
            .withBoxes(List.of(box.moved(-frame.x(), -frame.y())));
    CutOutcome outcome = cutter.cut(request, CutProgress.NONE);
    if (outcome instanceof CutOutcome.NothingFound nothing) {
      throw new NothingThere(nothing.reason());
    }
    join(piece, edit.mode(), frame, ((CutOutcome.Done) outcome).cutout());
  }

  private static void join(Workpiece piece, Mode mode, Rect frame, Cutout found) {
    for (int y = 0; y < frame.height(); y++) {
      for (int x = 0; x < frame.width(); x++) {
        int there = found.matte().at(x, y);
        int i = (frame.y() + y) * piece.width() + frame.x() + x;
        int before = piece.cover(i);
        if (mode == Mode.ERASE) {
          piece.cover(i, Math.min(before, 255 - there));
        } else if (there > before) {
          piece.cover(i, there);
          piece.colour(i, found.colours().at(x, y));
        }
      }
    }
  }
}
