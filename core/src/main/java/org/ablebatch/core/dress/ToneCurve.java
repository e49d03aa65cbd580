package org.ablebatch.core.dress;

import org.ablebatch.core.look.Tone;

/**
 * What a tone does to one colour in OKLab. Matching brings mean and spread of each channel to the
 * reference's (Reinhard et al., Color Transfer between Images, 2001).
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

  private final Tone tone;
  private final ToneStatistics own;

  ToneCurve(Tone tone, ToneStatistics own) {
    this.tone = tone;
    this.own = own;
  }

  /**
   * @param lab L, a, b; changed
   */
  void change(float[] lab) {
    if (own != null && tone.reference() != null && tone.match() > 0) {
      match(lab);
    }
    double light = lab[0];
    light += BRIGHTNESS * tone.brightness() / 100 * (1 - Math.abs(2 * light - 1) / 2);
    double steep = Math.exp(CONTRAST * tone.contrast() / 100);
    light = MIDDLE + (light - MIDDLE) * steep;
    double high = smooth((light - 0.5) / 0.5);
    double low = 1 - smooth(light / 0.6);
    light += ENDS * (high * tone.highlights() + low * light * 2 * tone.shadows()) / 100;
    double before = lab[0];
    lab[0] = (float) Math.max(0, Math.min(1, light));
    // Black and white have no hue to be warmed.
    double room = 4 * lab[0] * (1 - lab[0]);
    double colour = 1 + tone.saturation() / 100;
    double kept = before <= 0 ? 1 : Math.min(1.2, Math.cbrt(lab[0] / before));
    double warm = WARMTH * tone.warmth() / 100 * Math.min(1, room);
    lab[1] = (float) (lab[1] * colour * kept + 0.3 * warm);
    lab[2] = (float) (lab[2] * colour * kept + warm);
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
