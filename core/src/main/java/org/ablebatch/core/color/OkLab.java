package org.ablebatch.core.color;

import org.ablebatch.core.raster.ColorPlanes;

/**
 * OKLab (Ottosson 2020): L in 0..1, a and b roughly -0.4..0.4. Scaling linear light by {@code k}
 * scales all three by the cube root of {@code k}, so a shadow moves a colour along the ray to
 * black.
 */
public final class OkLab {
  private OkLab() {}

  /** Writes L, a, b of one linear-light colour into {@code lab}. */
  public static void of(float r, float g, float b, float[] lab) {
    double l = CubeRoot.of(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
    double m = CubeRoot.of(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
    double s = CubeRoot.of(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
    lab[0] = (float) (0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s);
    lab[1] = (float) (1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s);
    lab[2] = (float) (0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s);
  }

  /**
   * L, a, b of one display colour.
   *
   * @param rgb 0xRRGGBB; what is above that is ignored
   */
  public static float[] ofDisplay(int rgb) {
    float[] lab = new float[3];
    of(
        Srgb.toLinear(rgb >> 16 & 0xFF),
        Srgb.toLinear(rgb >> 8 & 0xFF),
        Srgb.toLinear(rgb & 0xFF),
        lab);
    return lab;
  }

  /** Distance of two colours of OKLab planes. */
  public static float distance(ColorPlanes a, int i, ColorPlanes b, int j) {
    float l = a.c0()[i] - b.c0()[j];
    float u = a.c1()[i] - b.c1()[j];
    float v = a.c2()[i] - b.c2()[j];
    return (float) Math.sqrt(l * l + u * u + v * v);
  }

  /** Linear-light R, G, B planes, clipped to 0..1, of L, a, b planes; input unchanged. */
  public static ColorPlanes toLinear(ColorPlanes lab) {
    ColorPlanes out = new ColorPlanes(lab.width(), lab.height());
    for (int i = 0; i < lab.c0().length; i++) {
      double light = lab.c0()[i];
      double a = lab.c1()[i];
      double b = lab.c2()[i];
      double l = cube(light + 0.3963377774 * a + 0.2158037573 * b);
      double m = cube(light - 0.1055613458 * a - 0.0638541728 * b);
      double s = cube(light - 0.0894841775 * a - 1.2914855480 * b);
      out.c0()[i] = clip(4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s);
      out.c1()[i] = clip(-1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s);
      out.c2()[i] = clip(-0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s);
    }
    return out;
  }

  private static double cube(double v) {
    return v * v * v;
  }

  private static float clip(double v) {
    return (float) Math.max(0, Math.min(1, v));
  }
}
