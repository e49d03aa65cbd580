package org.ablebatch.core.trimap;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.subject.SubjectRegion;

/**
 * How deep every reading-size pixel lies in the subject (positive) or in the backdrop (negative),
 * in reading pixels, and how wide the undecided band around the outline is there.
 *
 * @param depth signed distance to the outline
 * @param bandRadius half the width of the undecided band around every place, in reading pixels: as
 *     wide as the edge is blurred
 * @param open 1 where strands leave it to the colours to decide, whatever the depth, else 0
 * @param asFound 0 where a pixel's own colour speaks against the side that it was found on, or
 *     somebody has left it open, else 1
 */
public record Trimap(Plane depth, Plane bandRadius, Plane open, Plane asFound) {

  /** Reading pixels on either side of the outline for an edge in focus. */
  private static final float LEAST_RADIUS = 2.6f;

  private static final float MOST_RADIUS = 16f;

  /** The region's own error, beside the edge's blur. */
  private static final float REGION_ERROR = 1.2f;

  private static final float PER_HALF_WIDTH = 1.2f;

  /**
   * @param lab the picture at the region's size, OKLab
   * @param sigma noise of what is behind the subject, OKLab
   */
  public static Trimap around(SubjectRegion region, ColorPlanes lab, float sigma) {
    return around(region, lab, sigma, new boolean[region.subject().length]);
  }

  /**
   * @param mixed where somebody said that fine subject and backdrop are mixed: left open
   */
  public static Trimap around(SubjectRegion region, ColorPlanes lab, float sigma, boolean[] mixed) {
    int w = region.width();
    int h = region.height();
    float[] depth = Distance.depth(region.subject(), w, h);
    float[] open = Strands.open(lab, depth, region.evidence(), sigma);
    float[] asFound = new float[open.length];
    for (int i = 0; i < open.length; i++) {
      open[i] = mixed[i] ? 1 : open[i];
      float speaks = depth[i] > 0 ? region.evidence()[i] : -region.evidence()[i];
      asFound[i] = speaks >= 0 && !mixed[i] ? 1 : 0;
    }
    float[] radius = EdgeBlur.halfWidth(lab, depth);
    for (int i = 0; i < radius.length; i++) {
      float wanted = REGION_ERROR + PER_HALF_WIDTH * radius[i];
      radius[i] = Math.max(LEAST_RADIUS, Math.min(MOST_RADIUS, wanted));
    }
    return new Trimap(
        new Plane(w, h, depth),
        new Plane(w, h, radius),
        new Plane(w, h, open),
        new Plane(w, h, asFound));
  }
}
