package org.ablebatch.core.color;

/**
 * OKLab of display colours, quickly: cube roots come from a table of {@value #STEPS} steps, so that
 * the result is within 0.0005 of {@link OkLab}. Ask for the lightness first, then for the two hues
 * of the same colour; one table is for one thread.
 */
public final class LabTable {
  private static final int STEPS = 1 << 15;
  private static final float[] ROOT = new float[STEPS + 2];

  static {
    for (int i = 0; i < ROOT.length; i++) {
      ROOT[i] = (float) Math.cbrt(i / (double) STEPS);
    }
  }

  private float l;
  private float m;
  private float s;

  private LabTable() {}

  public static LabTable create() {
    return new LabTable();
  }

  /** L of 0xRRGGBB; what is above that is ignored. */
  public float light(int rgb) {
    float r = Srgb.toLinear(rgb >> 16 & 0xFF);
    float g = Srgb.toLinear(rgb >> 8 & 0xFF);
    float b = Srgb.toLinear(rgb & 0xFF);
    l = root(0.4122214708f * r + 0.5363325363f * g + 0.0514459929f * b);
    m = root(0.2119034982f * r + 0.6806995451f * g + 0.1073969566f * b);
    s = root(0.0883024619f * r + 0.2817188376f * g + 0.6299787005f * b);
    return 0.2104542553f * l + 0.7936177850f * m - 0.0040720468f * s;
  }

  public float a() {
    return 1.9779984951f * l - 2.4285922050f * m + 0.4505937099f * s;
  }

  public float b() {
    return 0.0259040371f * l + 0.7827717662f * m - 0.8086757660f * s;
  }

  private static float root(float v) {
    float at = Math.max(0, Math.min(1, v)) * STEPS;
    int i = (int) at;
    return ROOT[i] + (at - i) * (ROOT[i + 1] - ROOT[i]);
  }
}
