package org.ablebatch.core.weight;

import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.deliver.WeightLimit;
import org.ablebatch.core.raster.Picture;

/**
 * The best file that does not weigh more than it may: first the highest quality that fits, found by
 * halving; then, if the limit allows, the largest size. What it gives is never less alike than the
 * limit asks for.
 */
public final class WeightSearch {
  private static final double LEAST_SCALE = 0.2;
  private static final double SMALLEST_STEP = 0.96;
  private static final double LARGEST_STEP = 0.5;

  private final Picture picture;
  private final WeightLimit limit;
  private final Press press;

  /** Makes files, and opens them again. */
  public interface Press {
    byte[] file(Picture picture, Encoding encoding);

    /**
     * What a file shows.
     *
     * @param picture that it was made of
     */
    Picture opened(Picture picture, byte[] file, Encoding encoding);

    /** The picture at a share of its size, 0..1. */
    Picture smaller(double scale);
  }

  /**
   * What was found.
   *
   * @param file where nothing fits, the lightest that is alike enough
   * @param likeness to the picture before it was compressed
   * @param scale of the picture's size, 0..1
   * @param fits whether it weighs no more than it may and is alike enough
   */
  public record Found(
      byte[] file, Encoding encoding, double likeness, double scale, boolean fits) {}

  private WeightSearch(Picture picture, WeightLimit limit, Press press) {
    this.picture = picture;
    this.limit = limit;
    this.press = press;
  }

  public static Found find(Picture picture, Encoding encoding, WeightLimit limit, Press press) {
    return new WeightSearch(picture, limit, press).find(encoding);
  }

  private Found find(Encoding encoding) {
    byte[] file = press.file(picture, encoding);
    if (file.length <= limit.mostBytes()) {
      Found whole = judged(picture, file, encoding, 1);
      if (whole.fits()) {
        return whole;
      }
    }
    double scale = 1;
    Found nearest = null;
    while (scale >= LEAST_SCALE) {
      Picture sized = scale == 1 ? picture : press.smaller(scale);
      Found best = bestAt(sized, encoding, scale);
      if (best.fits() || !limit.maySmaller()) {
        return best;
      }
      nearest = best;
      double step = Math.sqrt(limit.mostBytes() / (double) best.file().length);
      scale *= Math.max(LARGEST_STEP, Math.min(SMALLEST_STEP, step));
    }
    return nearest;
  }

  private Found bestAt(Picture sized, Encoding encoding, double scale) {
    if (encoding.quality() == null) {
      return withoutQuality(sized, encoding, scale);
    }
    int low = 0;
    int high = encoding.quality() + 1;
    byte[] fitting = null;
    while (high - low > 1) {
      int middle = (low + high) / 2;
      byte[] file = press.file(sized, encoding.atQuality(middle));
      if (file.length <= limit.mostBytes()) {
        low = middle;
        fitting = file;
      } else {
        high = middle;
      }
    }
    if (fitting != null) {
      Found found = judged(sized, fitting, encoding.atQuality(low), scale);
      if (found.fits()) {
        return found;
      }
    }
    return leastAllowed(sized, encoding, low, scale);
  }

  /** The lightest that is alike enough: it says how near one comes. */
  private Found leastAllowed(Picture sized, Encoding encoding, int tooLow, double scale) {
    int low = tooLow;
    int high = encoding.quality();
    Found nearest = made(sized, encoding, scale);
    while (high - low > 1) {
      int middle = (low + high) / 2;
      Found found = made(sized, encoding.atQuality(middle), scale);
      if (found.likeness() >= limit.leastLikeness()) {
        high = middle;
        nearest = found;
      } else {
        low = middle;
      }
    }
    return nearest;
  }

  /** A palette is all that such a format can give up. */
  private Found withoutQuality(Picture sized, Encoding encoding, double scale) {
    Found plain = made(sized, encoding, scale);
    boolean mayHavePalette =
        encoding instanceof Encoding.Png png && png.palette() == Encoding.Palette.WHEN_EXACT;
    if (plain.fits() || !mayHavePalette) {
      return plain;
    }
    Found indexed = made(sized, new Encoding.Png(Encoding.Palette.ALWAYS), scale);
    return indexed.likeness() >= limit.leastLikeness() ? indexed : plain;
  }

  private Found made(Picture sized, Encoding encoding, double scale) {
    return judged(sized, press.file(sized, encoding), encoding, scale);
  }

  private Found judged(Picture sized, byte[] file, Encoding encoding, double scale) {
    double likeness = Likeness.of(sized, press.opened(sized, file, encoding));
    boolean fits = file.length <= limit.mostBytes() && likeness >= limit.leastLikeness();
    return new Found(file, encoding, likeness, scale, fits);
  }
}
