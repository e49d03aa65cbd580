package org.ablebatch.server.touchup;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.stroke.BrushStroke;
import org.ablebatch.core.stroke.StrokePoint;

/**
 * A brush stroke on the wire and in the database.
 *
 * @param mode erase or restore
 * @param sizePx diameter in pixels of the original
 * @param softness 0..1
 * @param strength 0..1
 * @param points x and y in turn, in pixels of the original
 */
@Schema(name = "BrushStroke")
public record BrushData(
    String mode, double sizePx, double softness, double strength, List<Double> points) {

  /**
   * @throws IllegalArgumentException with a sentence when this is no stroke
   */
  BrushStroke toStroke() {
    if (points == null || points.size() < 2 || points.size() % 2 != 0) {
      throw new IllegalArgumentException("A stroke’s points are pairs of x and y");
    }
    List<StrokePoint> way = new ArrayList<>();
    for (int i = 0; i < points.size(); i += 2) {
      way.add(new StrokePoint(points.get(i), points.get(i + 1)));
    }
    BrushStroke.Mode parsed =
        switch (mode == null ? "" : mode) {
          case "erase" -> BrushStroke.Mode.ERASE;
          case "restore" -> BrushStroke.Mode.RESTORE;
          default -> throw new IllegalArgumentException("A brush erases or restores");
        };
    return new BrushStroke(parsed, sizePx, softness, strength, way);
  }
}
