package org.ablebatch.core.proposal;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.Shape;
import org.ablebatch.core.cutline.Polygon;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Spot;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;

/**
 * Pixels of the inspection's grid that would change sides.
 *
 * @param goes restore = they come back, erase = they go away
 * @param hangsTogether true = as far as it hangs together, false = as it was seen
 */
record Change(Mode goes, Spot spot, boolean hangsTogether) {

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

  boolean isEmpty() {
    return spot.area() == 0;
  }
}
