package org.ablebatch.core.backdrop;

import java.util.Optional;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.reading.HalfSize;

/**
 * Reads the backdrop: fits a surface through the border at half the reading size, where it costs a
 * quarter and noise bends it less, and measures at reading size how well the surface explains the
 * picture.
 */
public final class BackdropReader {
  private static final int SMALLEST_TO_HALVE = 64;
  private static final float LEAST_REACH = 0.045f;
  private static final float REACH_SIGMAS = 4f;

  /** Above this the border is no smooth surface plus noise; chosen on the development pictures. */
  private static final float BUSY_SIGMA = 0.0165f;

  private static final float BUSY_UNEXPLAINED = 0.15f;
  private static final float ROUGH_SIGMA = 0.0065f;
  private static final float FLAT_RANGE = 0.0015f;
  private static final float FLAT_SIGMA = 0.0008f;
  private static final float UNEVEN_RANGE = 0.07f;
  private static final float UNEVEN_SIGMA = 0.012f;

  private BackdropReader() {}

  /**
   * @param lab the picture at reading size in OKLab; unchanged
   * @param subject a guess at the subject, 0..1; the border where it is likely is not asked
   */
  public static Backdrop read(ColorPlanes lab, Optional<Plane> subject) {
    int width = lab.width();
    int height = lab.height();
    Optional<float[]> guess = subject.map(Plane::values);
    BorderRing ring = BorderRing.of(width, height, guess);
    if (Math.min(width, height) < SMALLEST_TO_HALVE) {
      GrownSurface grown = GrownSurface.from(lab, ring);
      return describe(lab, grown.on(width, height), grown.support(), ring.pixels());
    }
    ColorPlanes half = HalfSize.of(lab);
    Optional<float[]> halfGuess = guess.map(values -> HalfSize.of(values, width, height));
    GrownSurface grown =
        GrownSurface.from(half, BorderRing.of(half.width(), half.height(), halfGuess));
    boolean[] support = HalfSize.back(grown.support(), width, height);
    return describe(lab, grown.on(width, height), support, ring.pixels());
  }

  private static Backdrop describe(
      ColorPlanes lab, ColorPlanes surface, boolean[] support, boolean[] ring) {
    float measuredSigma = GrownSurface.sigma(lab, surface, support);
    float sigma = Math.max(GrownSurface.LEAST_SIGMA, measuredSigma);
    float low = Float.MAX_VALUE;
    float high = -Float.MAX_VALUE;
    int explained = 0;
    int total = 0;
    float reach = Math.max(LEAST_REACH, REACH_SIGMAS * sigma);
    for (int i = 0; i < ring.length; i++) {
      if (ring[i]) {
        low = Math.min(low, surface.c0()[i]);
        high = Math.max(high, surface.c0()[i]);
        total++;
        explained += GrownSurface.distance(lab, surface, i) < reach ? 1 : 0;
      }
    }
    float share = explained / (float) total;
    float range = high - low;
    BackdropKind kind =
        sigma > BUSY_SIGMA || sigma > ROUGH_SIGMA && 1 - share > BUSY_UNEXPLAINED
            ? BackdropKind.BUSY
            : range > UNEVEN_RANGE || sigma > UNEVEN_SIGMA
                ? BackdropKind.UNEVEN
                : BackdropKind.PLAIN;
    return new Backdrop(
        kind, surface, sigma, range, share, range < FLAT_RANGE && measuredSigma < FLAT_SIGMA);
  }
}
