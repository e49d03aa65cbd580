package org.ablebatch.core.stroke;

import java.util.List;
import org.ablebatch.core.raster.Rect;

/** The smallest upright box around points; it may have no width or height. */
public record Bounds(double left, double top, double right, double bottom) {
  /**
   * @param points at least one
   */
  public static Bounds of(List<StrokePoint> points) {
    double left = Double.MAX_VALUE;
    double top = Double.MAX_VALUE;
    double right = -Double.MAX_VALUE;
    double bottom = -Double.MAX_VALUE;
    for (StrokePoint p : points) {
      left = Math.min(left, p.x());
      top = Math.min(top, p.y());
      right = Math.max(right, p.x());
      bottom = Math.max(bottom, p.y());
    }
    return new Bounds(left, top, right, bottom);
  }

  /** Whole pixels that hold all within {@code reach} of it. */
  public Rect pixels(double reach) {
    int x = (int) Math.floor(left - reach);
    int y = (int) Math.floor(top - reach);
    return new Rect(x, y, (int) Math.ceil(right + reach) - x, (int) Math.ceil(bottom + reach) - y);
  }
}
