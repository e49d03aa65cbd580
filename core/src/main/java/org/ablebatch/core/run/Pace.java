package org.ablebatch.core.run;

import java.util.List;

/**
 * How long a picture takes on one worker: a fixed part and a part by its pixels, fitted to what was
 * cut before by least squares; neither part is ever below nothing.
 *
 * @param fixedSeconds for any picture
 * @param secondsPerMegapixel on top
 */
public record Pace(double fixedSeconds, double secondsPerMegapixel) {

  /** One picture that was cut. */
  public record Sample(double megapixels, double seconds) {}

  /**
   * @param samples at least one
   */
  public static Pace of(List<Sample> samples) {
    double n = samples.size();
    double meanX = samples.stream().mapToDouble(Sample::megapixels).sum() / n;
    double meanY = samples.stream().mapToDouble(Sample::seconds).sum() / n;
    double xx = 0;
    double xy = 0;
    for (Sample s : samples) {
      xx += (s.megapixels - meanX) * (s.megapixels - meanX);
      xy += (s.megapixels - meanX) * (s.seconds - meanY);
    }
    double slope = xx > 1e-9 ? xy / xx : 0;
    double fixed = meanY - slope * meanX;
    if (slope < 0) {
      return new Pace(meanY, 0);
    }
    return fixed < 0 ? new Pace(0, meanX > 0 ? meanY / meanX : 0) : new Pace(fixed, slope);
  }

  /** Seconds of one worker's time for so many pictures of so many megapixels together. */
  public double seconds(long pictures, double megapixels) {
    return pictures * fixedSeconds + megapixels * secondsPerMegapixel;
  }
}
