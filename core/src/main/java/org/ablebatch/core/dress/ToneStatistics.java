package org.ablebatch.core.dress;

import java.util.List;
import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.look.Tone;
import org.ablebatch.core.raster.Picture;

/**
 * Mean and standard deviation of a subject's colours in OKLab, weighted by coverage.
 *
 * @param lowL lightness that two percent of it lie below
 * @param highL lightness that two percent of it lie above
 */
public record ToneStatistics(
    double meanL,
    double meanA,
    double meanB,
    double spreadL,
    double spreadA,
    double spreadB,
    double lowL,
    double highL) {
  private static final double ENDS = 0.02;
  private static final int STEPS = 256;
  private static final int MOST_SAMPLES = 40_000;

  /**
   * @param cutout with transparency; at least one covered pixel, else all is 0
   */
  public static ToneStatistics of(Picture cutout) {
    int step = Math.max(1, cutout.argb().length / MOST_SAMPLES);
    double[] sum = new double[3];
    double[] squares = new double[3];
    double[] lightness = new double[STEPS];
    double weight = 0;
    for (int i = 0; i < cutout.argb().length; i += step) {
      int pixel = cutout.argb()[i];
      double alpha = (pixel >>> 24) / 255.0;
      if (alpha > 0) {
        float[] lab = OkLab.ofDisplay(pixel);
        weight += alpha;
        lightness[(int) Math.max(0, Math.min(STEPS - 1, lab[0] * STEPS))] += alpha;
        for (int c = 0; c < 3; c++) {
          sum[c] += alpha * lab[c];
          squares[c] += alpha * lab[c] * lab[c];
        }
      }
    }
    if (weight == 0) {
      return new ToneStatistics(0, 0, 0, 0, 0, 0, 0, 1);
    }
    double[] mean = new double[3];
    double[] spread = new double[3];
    for (int c = 0; c < 3; c++) {
      mean[c] = sum[c] / weight;
      spread[c] = Math.sqrt(Math.max(0, squares[c] / weight - mean[c] * mean[c]));
    }
    return new ToneStatistics(
        mean[0],
        mean[1],
        mean[2],
        spread[0],
        spread[1],
        spread[2],
        quantile(lightness, ENDS * weight),
        quantile(lightness, (1 - ENDS) * weight));
  }

  private static double quantile(double[] histogram, double weight) {
    double sum = 0;
    for (int i = 0; i < histogram.length; i++) {
      sum += histogram[i];
      if (sum >= weight) {
        return (i + 0.5) / histogram.length;
      }
    }
    return 1;
  }

  public Tone.Reference asReference(String of) {
    return new Tone.Reference(of, meanL, meanA, meanB, spreadL, spreadA, spreadB);
  }

  /** As they become under a tone, by what it does to the colours at one spread around the mean. */
  public ToneStatistics under(Tone tone) {
    ToneCurve curve = new ToneCurve(tone, this);
    double[] mean = new double[3];
    double[] spread = new double[3];
    double[] own = {meanL, meanA, meanB};
    double[] ownSpread = {spreadL, spreadA, spreadB};
    for (int c = 0; c < 3; c++) {
      float[] low = {(float) meanL, (float) meanA, (float) meanB};
      float[] high = low.clone();
      low[c] = (float) (own[c] - ownSpread[c]);
      high[c] = (float) (own[c] + ownSpread[c]);
      curve.change(low);
      curve.change(high);
      mean[c] = (low[c] + high[c]) / 2;
      spread[c] = Math.abs(high[c] - low[c]) / 2;
    }
    float[] low = {(float) lowL, (float) meanA, (float) meanB};
    float[] high = {(float) highL, (float) meanA, (float) meanB};
    curve.change(low);
    curve.change(high);
    return new ToneStatistics(
        mean[0], mean[1], mean[2], spread[0], spread[1], spread[2], low[0], high[0]);
  }

  /**
   * How far the subjects of a set stand apart: the mean difference of two of them in mean and
   * spread, in OKLab × 100. 0 = all alike, or fewer than two.
   */
  public static double cohesion(List<ToneStatistics> set) {
    double sum = 0;
    int pairs = 0;
    for (int i = 0; i < set.size(); i++) {
      for (int j = i + 1; j < set.size(); j++) {
        sum += set.get(i).distance(set.get(j));
        pairs++;
      }
    }
    return pairs == 0 ? 0 : 100 * sum / pairs;
  }

  private double distance(ToneStatistics o) {
    double l = meanL - o.meanL;
    double a = meanA - o.meanA;
    double b = meanB - o.meanB;
    double sl = spreadL - o.spreadL;
    double sa = spreadA - o.spreadA;
    double sb = spreadB - o.spreadB;
    return Math.sqrt(l * l + a * a + b * b + sl * sl + sa * sa + sb * sb);
  }
}
