package org.ablebatch.core.proposal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.Shape;
import org.ablebatch.core.cutline.Polygon;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Spot;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;

/**
 * Pixels of the inspection's grid that would change sides.
 *
 * @param goes restore = they come back, erase = they go away
 * @param hangsTogether true = as far as it hangs together, false = as it was seen
 */
record Change(Mode goes, Spot spot, boolean hangsTogether) {
  /** A mark is so wide, of the way from its middle to the rim. */
  private static final double OF_THE_DEPTH = 1.2;

  /** The same pixels of the picture, outline by outline. */
  Area area(Inspection seen) {
    double sx = seen.picture().width() / (double) seen.width();
    double sy = seen.picture().height() / (double) seen.height();
    Rect box = spot.box();
    List<Area.Part> parts = new ArrayList<>();
    for (Polygon one : Polygon.around(spot.mask(), box.width(), box.height())) {
      if (parts.size() == Area.MOST_PARTS) {
        break;
      }
      List<StrokePoint> corners =
          one.corners().stream()
              .map(p -> new StrokePoint((box.x() + p.x()) * sx, (box.y() + p.y()) * sy))
              .toList();
      parts.add(
          new Area.Part(
              one.area() < 0 ? Area.Joining.SUBTRACT : Area.Joining.ADD,
              new Shape(Shape.Kind.OUTLINE, corners)));
    }
    return new Area(parts, false, 0);
  }

  /**
   * The mark of a hint moved to the middle of the change, and made to fit in there.
   *
   * @param hint whose mark need not be on it
   */
  Hint mark(Hint hint, Inspection seen) {
    Rect box = spot.box().grow(1);
    boolean[] outside = new boolean[box.width() * box.height()];
    Arrays.fill(outside, true);
    for (int k = 0; k < spot.mask().length; k++) {
      int inner = (k / spot.box().width() + 1) * box.width() + k % spot.box().width() + 1;
      outside[inner] = !spot.mask()[k];
    }
    float[] depth = Distance.to(outside, box.width(), box.height());
    int deepest = 0;
    for (int k = 0; k < depth.length; k++) {
      deepest = depth[k] > depth[deepest] ? k : deepest;
    }
    double scale = seen.picture().width() / (double) seen.width();
    StrokePoint middle =
        new StrokePoint(
            (box.x() + deepest % box.width() + 0.5) * scale,
            (box.y() + deepest / box.width() + 0.5) * scale);
    double size = Math.min(hint.sizePx(), OF_THE_DEPTH * depth[deepest] * scale);
    return new Hint(hint.kind(), Math.max(1, size), List.of(middle));
  }

  /** Only with what is set on the grid. */
  Change inside(boolean[] set, Inspection seen) {
    boolean[] mask = spot.mask().clone();
    for (int k = 0; k < mask.length; k++) {
      mask[k] &= set[seen.at(spot.box(), k)];
    }
    return new Change(goes, new Spot(spot.box(), mask), hangsTogether);
  }

  boolean isEmpty() {
    return spot.area() == 0;
  }
}
