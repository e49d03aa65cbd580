package org.ablebatch.core.dress;

import java.util.List;
import org.ablebatch.core.look.Fill;

/** Colours that run into each other, mixed in linear light. */
final class GradientLayer implements Layer {
  private final Frame frame;
  private final boolean radial;
  private final double cos;
  private final double sin;
  private final double extent;
  private final double[] at;
  private final float[][] colours;
  private final float[] mixed = new float[3];

  GradientLayer(Fill.Gradient gradient, Frame frame) {
    this.frame = frame;
    this.radial = gradient.spread() == Fill.Spread.RADIAL;
    double angle = Math.toRadians(gradient.angle());
    this.cos = Math.cos(angle);
    this.sin = Math.sin(angle);
    this.extent =
        radial
            ? Math.hypot(frame.width(), frame.height()) / 2
            : Math.abs(cos) * frame.width() + Math.abs(sin) * frame.height();
    List<Fill.Stop> stops = gradient.stops();
    this.at = stops.stream().mapToDouble(stop -> stop.at() / 100).toArray();
    this.colours = stops.stream().map(stop -> Over.linear(stop.colour())).toArray(float[][]::new);
  }

  @Override
  public void paint(int y, float[] row) {
    double v = y + 0.5 - frame.height() / 2.0;
    for (int x = 0; x < frame.width(); x++) {
      double u = x + 0.5 - frame.width() / 2.0;
      double way = radial ? Math.sqrt(u * u + v * v) / extent : (u * cos + v * sin) / extent + 0.5;
      mix(way);
      Over.colour(row, x * SubjectRows.CHANNELS, mixed, 1);
    }
  }

  private void mix(double way) {
    int next = 0;
    while (next < at.length && at[next] <= way) {
      next++;
    }
    float[] low = colours[Math.max(0, next - 1)];
    float[] high = colours[Math.min(at.length - 1, next)];
    double from = at[Math.max(0, next - 1)];
    double to = at[Math.min(at.length - 1, next)];
    float share = to > from ? (float) Math.max(0, Math.min(1, (way - from) / (to - from))) : 0;
    for (int c = 0; c < 3; c++) {
      mixed[c] = low[c] + share * (high[c] - low[c]);
    }
  }
}
