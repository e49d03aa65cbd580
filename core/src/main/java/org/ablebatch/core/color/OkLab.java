package org.ablebatch.core.color;

/**
 * OKLab (Ottosson 2020): L in 0..1, a and b roughly -0.4..0.4. Scaling linear light by {@code k}
 * scales all three by the cube root of {@code k}, so a shadow moves a colour along the ray to
 * black.
 */
public final class OkLab {
  private OkLab() {}

  /** Writes L, a, b of one linear-light colour into {@code lab}. */
  public static void of(float r, float g, float b, float[] lab) {
    double l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
    double m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
    double s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
    lab[0] = (float) (0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s);
    lab[1] = (float) (1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s);
    lab[2] = (float) (0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s);
  }
}
