package org.ablebatch.core.weight;

import java.util.List;

/**
 * What files of one spec weigh, judged from a few that were made: a part that all frames have in
 * common and a part that grows with how much of the subject there is to be seen and how much detail
 * its photograph has. Fitted by least squares, neither part below zero.
 */
public final class WeightModel {
  private final double base;
  private final double each;

  private WeightModel(double base, double each) {
    this.base = base;
    this.each = each;
  }

  /**
   * A file that was made.
   *
   * @param load of its picture, as {@link #load} reckons it
   */
  public record Sample(double load, long bytes) {}

  /**
   * How much there is to be compressed.
   *
   * @param subjectPixels that the subject takes in the file
   * @param enlargement above 1 brings no more detail
   * @param bytesAPixel of the original file
   */
  public static double load(double subjectPixels, double enlargement, double bytesAPixel) {
    double seen = subjectPixels / Math.max(1, enlargement * enlargement);
    return seen * Math.sqrt(Math.max(0.02, bytesAPixel));
  }

  /**
   * @param samples at least one
   */
  public static WeightModel of(List<Sample> samples) {
    double n = samples.size();
    double meanLoad = samples.stream().mapToDouble(Sample::load).average().orElse(0);
    double meanBytes = samples.stream().mapToDouble(Sample::bytes).average().orElse(0);
    double spread = 0;
    double together = 0;
    for (Sample s : samples) {
      spread += (s.load() - meanLoad) * (s.load() - meanLoad);
      together += (s.load() - meanLoad) * (s.bytes() - meanBytes);
    }
    if (n < 3 || spread == 0 || together <= 0) {
      return new WeightModel(meanBytes, 0);
    }
    double each = together / spread;
    double base = meanBytes - each * meanLoad;
    if (base >= 0) {
      return new WeightModel(base, each);
    }
    double squares = samples.stream().mapToDouble(s -> s.load() * s.load()).sum();
    double products = samples.stream().mapToDouble(s -> s.load() * s.bytes()).sum();
    return new WeightModel(0, products / squares);
  }

  public long bytes(double load) {
    return Math.round(base + each * load);
  }
}
