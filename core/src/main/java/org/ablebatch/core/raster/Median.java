package org.ablebatch.core.raster;

/** The middle of values without sorting them all (Hoare 1961, <i>Find</i>). */
public final class Median {
  private Median() {}

  /**
   * The value that would stand at half of the length if they were sorted.
   *
   * @param values at least one, none NaN; they are put into another order
   */
  public static double of(double[] values) {
    int wanted = values.length / 2;
    int low = 0;
    int high = values.length - 1;
    while (low < high) {
      double pivot = values[(low + high) >>> 1];
      int i = low;
      int j = high;
      while (i <= j) {
        while (values[i] < pivot) {
          i++;
        }
        while (pivot < values[j]) {
          j--;
        }
        if (i <= j) {
          double swap = values[i];
          values[i++] = values[j];
          values[j--] = swap;
        }
      }
      if (wanted <= j) {
        high = j;
      } else if (wanted >= i) {
        low = i;
      } else {
        break;
      }
    }
    return values[wanted];
  }
}
