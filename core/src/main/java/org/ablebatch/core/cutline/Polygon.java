package org.ablebatch.core.cutline;

import java.util.ArrayList;
import java.util.List;

/**
 * A straight-sided outline of pixels, with as few corners as stay within half a pixel.
 *
 * @param corners over the corners of pixels
 * @param area that it goes around; below zero for a hole
 */
public record Polygon(List<Point> corners, double area) {

  /**
   * @param inside row by row
   * @return the larger ones first, so that a hole comes after what it is in, and before what lies
   *     in it
   */
  public static List<Polygon> around(boolean[] inside, int width, int height) {
    List<Polygon> all = new ArrayList<>();
    for (Contours.Path path : Contours.of(new Region(width, height, inside))) {
      List<Point> corners =
          OptimalPolygon.of(path).stream()
              .map(k -> new Point(path.x()[k % path.length()], path.y()[k % path.length()]))
              .toList();
      if (corners.size() > 2) {
        all.add(new Polygon(corners, path.area()));
      }
    }
    all.sort((a, b) -> Double.compare(Math.abs(b.area), Math.abs(a.area)));
    return all;
  }
}
