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
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;

/**
 * What a retoucher would do about a fault.
 *
 * @param words for the table
 * @param tries one edit, or the positions of a slider, of which the hand stops at the best
 */
record Gesture(String words, List<Edit> tries) {
  private static final double SLIDER_STEP_PX = 0.5;

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
      case ISLAND, GAP, SHADOW, SUPPORT -> brush(Mode.ERASE, shape);
      case HAZE ->
          new Gesture(
              "remove thin haze in a box",
              List.of(
                  limited(shape, new EdgeEdit(0.6, 0, 0, 0, 0, 0, 0, false, 0)),
                  limited(shape, new EdgeEdit(0.4, 0, 0, 0, 0, 0, 0, false, 0))));
      case MARKS ->
          new Gesture(
              "erase in a box", List.of(new AreaEdit(Mode.ERASE, Area.of(box(shape.box())))));
      case SPILL ->
          new Gesture(
              "colour clean-up of the edge",
              List.of(
                  new EdgeEdit(0, 0, 0, 0, 0, 0, 0, false, 0.5),
                  new EdgeEdit(0, 0, 0, 0, 0, 0, 0, false, 1)));
      case WIDER -> slider("shrink the edge", good, -1);
      case NARROWER -> slider("grow the edge", good, 1);
      case RAGGED -> smoothing();
      case FRAME, BLUR, NOTHING, EVERYTHING ->
          throw new IllegalArgumentException("no gesture mends " + fault);
    };
  }

  private static Gesture brush(Mode mode, FaultShape shape) {
    return new Gesture(
        "one edge-aware stroke, " + (mode == Mode.ERASE ? "erase" : "restore"),
        List.of(new BrushEdit(mode, true, shape.stroke())));
  }

  private static Gesture slider(String words, Good good, int sign) {
    List<Edit> tries = new ArrayList<>();
    double most = Math.min(EdgeEdit.MOST_PX, 0.008 * Math.max(good.width(), good.height()));
    for (double px = SLIDER_STEP_PX; px <= most; px += SLIDER_STEP_PX) {
      tries.add(new EdgeEdit(0, 0, 0, 0, sign * px, 0, 0, false, 0));
    }
    return new Gesture(words, tries);
  }

  private static Gesture smoothing() {
    List<Edit> tries = new ArrayList<>();
    for (double px = 2; px <= EdgeEdit.MOST_PX; px += 3) {
      tries.add(new EdgeEdit(0, 0, 0, px, 0, 0, 0, false, 0));
    }
    return new Gesture("smooth the edge", tries);
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
