package org.ablebatch.core.mend;

import java.util.List;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.hint.HintMarks;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.sides.Sides;
import org.ablebatch.core.stroke.Bounds;
import org.ablebatch.core.subject.HintedCut;
import org.ablebatch.core.subject.SubjectRegion;

/** Solves the surroundings of a hint again; hints that were given before still hold. */
final class HintSolver {
  private static final int PIXELS = 200_000;
  private static final double REACH_SHARE = 0.18;
  private static final int LEAST_REACH_PX = 60;

  private HintSolver() {}

  static Rect reach(Workpiece piece, Hint hint) {
    int reach =
        (int) Math.max(LEAST_REACH_PX, REACH_SHARE * Math.max(piece.width(), piece.height()));
    return Bounds.of(hint.points()).pixels(hint.sizePx() / 2 + reach).intersect(piece.bounds());
  }

  static void solve(Workpiece piece, Hint hint) {
    piece.hints().add(hint);
    Rect frame = reach(piece, hint);
    if (frame.isEmpty()) {
      return;
    }
    Window window = Window.read(piece, frame, PIXELS);
    List<Hint> all = piece.hints().stream().map(one -> one.inFrame(frame.x(), frame.y())).toList();
    HintMarks marks =
        HintMarks.of(all, window.width(), window.height(), window.photograph().bounds());
    Sides sides =
        Sides.read(
            window.lab(),
            window.sure(true, 0, null),
            window.sure(false, Window.CLEAR_OF_THE_EDGE, null));
    boolean[] before = new boolean[window.cover().length];
    for (int i = 0; i < before.length; i++) {
      before[i] = window.cover()[i] >= 0.5f;
    }
    SubjectRegion region =
        new SubjectRegion(
            window.width(), window.height(), before, new boolean[before.length], sides.evidence());
    SubjectRegion after = HintedCut.apply(window.lab(), region, marks);
    boolean[] here = new boolean[before.length];
    hint.inFrame(frame.x(), frame.y())
        .addTo(
            here,
            window.width(),
            window.height(),
            window.photograph().width(),
            window.photograph().height());
    boolean[] changed = new boolean[before.length];
    for (int i = 0; i < changed.length; i++) {
      changed[i] = before[i] != after.subject()[i] || here[i];
    }
    float[] moves = window.around(changed);
    Resolved.around(window, after.subject(), sides, marks.mixed(), Window.touched(moves))
        .blendInto(piece, frame, window.cells().enlarged(moves), Resolved.Way.EITHER);
  }
}
