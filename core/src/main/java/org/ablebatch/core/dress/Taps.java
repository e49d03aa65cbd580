package org.ablebatch.core.dress;

/**
 * For every output position along one axis, which source positions it reads and with what weights:
 * Catmull-Rom (Keys 1981, a = -0.5), widened by the factor of reduction so that nothing aliases.
 *
 * @param first index of the first source position read
 * @param weights weights of the consecutive positions; they add up to the share of the output pixel
 *     that the source covers
 */
record Taps(int[] first, float[][] weights) {
  private static final double SUPPORT = 2;

  static Taps along(int sourceSize, int outputSize, double scale, double offset) {
    int[] first = new int[outputSize];
    float[][] weights = new float[outputSize][];
    double stretch = Math.max(1, 1 / scale);
    for (int o = 0; o < outputSize; o++) {
      double centre = (o + 0.5 - offset) / scale - 0.5;
      int from = (int) Math.ceil(centre - SUPPORT * stretch);
      int to = (int) Math.floor(centre + SUPPORT * stretch);
      double total = 0;
      for (int s = from; s <= to; s++) {
        total += kernel((s - centre) / stretch);
      }
      int low = Math.max(0, from);
      int high = Math.min(sourceSize - 1, to);
      float[] w = new float[Math.max(0, high - low + 1)];
      for (int s = low; s <= high; s++) {
        w[s - low] = (float) (kernel((s - centre) / stretch) / total);
      }
      first[o] = low;
      weights[o] = w;
    }
    return new Taps(first, weights);
  }

  private static double kernel(double t) {
    double x = Math.abs(t);
    if (x < 1) {
      return (1.5 * x - 2.5) * x * x + 1;
    }
    return x < 2 ? ((-0.5 * x + 2.5) * x - 4) * x + 2 : 0;
  }
}
