package org.ablebatch.core.finding;

import org.ablebatch.core.color.ColourGradient;
import org.ablebatch.core.dress.QuickShrink;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.reading.AreaShrink;

/**
 * What is read off a photograph alone, once for all of its cutouts that are looked over.
 *
 * @param photograph full size, upright; unchanged
 * @param linear linear light on the grid of inspections, 500,000 pixels at most
 * @param lab OKLab on the same grid
 * @param edges length of the colour gradient there
 * @param small as a screen shows it, 1280 px at most
 */
public record PhotographReading(
    Picture photograph, ColorPlanes linear, ColorPlanes lab, float[] edges, Picture small) {
  private static final int PIXELS = 500_000;
  private static final int SMALL_LONG_SIDE_PX = 1280;

  /** Floats of all planes, and an int of the small picture, take four bytes each. */
  private static final int BYTES_EACH = 4;

  private static final int PLANES = 7;

  public static PhotographReading of(Picture photograph) {
    Rect grid = AreaShrink.readingGrid(photograph.width(), photograph.height(), PIXELS);
    ColorPlanes linear = AreaShrink.toLinear(photograph, grid.width(), grid.height());
    ColorPlanes lab = AreaShrink.toOkLab(linear);
    return new PhotographReading(
        photograph,
        linear,
        lab,
        ColourGradient.lengths(lab),
        QuickShrink.toLongSide(photograph, SMALL_LONG_SIDE_PX));
  }

  /** Memory that it holds beside the photograph. */
  public long bytes() {
    return (long) BYTES_EACH * (PLANES * edges.length + small.argb().length);
  }
}
