package org.ablebatch.core.subject;

import org.ablebatch.core.backdrop.Backdrop;
import org.ablebatch.core.color.ColourGradient;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.PushPull;

/**
 * How each pixel stands to the backdrop surface. A shadow scales linear light and so moves a colour
 * in OKLab along the ray to black: {@code shade} is the position on that ray (1 = lit as expected),
 * {@code otherness} the distance from the ray in units of what noise and tinted shadow allow.
 *
 * @param shade position on the ray to black, 1 = as lit as the backdrop
 * @param otherness 0 = backdrop colour, above 1 = some other colour
 * @param edges strength of the colour edge at the pixel, in noise sigmas
 * @param apart calm places of backdrop-like colour that an edge separates from the border
 * @param markers -1 sure backdrop, 1 sure subject, 0 open
 */
record BackdropLikeness(
    float[] shade, float[] otherness, float[] edges, byte[] markers, boolean[] apart) {
  static final byte BACKDROP = -1;
  static final byte SUBJECT = 1;

  /** Chromatic noise is smaller than the length of the whole residual; shadows are also tinted. */
  private static final float OFF_RAY_SIGMAS = 3.2f;

  private static final float LEAST_OFF_RAY = 0.018f;

  private static final float SHADOW_TINT = 0.07f;
  private static final float BRIGHTER_SIGMAS = 4.5f;
  private static final float LEAST_BRIGHTER = 0.022f;
  private static final float DARKEST_SHADOW = 0.42f;
  private static final float DARKEST_GREY_SHADOW = 0.57f;
  private static final float COLOURLESS = 0.03f;

  /** A smooth way from the border may lead through this much shade and this much extra light. */
  private static final float DARKEST_SMOOTH = 0.55f;

  private static final float BRIGHTEST_SMOOTH = 3f;

  /** Averaged over a few pixels, noise is gone and a much smaller change of hue counts. */
  private static final int STEADY_RADIUS = 2;

  private static final float STEADY_TINT = 0.006f;
  private static final float STEADY_SIGMAS = 1f;
  private static final float SURE_OTHER = 1.25f;
  private static final float CALM = 1.8f;
  private static final float CALM_TEXTURED = 6f;
  private static final float SMOOTH_SIGMA = 0.006f;
  private static final float LIT = 0.97f;
  private static final int SEEN_RADIUS = 6;

  static BackdropLikeness measure(ColorPlanes lab, Backdrop backdrop) {
    return measure(lab, backdrop, 1);
  }

  /**
   * @param floor share of the usual tolerance for noise and tint; below 1 only where there is no
   *     noise, as in flat art
   */
  static BackdropLikeness measure(ColorPlanes lab, Backdrop backdrop, float floor) {
    return measure(lab, backdrop.surface(), backdrop, floor, edges(lab, backdrop.sigma()));
  }

  /**
   * Held against the backdrop as it is seen around every place, carried smoothly across what hides
   * it. That follows steps of light which a polynomial misses, such as the line between wall and
   * floor; a second opinion.
   */
  BackdropLikeness asSeenAround(ColorPlanes lab, Backdrop backdrop, float floor) {
    return measure(lab, seen(lab, backdrop.surface()), backdrop, floor, edges);
  }

  private ColorPlanes seen(ColorPlanes lab, ColorPlanes surface) {
    int w = lab.width();
    int h = lab.height();
    float[] known = new float[markers.length];
    for (int i = 0; i < known.length; i++) {
      known[i] = markers[i] == BACKDROP && shade[i] > LIT ? 1 : 0;
    }
    PushPull carry = new PushPull(known, w, h);
    ColorPlanes out = new ColorPlanes(w, h);
    for (int c = 0; c < 3; c++) {
      float[] rest = new float[known.length];
      for (int i = 0; i < rest.length; i++) {
        rest[i] = lab.channel(c)[i] - surface.channel(c)[i];
      }
      float[] filled = BoxBlur.blur(carry.fill(rest), w, h, SEEN_RADIUS);
      for (int i = 0; i < rest.length; i++) {
        out.channel(c)[i] = surface.channel(c)[i] + filled[i];
      }
    }
    return out;
  }

  private static BackdropLikeness measure(
      ColorPlanes lab, ColorPlanes expected, Backdrop backdrop, float floor, float[] edges) {
    float sigma = backdrop.sigma();
    float noise = floor < 1 ? 0 : sigma;
    int n = lab.c0().length;
    float[] shade = new float[n];
    float[] otherness = new float[n];
    byte[] markers = new byte[n];
    float brightBand = Math.max(floor * LEAST_BRIGHTER, BRIGHTER_SIGMAS * noise);
    float[] aMean = BoxBlur.blur(lab.c1(), lab.width(), lab.height(), STEADY_RADIUS);
    float[] bMean = BoxBlur.blur(lab.c2(), lab.width(), lab.height(), STEADY_RADIUS);
    for (int i = 0; i < n; i++) {
      float bl = Math.max(0.05f, expected.c0()[i]);
      float ba = expected.c1()[i];
      float bb = expected.c2()[i];
      float l = lab.c0()[i];
      float a = lab.c1()[i];
      float b = lab.c2()[i];
      float s = (l * bl + a * ba + b * bb) / (bl * bl + ba * ba + bb * bb);
      float dl = l - s * bl;
      float da = a - s * ba;
      float db = b - s * bb;
      float off = (float) Math.sqrt(dl * dl + da * da + db * db);
      float allowed =
          Math.max(floor * LEAST_OFF_RAY, OFF_RAY_SIGMAS * noise)
              + SHADOW_TINT * Math.max(0, 1 - s);
      float brighter = (s - 1) * bl / brightBand;
      // On a colourless backdrop nothing tells a dark grey thing from a shadow but its darkness.
      boolean colourless = ba * ba + bb * bb < COLOURLESS * COLOURLESS;
      float darkest = colourless ? DARKEST_GREY_SHADOW : DARKEST_SHADOW;
      float darker = s < darkest ? SURE_OTHER + (darkest - s) * 8 : 0;
      shade[i] = s;
      otherness[i] = Math.max(off / allowed, Math.max(brighter, darker));
      float ta = aMean[i] - s * ba;
      float tb = bMean[i] - s * bb;
      float tint = (float) Math.sqrt(ta * ta + tb * tb);
      boolean candidate =
          off < allowed
              && tint < STEADY_TINT + SHADOW_TINT * Math.max(0, 1 - s) + STEADY_SIGMAS * sigma
              && s > DARKEST_SMOOTH
              && brighter < BRIGHTEST_SMOOTH;
      markers[i] = candidate ? BACKDROP : otherness[i] > SURE_OTHER ? SUBJECT : 0;
    }
    boolean[] apart =
        keepCalmBorderBackdrop(markers, edges, mostEdge(sigma), lab.width(), lab.height());
    return new BackdropLikeness(shade, otherness, edges, markers, apart);
  }

  /**
   * Sure backdrop is what the border reaches without crossing an edge: that follows a soft shadow
   * or a bright sweep, but stops at the faint outline of a white jug. Edges count one pixel wider
   * than they are, so that a short break in an outline lets nothing through.
   */
  private static boolean[] keepCalmBorderBackdrop(
      byte[] markers, float[] edges, float mostEdge, int width, int height) {
    boolean[] calm = new boolean[markers.length];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        calm[y * width + x] = isCalm(edges, mostEdge, x, y, width, height);
      }
    }
    boolean[] reached = BorderReach.of(i -> markers[i] == BACKDROP && calm[i], width, height);
    boolean[] apart = new boolean[markers.length];
    for (int i = 0; i < markers.length; i++) {
      if (markers[i] == BACKDROP && !reached[i]) {
        markers[i] = 0;
        apart[i] = calm[i];
      }
    }
    return apart;
  }

  /** The stronger the backdrop's own texture, the stronger an edge must be to count as one. */
  private static float mostEdge(float sigma) {
    float textured = Math.min(1, Math.max(0, (sigma - SMOOTH_SIGMA) / SMOOTH_SIGMA));
    return CALM + textured * (CALM_TEXTURED - CALM);
  }

  private static boolean isCalm(
      float[] edges, float mostEdge, int x, int y, int width, int height) {
    for (int ny = Math.max(0, y - 1); ny <= Math.min(height - 1, y + 1); ny++) {
      for (int nx = Math.max(0, x - 1); nx <= Math.min(width - 1, x + 1); nx++) {
        if (edges[ny * width + nx] > mostEdge) {
          return false;
        }
      }
    }
    return true;
  }

  /** In noise sigmas. */
  private static float[] edges(ColorPlanes lab, float sigma) {
    float[] out = ColourGradient.lengths(lab);
    for (int i = 0; i < out.length; i++) {
      out[i] /= sigma;
    }
    return out;
  }

  /** Above 0 for another colour than the backdrop's, below 0 for the backdrop, shaded or not. */
  float[] evidence() {
    float[] out = new float[otherness.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = otherness[i] - 1;
    }
    return out;
  }

  boolean[] undecided() {
    boolean[] out = new boolean[markers.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = markers[i] == 0 || apart[i];
    }
    return out;
  }
}
