package org.ablebatch.core.color;

/** sRGB (IEC 61966-2-1): display values 0..255 to linear light 0..1 and back, by table. */
public final class Srgb {
  private static final float[] LINEAR = new float[256];
  private static final int STEPS = 1 << 14;
  private static final byte[] DISPLAY = new byte[STEPS + 1];

  static {
    for (int i = 0; i < 256; i++) {
      double v = i / 255.0;
      LINEAR[i] = (float) (v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4));
    }
    for (int i = 0; i <= STEPS; i++) {
      DISPLAY[i] = (byte) Math.round(encoded((float) i / STEPS) * 255);
    }
  }

  private Srgb() {}

  /** Linear light 0..1 of a display value 0..255. */
  public static float toLinear(int display255) {
    return LINEAR[display255];
  }

  /** Display value 0..255 of linear light; values outside 0..1 are clipped. */
  public static int toDisplay(float linear) {
    float clipped = linear <= 0 ? 0 : Math.min(linear, 1);
    return DISPLAY[(int) (clipped * STEPS + 0.5f)] & 0xFF;
  }

  /** Display value 0..1 of linear light 0..1, not rounded. */
  public static float encoded(float linear) {
    double v = linear;
    return (float) (v <= 0.0031308 ? 12.92 * v : 1.055 * Math.pow(v, 1 / 2.4) - 0.055);
  }

  /** One opaque pixel {@code 0xFFRRGGBB} from linear light. */
  public static int pack(float linearR, float linearG, float linearB) {
    return 0xFF000000 | toDisplay(linearR) << 16 | toDisplay(linearG) << 8 | toDisplay(linearB);
  }
}
