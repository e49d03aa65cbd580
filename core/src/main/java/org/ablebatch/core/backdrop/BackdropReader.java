package org.ablebatch.core.backdrop;

import java.util.Arrays;
import java.util.Optional;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Plane;

/**
 * Reads the backdrop: a robust surface through the border ring, then grown inwards over everything
 * connected to the border that it explains, and refitted with more freedom as its support grows.
 */
public final class BackdropReader {
  private static final double RING = 0.04;
  private static final float LIKELY_SUBJECT = 0.7f;
  private static final double LEAST_RING = 0.3;
  private static final float LEAST_SIGMA = 0.004f;
  private static final int[] DEGREES = {1, 2, 3, 3};
  private static final float MAIN_COLOUR_REACH = 2.5f;
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
    boolean[] ring = ring(lab.width(), lab.height());
    boolean[] taken = new boolean[ring.length];
    if (subject.isPresent()) {
      leaveOut(ring, taken, subject.get().values());
    }
    boolean[] support = mainColour(lab, ring);
    ColorPlanes surface = null;
    float sigma = LEAST_SIGMA;
    for (int degree : DEGREES) {
      surface = planes(SurfaceFitter.fit(lab, support, degree, LEAST_SIGMA), lab);
      sigma = Math.max(LEAST_SIGMA, sigma(lab, surface, support));
      support = grow(lab, surface, sigma, ring, taken);
      if (count(support) < count(ring) / 4) {
        support = ring;
      }
    }
    surface = followMottling(lab, surface, support);
    return describe(lab, surface, sigma(lab, surface, support), ring);
  }

  /** Takes the likely subject out of the ring, as long as enough of the ring remains. */
  private static void leaveOut(boolean[] ring, boolean[] taken, float[] subject) {
    int left = 0;
    for (int i = 0; i < ring.length; i++) {
      left += ring[i] && subject[i] < LIKELY_SUBJECT ? 1 : 0;
    }
    if (left < LEAST_RING * count(ring)) {
      return;
    }
    for (int i = 0; i < ring.length; i++) {
      taken[i] = subject[i] >= LIKELY_SUBJECT;
      ring[i] &= !taken[i];
    }
  }

  private static Backdrop describe(
      ColorPlanes lab, ColorPlanes surface, float measuredSigma, boolean[] ring) {
    float sigma = Math.max(LEAST_SIGMA, measuredSigma);
    float low = Float.MAX_VALUE;
    float high = -Float.MAX_VALUE;
    int explained = 0;
    int total = 0;
    for (int i = 0; i < ring.length; i++) {
      if (ring[i]) {
        low = Math.min(low, surface.c0()[i]);
        high = Math.max(high, surface.c0()[i]);
        total++;
        explained +=
            distance(lab, surface, i) < Math.max(LEAST_REACH, REACH_SIGMAS * sigma) ? 1 : 0;
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

  private static boolean[] ring(int width, int height) {
    int depth = (int) Math.max(1, Math.round(RING * Math.min(width, height)));
    boolean[] ring = new boolean[width * height];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        ring[y * width + x] = x < depth || y < depth || x >= width - depth || y >= height - depth;
      }
    }
    return ring;
  }

  /**
   * The border pixels near the border's median colour. Starting from them keeps a subject that
   * fills one whole side of the border from bending the first fit.
   */
  private static boolean[] mainColour(ColorPlanes lab, boolean[] ring) {
    float[] median = new float[3];
    for (int c = 0; c < 3; c++) {
      float[] values = new float[count(ring)];
      int n = 0;
      for (int i = 0; i < ring.length; i++) {
        if (ring[i]) {
          values[n++] = lab.channel(c)[i];
        }
      }
      Arrays.sort(values);
      median[c] = values[n / 2];
    }
    float[] distances = new float[ring.length];
    float[] sorted = new float[count(ring)];
    int n = 0;
    for (int i = 0; i < ring.length; i++) {
      if (ring[i]) {
        float l = lab.c0()[i] - median[0];
        float a = lab.c1()[i] - median[1];
        float b = lab.c2()[i] - median[2];
        distances[i] = (float) Math.sqrt(l * l + a * a + b * b);
        sorted[n++] = distances[i];
      }
    }
    Arrays.sort(sorted);
    float reach = Math.max(4 * LEAST_SIGMA, MAIN_COLOUR_REACH * sorted[n / 2]);
    boolean[] near = new boolean[ring.length];
    for (int i = 0; i < ring.length; i++) {
      near[i] = ring[i] && distances[i] <= reach;
    }
    return near;
  }

  /** Everything the surface explains that hangs together with an explained border pixel. */
  private static boolean[] grow(
      ColorPlanes lab, ColorPlanes surface, float sigma, boolean[] ring, boolean[] taken) {
    boolean[] like = new boolean[ring.length];
    for (int i = 0; i < like.length; i++) {
      like[i] = !taken[i] && distance(lab, surface, i) < REACH_SIGMAS * sigma;
    }
    Components parts = Components.of(like, lab.width(), lab.height(), false);
    boolean[] touches = new boolean[parts.regions().size() + 1];
    for (int i = 0; i < ring.length; i++) {
      touches[parts.labels()[i]] |= ring[i];
    }
    touches[0] = false;
    boolean[] out = new boolean[ring.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = touches[parts.labels()[i]];
    }
    return out;
  }

  private static ColorPlanes planes(Surface surface, ColorPlanes like) {
    float[][] channels = surface.on(like.width(), like.height());
    return new ColorPlanes(like.width(), like.height(), channels[0], channels[1], channels[2]);
  }

  /** Adds the slow part of what the polynomial leaves over, where the backdrop is seen. */
  private static ColorPlanes followMottling(
      ColorPlanes lab, ColorPlanes surface, boolean[] support) {
    int width = lab.width();
    int height = lab.height();
    int radius = Math.max(2, Math.min(width, height) / 24);
    float[] weight = new float[support.length];
    for (int i = 0; i < weight.length; i++) {
      weight[i] = support[i] ? 1 : 0;
    }
    float[] weightMean = BoxBlur.blur(weight, width, height, radius);
    ColorPlanes out = new ColorPlanes(width, height);
    for (int c = 0; c < 3; c++) {
      float[] rest = new float[support.length];
      for (int i = 0; i < rest.length; i++) {
        rest[i] = support[i] ? lab.channel(c)[i] - surface.channel(c)[i] : 0;
      }
      float[] restMean = BoxBlur.blur(rest, width, height, radius);
      for (int i = 0; i < rest.length; i++) {
        // Dividing by at least a tenth lets the correction fade out under the subject.
        out.channel(c)[i] = surface.channel(c)[i] + restMean[i] / Math.max(weightMean[i], 0.1f);
      }
    }
    return out;
  }

  private static float sigma(ColorPlanes lab, ColorPlanes surface, boolean[] support) {
    float[] distances = new float[count(support)];
    int n = 0;
    for (int i = 0; i < support.length; i++) {
      if (support[i]) {
        distances[n++] = distance(lab, surface, i);
      }
    }
    Arrays.sort(distances);
    // The length of a three-channel residual has its median at 1.54 sigma of one channel.
    double perChannel = distances[n / 2] / 1.538;
    return (float) perChannel;
  }

  private static float distance(ColorPlanes lab, ColorPlanes surface, int i) {
    float l = lab.c0()[i] - surface.c0()[i];
    float a = lab.c1()[i] - surface.c1()[i];
    float b = lab.c2()[i] - surface.c2()[i];
    return (float) Math.sqrt(l * l + a * a + b * b);
  }

  private static int count(boolean[] set) {
    int count = 0;
    for (boolean b : set) {
      count += b ? 1 : 0;
    }
    return count;
  }
}
