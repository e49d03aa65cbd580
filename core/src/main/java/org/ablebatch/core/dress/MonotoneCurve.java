package org.ablebatch.core.dress;

import java.util.List;
import org.ablebatch.core.look.Tone;

/**
 * A smooth curve through points that never swings past them (Fritsch and Carlson, Monotone
 * Piecewise Cubic Interpolation, SIAM J. Numer. Anal. 17, 1980).
 */
final class MonotoneCurve {
  private static final double STEEPEST = 3;

  private final double[] xs;
  private final double[] ys;
  private final double[] slopes;

  /**
   * @param points two or more, rising in {@code at}
   */
  MonotoneCurve(List<Tone.Point> points) {
    int n = points.size();
    xs = new double[n];
    ys = new double[n];
    for (int i = 0; i < n; i++) {
      xs[i] = points.get(i).at() / 100;
      ys[i] = points.get(i).to() / 100;
    }
    double[] chords = new double[n - 1];
    for (int i = 0; i < n - 1; i++) {
      chords[i] = (ys[i + 1] - ys[i]) / (xs[i + 1] - xs[i]);
    }
    slopes = new double[n];
    slopes[0] = chords[0];
    slopes[n - 1] = chords[n - 2];
    for (int i = 1; i < n - 1; i++) {
      boolean turns = chords[i - 1] * chords[i] <= 0;
      slopes[i] = turns ? 0 : (chords[i - 1] + chords[i]) / 2;
    }
    for (int i = 0; i < n - 1; i++) {
      soften(i, chords[i]);
    }
  }

  /** Slopes inside the circle of radius 3 keep the piece monotone. */
  private void soften(int i, double chord) {
    if (chord == 0) {
      slopes[i] = 0;
      slopes[i + 1] = 0;
      return;
    }
    double a = slopes[i] / chord;
    double b = slopes[i + 1] / chord;
    double far = Math.hypot(a, b);
    if (far > STEEPEST) {
      slopes[i] = STEEPEST / far * a * chord;
      slopes[i + 1] = STEEPEST / far * b * chord;
    }
  }

  /** Level outside the first and the last point. */
  double at(double x) {
    int last = xs.length - 1;
    if (x <= xs[0]) {
      return ys[0];
    }
    if (x >= xs[last]) {
      return ys[last];
    }
    int i = 0;
    while (x > xs[i + 1]) {
      i++;
    }
    double h = xs[i + 1] - xs[i];
    double t = (x - xs[i]) / h;
    double u = 1 - t;
    return ys[i] * (1 + 2 * t) * u * u
        + slopes[i] * h * t * u * u
        + ys[i + 1] * t * t * (3 - 2 * t)
        - slopes[i + 1] * h * t * t * u;
  }
}
