package org.ablebatch.core.scene;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.IntStream;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.reading.AreaShrink;

/**
 * A photograph of the same set without the subject, laid over the picture: shifted by whole pixels
 * and brought to the same exposure. What is behind the subject is then known pixel by pixel.
 *
 * @param photograph the empty set, same size as the picture
 * @param dx so many pixels to the right of a pixel of the picture lies its place in the photograph
 * @param dy the same, downwards
 * @param gain per channel, linear light of the picture over that of the photograph
 */
public record EmptySet(Picture photograph, int dx, int dy, float[] gain) {
  private static final int REACH_PX = 12;
  private static final int SAMPLED = 30_000;

  /** Of the places along the border, so many are left out between two in the first search. */
  private static final int COARSE = 4;

  private static final double RING = 0.06;

  /** Linear light that keeps the quotient of two dark pixels calm. */
  private static final float DARK = 0.006f;

  /**
   * What the bare set becomes when it is divided by itself; leaves room above for bright things.
   */
  private static final float FLAT_GREY = 0.4f;

  private static final float FAR_OFF = 0.4f;

  /** So much of the border shows the set at least; the rest may be subject. */
  private static final double SHARE_OF_SET = 0.7;

  /**
   * Mean difference along that share of the border, as a log quotient, from which it is another
   * set.
   */
  private static final double OTHER_SET = 0.08;

  /**
   * @return empty when the photograph has another size or shows another set
   */
  static Optional<EmptySet> match(Picture picture, Picture photograph) {
    if (picture.width() != photograph.width() || picture.height() != photograph.height()) {
      return Optional.empty();
    }
    int[] places = borderPlaces(picture.width(), picture.height());
    int[] some = IntStream.range(0, places.length / COARSE).map(k -> places[k * COARSE]).toArray();
    Fit near = best(picture, photograph, some.length > 0 ? some : places, 0, 0, REACH_PX, 2);
    Fit best = best(picture, photograph, places, near.dx(), near.dy(), 1, 1);
    return best.setDifference() > OTHER_SET
        ? Optional.empty()
        : Optional.of(new EmptySet(photograph, best.dx(), best.dy(), best.gain()));
  }

  /**
   * @param difference mean over the border, where what is far off counts as so far: to compare
   *     shifts
   * @param setDifference mean over the part that shows the set: to tell whether it is the same set
   */
  private record Fit(int dx, int dy, float[] gain, double difference, double setDifference) {}

  /**
   * The best of all shifts within {@code reach} of a start; of equals the first, from the start.
   */
  private static Fit best(
      Picture picture, Picture photograph, int[] places, int x0, int y0, int reach, int step) {
    Fit best = fit(picture, photograph, places, x0, y0);
    for (int dy = y0 - reach; dy <= y0 + reach; dy += step) {
      for (int dx = x0 - reach; dx <= x0 + reach; dx += step) {
        Fit fit = fit(picture, photograph, places, dx, dy);
        best = fit.difference() < best.difference() - 1e-9 ? fit : best;
      }
    }
    return best;
  }

  private static Fit fit(Picture picture, Picture photograph, int[] places, int dx, int dy) {
    float[][] quotient = new float[3][places.length];
    for (int k = 0; k < places.length; k++) {
      int x = places[k] % picture.width();
      int y = places[k] / picture.width();
      int here = picture.argb()[places[k]];
      int there = photograph.argb()[clamped(photograph, x + dx, y + dy)];
      for (int c = 0; c < 3; c++) {
        quotient[c][k] = (float) Math.log((linear(here, c) + DARK) / (linear(there, c) + DARK));
      }
    }
    float[] gain = new float[3];
    double difference = 0;
    double setDifference = 0;
    for (int c = 0; c < 3; c++) {
      float middle = median(quotient[c].clone());
      gain[c] = (float) Math.exp(middle);
      for (int k = 0; k < places.length; k++) {
        quotient[c][k] = Math.abs(quotient[c][k] - middle);
        difference += Math.min(quotient[c][k], FAR_OFF) / 3 / places.length;
      }
      setDifference += meanOfLowest(quotient[c]) / 3;
    }
    return new Fit(dx, dy, gain, difference, setDifference);
  }

  private static float median(float[] values) {
    Arrays.sort(values);
    return values[values.length / 2];
  }

  /** The mean over the share of the border that shows the set at least. */
  private static double meanOfLowest(float[] values) {
    Arrays.sort(values);
    int count = (int) Math.max(1, SHARE_OF_SET * values.length);
    double sum = 0;
    for (int k = 0; k < count; k++) {
      sum += values[k];
    }
    return sum / count;
  }

  private static int[] borderPlaces(int width, int height) {
    int depth = (int) Math.max(1, RING * Math.min(width, height));
    int step = (int) Math.max(1, Math.sqrt((double) width * height / SAMPLED));
    int[] places = new int[(width / step + 1) * (height / step + 1)];
    int count = 0;
    for (int y = 0; y < height; y += step) {
      boolean wholeRow = y < depth || y >= height - depth;
      for (int x = 0; x < width; x += step) {
        if (wholeRow || x < depth || x >= width - depth) {
          places[count++] = y * width + x;
        }
      }
    }
    return Arrays.copyOf(places, count);
  }

  private static int clamped(Picture picture, int x, int y) {
    int cx = Math.max(0, Math.min(picture.width() - 1, x));
    int cy = Math.max(0, Math.min(picture.height() - 1, y));
    return cy * picture.width() + cx;
  }

  private static float linear(int argb, int channel) {
    return Srgb.toLinear(argb >> 16 - 8 * channel & 0xFF);
  }

  /** Linear light of the empty set at a pixel of the picture, one channel, at its exposure. */
  public float at(int x, int y, int channel) {
    return gain[channel] * linear(photograph.argb()[clamped(photograph, x + dx, y + dy)], channel);
  }

  /** The empty set as the picture sees it, at reading size in linear light. */
  public ColorPlanes planes(int width, int height) {
    ColorPlanes out = AreaShrink.toLinear(laid(), width, height);
    for (int c = 0; c < 3; c++) {
      float[] channel = out.channel(c);
      for (int i = 0; i < channel.length; i++) {
        channel[i] *= gain[c];
      }
    }
    return out;
  }

  private Picture laid() {
    if (dx == 0 && dy == 0) {
      return photograph;
    }
    int[] argb = new int[photograph.argb().length];
    for (int y = 0; y < photograph.height(); y++) {
      for (int x = 0; x < photograph.width(); x++) {
        argb[y * photograph.width() + x] = photograph.argb()[clamped(photograph, x + dx, y + dy)];
      }
    }
    return new Picture(photograph.width(), photograph.height(), argb);
  }

  /**
   * The picture with the set's own pattern and light divided out: where only the set is seen, an
   * even grey, darker in shadow. Linear light in, linear light out.
   */
  static ColorPlanes flatten(ColorPlanes linear, ColorPlanes set) {
    ColorPlanes out = new ColorPlanes(linear.width(), linear.height());
    for (int c = 0; c < 3; c++) {
      float[] seen = linear.channel(c);
      float[] behind = set.channel(c);
      for (int i = 0; i < seen.length; i++) {
        float quotient = (seen[i] + DARK) / (behind[i] + DARK);
        out.channel(c)[i] = Math.min(1, FLAT_GREY * quotient);
      }
    }
    return out;
  }
}
