package org.ablebatch.core.cutline;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.raster.Matte;

/**
 * The line that cuts a subject out of a sheet, traced from its coverage at one half: Selinger,
 * "Potrace: a polygon-based tracing algorithm", 2003.
 *
 * @param outlines in millimetres from the sheet's upper left corner
 * @param parts that fall out of the sheet
 * @param joined small parts that got a bridge
 * @param dropped small parts that are left out
 * @param filled holes that are not cut
 */
public record CutLine(List<Outline> outlines, int parts, int joined, int dropped, int filled) {
  private static final int HALF = 128;

  /**
   * @param coverage 0..255 over the sheet
   * @param mmPerPixel above 0
   */
  public static CutLine of(Matte coverage, double mmPerPixel, CutLineRules rules) {
    Region grown = moved(coverage, rules.offsetMm() / mmPerPixel);
    Parts.Result parts = Parts.of(grown, rules, rules.leastMm() / mmPerPixel);
    List<Outline> outlines = new ArrayList<>();
    int count = 0;
    for (Contours.Path path : Contours.of(parts.region())) {
      boolean hole = path.area() < 0;
      count += hole ? 0 : 1;
      outlines.add(outline(path, hole).times(mmPerPixel));
    }
    return new CutLine(outlines, count, parts.joined(), parts.dropped(), parts.filled());
  }

  private static Outline outline(Contours.Path path, boolean hole) {
    List<Integer> vertices = OptimalPolygon.of(path);
    return Smoothing.of(OptimalPolygon.adjusted(path, vertices), hole);
  }

  /** The inside with its edge so many pixels further out. */
  private static Region moved(Matte coverage, double pixels) {
    int w = coverage.width();
    int h = coverage.height();
    boolean[] inside = new boolean[w * h];
    for (int i = 0; i < inside.length; i++) {
      inside[i] = (coverage.coverage()[i] & 0xFF) >= HALF;
    }
    if (pixels == 0) {
      return new Region(w, h, inside);
    }
    boolean out = pixels > 0;
    boolean[] from = inside;
    if (!out) {
      from = new boolean[inside.length];
      for (int i = 0; i < from.length; i++) {
        from[i] = !inside[i];
      }
    }
    double[] squared = EuclideanDistance.squared(from, w, h);
    double most = pixels * pixels;
    boolean[] moved = new boolean[inside.length];
    for (int i = 0; i < moved.length; i++) {
      moved[i] = squared[i] <= most == out;
    }
    return new Region(w, h, moved);
  }
}
