package org.ablebatch.bench.mending;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.bench.faults.Fault;
import org.ablebatch.bench.faults.Good;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.Shape;
import org.ablebatch.core.mend.AreaEdit;
import org.ablebatch.core.mend.BrushEdit;
import org.ablebatch.core.mend.EdgeEdit;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.LimitedEdit;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.mend.PickEdit;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;

/**
 * What a retoucher would do about a fault.
 *
 * @param words for the table
 * @param tries one edit, or the positions of a slider, of which the hand stops at the best
 */
record Gesture(String words, List<Edit> tries) {
  private static final double[] FIT_SHARES = {0.003, 0.008, 0.02, 0.035};
  private static final double SHIFT = 0.003;
  private static final double[] TOLERANCES = {0.03, 0.06, 0.1, 0.16};

  /** What the camera did not see no retoucher brings back, and an empty cutout is cut again. */
  static boolean canMend(Fault fault) {
    return switch (fault) {
      case FRAME, BLUR, NOTHING, EVERYTHING -> false;
      default -> true;
    };
  }

  static Gesture of(Fault fault, Good good, FaultShape shape) {
    return switch (fault) {
      case LIMB, HOLE -> brush(Mode.RESTORE, shape);
      case ISLAND, SUPPORT -> brush(Mode.ERASE, shape);
      case GAP, SHADOW -> brushOrPick(shape);
      case HAZE ->
          new Gesture(
              "remove thin haze in a box",
              List.of(
                  limited(shape, new EdgeEdit(0, 0.6, 0, 0, 0, 0, 0, 0, false, 0)),
                  limited(shape, new EdgeEdit(0, 0.4, 0, 0, 0, 0, 0, 0, false, 0))));
      case MARKS ->
          new Gesture(
              "erase in a box", List.of(new AreaEdit(Mode.ERASE, Area.of(box(shape.box())))));
      case SPILL, WIDER, NARROWER, RAGGED -> fit(good);
      case FRAME, BLUR, NOTHING, EVERYTHING ->
          throw new IllegalArgumentException("no gesture mends " + fault);
    };
  }

  private static Gesture brush(Mode mode, FaultShape shape) {
    return new Gesture(
        (mode == Mode.ERASE ? "erase" : "restore") + ", one stroke, following edges or plain",
        List.of(
            new BrushEdit(mode, true, shape.stroke()), new BrushEdit(mode, false, shape.stroke())));
  }

  /**
   * One stroke, or its colour picked in the middle and the tolerance dragged; all near the fault.
   */
  private static Gesture brushOrPick(FaultShape shape) {
    Gesture brush = brush(Mode.ERASE, shape);
    List<Edit> tries = new ArrayList<>(brush.tries());
    StrokePoint heart = shape.heart();
    for (double tolerance : TOLERANCES) {
      PickEdit.Sample sample = new PickEdit.Sample(heart.x(), heart.y(), tolerance, false);
      tries.add(limited(shape, new PickEdit(Mode.ERASE, List.of(sample), false, false)));
    }
    return new Gesture(brush.words() + ", or one colour pick", tries);
  }

  /** The outline is wrong all around: fit it, or move it, or draw its colours from inside. */
  private static Gesture fit(Good good) {
    double side = Math.max(good.width(), good.height());
    List<Edit> tries = new ArrayList<>();
    for (double share : FIT_SHARES) {
      double px = Math.min(EdgeEdit.MOST_FIT_PX, Math.max(1, share * side));
      tries.add(new EdgeEdit(px, 0, 0, 0, 0, 0, 0, 0, false, 0));
    }
    double move = SHIFT * side;
    tries.add(new EdgeEdit(0, 0, 0, 0, 0, move, 0, 0, false, 0));
    tries.add(new EdgeEdit(0, 0, 0, 0, 0, -move, 0, 0, false, 0));
    tries.add(new EdgeEdit(0, 0, 0, 0, 0, 0, 0, 0, false, 1));
    return new Gesture("one setting of Edge: fit, move or clean", tries);
  }

  private static Edit limited(FaultShape shape, Edit edit) {
    return new LimitedEdit(Area.of(box(shape.box().grow(8))), edit);
  }

  private static Shape box(Rect box) {
    return new Shape(
        Shape.Kind.BOX,
        List.of(
            new StrokePoint(box.x() - 2, box.y() - 2),
            new StrokePoint(box.right() + 2, box.bottom() + 2)));
  }
}
