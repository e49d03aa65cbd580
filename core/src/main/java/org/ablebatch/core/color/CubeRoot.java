package org.ablebatch.core.color;

/**
 * Cube roots of light. A third of the cost of {@link Math#cbrt}, which counts where every pixel
 * needs three; the difference is below 1e-13 of the root, so that the floats made of it are the
 * same.
 */
final class CubeRoot {
  /** Darker than anything that eight or sixteen bits can say. */
  private static final double LEAST = 1e-12;

  /** Of a float's bits taken as a number: a third of it and this are near the root's bits. */
  private static final int THIRD_OF_THE_BIAS = 0x2A508935;

  private CubeRoot() {}

  /**
   * @param light of any size and sign
   */
  static double of(double light) {
    if (light < LEAST) {
      return Math.cbrt(light);
    }
    int bits = Float.floatToRawIntBits((float) light);
    double root = Float.intBitsToFloat(bits / 3 + THIRD_OF_THE_BIAS);
    return nearer(nearer(root, light), light);
  }

  /** Halley's step: an error of e becomes one of about e³ (Gander 1985). */
  private static double nearer(double root, double of) {
    double cube = root * root * root;
    return root * (cube + 2 * of) / (2 * cube + of);
  }
}
