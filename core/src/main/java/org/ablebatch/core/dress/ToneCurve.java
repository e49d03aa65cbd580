package org.ablebatch.core.dress;

import org.ablebatch.core.look.Tone;

/**
 * What a tone does to one colour in OKLab. Matching brings mean and spread of each channel to the
 * reference's (Reinhard et al., Color Transfer between Images, 2001); the curve is monotone between
 * its points (Fritsch and Carlson, Monotone Piecewise Cubic Interpolation, 1980).
 */
final class ToneCurve {
  /** What 100 of each means, in OKLab. */
  private static final double BRIGHTNESS = 0.25;

  private static final double CONTRAST = 0.6;
  private static final double WARMTH = 0.045;
  private static final double ENDS = 0.2;

  /** Contrast turns around middle grey. */
  private static final double MIDDLE = 0.6;

  /** A channel is stretched or squeezed at most so much: few colours say little about spread. */
  private static final double MOST_STRETCH = 2;

  /** Where balanced light begins and ends, in OKLab. */
  private static final double DARKEST = 0.14;

  private static final double LIGHTEST = 0.95;

  /** Light is spread at most so much: fog stays fog. */
  private static final double MOST_SPREAD = 2.5;

  private final Tone tone;
  private final ToneStatistics own;
  private final MonotoneCurve curve;

  ToneCurve(Tone tone, ToneStatistics own) {
    this.tone = tone;
    this.own = own;
    this.curve = tone.curve().isEmpty() ? null : new MonotoneCurve(tone.curve());
  }

  /**
   * @param lab L, a, b; changed
   */
  void change(float[] lab) {
    if (own != null && tone.reference() != null && tone.match() > 0) {
      match(lab);
    }
    double light = balanced(lab[0]);
    light += BRIGHTNESS * tone.brightness() / 100 * (1 - Math.abs(2 * light - 1) / 2);
    double steep = Math.exp(CONTRAST * tone.contrast() / 100);
    light = MIDDLE + (light - MIDDLE) * steep;
    double high = smooth((light - 0.5) / 0.5);
    double low = 1 - smooth(light / 0.6);
    light += ENDS * (high * tone.highlights() + low * light * 2 * tone.shadows()) / 100;
    light = Math.max(0, Math.min(1, light));
    double before = lab[0];
    lab[0] = (float) (curve == null ? light : curve.at(light));
    // Black and white have no hue to be warmed.
    double room = 4 * lab[0] * (1 - lab[0]);
    double colour = 1 + tone.saturation() / 100;
    double kept = before <= 0 ? 1 : Math.min(1.2, Math.cbrt(lab[0] / before));
    double warm = WARMTH * tone.warmth() / 100 * Math.min(1, room);
    lab[1] = (float) (lab[1] * colour * kept + 0.3 * warm);
    lab[2] = (float) (lab[2] * colour * kept + warm);
  }

  /** What is dark enough and light enough already stays where it is. */
  private double balanced(double light) {
    if (own == null || tone.balance() == 0) {
      return light;
    }
    double toLow = Math.min(own.lowL(), DARKEST);
    double toHigh = Math.max(own.highL(), LIGHTEST);
    double spread = Math.max(1e-3, own.highL() - own.lowL());
    double stretch = Math.min(MOST_SPREAD, (toHigh - toLow) / spread);
    double spreadOut = toHigh - (own.highL() - light) * stretch;
    return light + tone.balance() / 100 * (spreadOut - light);
  }

  private void match(float[] lab) {
    Tone.Reference to = tone.reference();
    double share = tone.match() / 100;
    lab[0] +=
        share * (moved(lab[0], own.meanL(), own.spreadL(), to.meanL(), to.spreadL()) - lab[0]);
    lab[1] +=
        share * (moved(lab[1], own.meanA(), own.spreadA(), to.meanA(), to.spreadA()) - lab[1]);
    lab[2] +=
        share * (moved(lab[2], own.meanB(), own.spreadB(), to.meanB(), to.spreadB()) - lab[2]);
  }

  private static double moved(
      double value, double mean, double spread, double toMean, double toSpread) {
    double stretch = spread <= 0 ? 1 : toSpread / spread;
    stretch = Math.max(1 / MOST_STRETCH, Math.min(MOST_STRETCH, stretch));
    return toMean + (value - mean) * stretch;
  }

  private static double smooth(double t) {
    double c = Math.max(0, Math.min(1, t));
    return c * c * (3 - 2 * c);
  }
}
