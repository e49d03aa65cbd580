package org.ablebatch.core.trimap;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.subject.SubjectRegion;

/**
 * How deep every reading-size pixel lies in the subject (positive) or in the backdrop (negative),
 * in reading pixels, and how wide the undecided band around the outline is.
 *
 * @param depth signed distance to the outline
 * @param bandRadius half the width of the undecided band, in reading pixels
 * @param open 1 where strands leave it to the colours to decide, whatever the depth, else 0
 */
public record Trimap(Plane depth, float bandRadius, Plane open) {

  /** Reading pixels on either side of the outline: the region's own error plus the edge's blur. */
  private static final float BAND_RADIUS = 2.6f;

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
    boolean[] outside = new boolean[w * h];
    for (int i = 0; i < outside.length; i++) {
      outside[i] = !region.subject()[i];
    }
    float[] inside = Distance.to(outside, w, h);
    float[] beyond = Distance.to(region.subject(), w, h);
    float[] depth = new float[w * h];
    for (int i = 0; i < depth.length; i++) {
      // The outline runs between the pixels, half a pixel from either side.
      depth[i] = outside[i] ? -(beyond[i] - 0.5f) : inside[i] - 0.5f;
    }
    float[] open = Strands.open(lab, depth, region.evidence(), sigma);
    for (int i = 0; i < open.length; i++) {
      open[i] = mixed[i] ? 1 : open[i];
    }
    return new Trimap(new Plane(w, h, depth), BAND_RADIUS, new Plane(w, h, open));
  }
}
