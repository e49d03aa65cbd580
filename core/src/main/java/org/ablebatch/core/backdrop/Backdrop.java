package org.ablebatch.core.backdrop;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.reading.HalfSize;

/**
 * The backdrop as read from a picture at reading size.
 *
 * @param kind what it is like
 * @param surface the expected backdrop colour at every pixel, OKLab
 * @param sigma standard deviation of the backdrop's own noise and texture around the surface, OKLab
 *     units, with a floor for quantisation
 * @param range largest difference of the surface's lightness over the border, OKLab L
 * @param fittedShare share of the border ring that the surface explains, 0..1
 * @param flat true when the backdrop is one colour without any noise, as in a flat illustration
 */
public record Backdrop(
    BackdropKind kind,
    ColorPlanes surface,
    float sigma,
    float range,
    float fittedShare,
    boolean flat) {
  private static final float SIGMA_OF_TEXTURE = 0.0065f;

  /** The same backdrop where two by two pixels have become one. */
  public Backdrop halved() {
    return new Backdrop(kind, HalfSize.of(surface), sigma, range, fittedShare, flat);
  }

  /** True when the backdrop has a grain or pattern of its own: wood, cloth, rough plaster. */
  public boolean isTextured() {
    return sigma > SIGMA_OF_TEXTURE;
  }
}
